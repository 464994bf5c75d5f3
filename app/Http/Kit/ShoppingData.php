<?php

namespace App\Http\Kit;

use App\Http\Shared\Shown;
use App\Models\Programme;
use App\Models\Version;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Kit\Kit;
use Jornel\Core\Kit\KitCost;
use Jornel\Core\Kit\ShoppingLine;
use Jornel\Core\Quantity\Sentence;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Shopping', description: 'One list for several rooms, packs shared among them', required: ['rooms', 'lines', 'to_buy', 'per_change', 'years', 'changes', 'energy', 'total', 'per_clean_air', 'misfits', 'beyond', 'sheets', 'bound', 'used_share'], properties: [
    new OA\Property(property: 'rooms', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'name', 'site', 'build', 'units', 'version'], properties: [
        new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'site', type: 'string'), new OA\Property(property: 'build', type: 'string'),
        new OA\Property(property: 'units', type: 'integer'), new OA\Property(property: 'version', type: 'integer'),
    ])),
    new OA\Property(property: 'lines', type: 'array', items: new OA\Items(type: 'object', required: ['part', 'kind', 'name', 'needed', 'from_stock', 'packs', 'pieces', 'left_over', 'price', 'note', 'ticked', 'by', 'at'], properties: [
        new OA\Property(property: 'part', type: 'string'), new OA\Property(property: 'kind', type: 'string'), new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'needed', type: 'integer'), new OA\Property(property: 'from_stock', type: 'integer'), new OA\Property(property: 'packs', type: 'string', description: 'Empty where nothing is bought'),
        new OA\Property(property: 'pieces', type: 'integer', description: 'In those packs'), new OA\Property(property: 'left_over', type: 'integer'), new OA\Property(property: 'price', type: 'string'), new OA\Property(property: 'note', type: 'string'),
        new OA\Property(property: 'ticked', type: 'boolean'), new OA\Property(property: 'by', type: 'string'), new OA\Property(property: 'at', type: 'integer', description: 'ms since 1970; 0 for never'),
    ])),
    new OA\Property(property: 'to_buy', type: 'string'), new OA\Property(property: 'per_change', type: 'string'),
    new OA\Property(property: 'years', type: 'string'), new OA\Property(property: 'changes', type: 'integer'), new OA\Property(property: 'energy', type: 'string'), new OA\Property(property: 'total', type: 'string'),
    new OA\Property(property: 'per_clean_air', ref: Shown::class, description: 'Of that, by its share of smoke caught'),
    new OA\Property(property: 'misfits', type: 'array', items: new OA\Items(type: 'string'), description: 'Builds in which the sizes measured since do not go together, and why'),
    new OA\Property(property: 'beyond', type: 'integer', description: 'Rooms with a build that are too many for one list and not on it'),
    new OA\Property(property: 'sheets', type: 'integer'), new OA\Property(property: 'bound', type: 'integer'), new OA\Property(property: 'used_share', type: 'number'),
])]
final readonly class ShoppingData
{
    /**
     * @param  list<Version>  $versions
     * @param  list<string>  $misfits
     * @param  int  $beyond  rooms that are not on it
     * @return array<string, mixed>
     */
    public static function of(Programme $programme, array $versions, ?Kit $kit, Pollutant $pollutant, array $misfits, int $beyond): array
    {
        $ticks = DB::table('shopping_ticks')->leftJoin('people', 'people.id', 'shopping_ticks.person_id')->where('programme_id', $programme->id)->get(['part', 'ticked', 'ticked_at', 'people.name'])->keyBy('part');
        $all = $kit === null ? null : KitCost::of($kit, $programme->economy(), $programme->air());
        $cost = $all?->cost;

        return [
            'rooms' => array_map(fn (Version $version): array => [
                'id' => $version->build->room_id, 'name' => $version->build->room->name, 'site' => $version->build->room->site->name, 'build' => $version->build->name, 'units' => $version->units, 'version' => $version->id,
            ], $versions),
            'lines' => array_map(fn (ShoppingLine $line): array => [
                'part' => $line->part, 'kind' => $line->kind->value, 'name' => $line->name, 'needed' => $line->needed, 'from_stock' => $line->fromStock,
                'packs' => $line->packs->text(), 'pieces' => $line->bought(), 'left_over' => $line->packs->leftOver, 'price' => (string) $line->packs->price, 'note' => $line->note,
                'ticked' => (bool) ($ticks[$line->part]->ticked ?? false), 'by' => (string) ($ticks[$line->part]->name ?? ''),
                'at' => isset($ticks[$line->part]) ? (int) Carbon::parse($ticks[$line->part]->ticked_at)->valueOf() : 0,
            ], $kit->list->lines ?? []),
            'to_buy' => (string) ($kit?->list->firstCost() ?? '0.00'), 'per_change' => (string) ($kit?->list->changeCost() ?? '0.00'),
            'years' => $cost?->economy->spanTold() ?? '', 'changes' => $cost->economy->changes ?? 0, 'energy' => (string) ($cost->energyCost ?? '0.00'), 'total' => (string) ($cost->total ?? '0.00'),
            'per_clean_air' => Shown::sentence($all?->perCleanAirTold($pollutant) ?? Sentence::plain('')),
            'misfits' => $misfits, 'beyond' => $beyond,
            'sheets' => count($kit->plan->layout->sheets ?? []), 'bound' => $kit->plan->bound ?? 0, 'used_share' => round($kit?->plan->layout->usedShare() ?? 0.0, 4),
        ];
    }
}
