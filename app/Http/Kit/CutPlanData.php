<?php

namespace App\Http\Kit;

use App\Actions\PlanKit;
use App\Http\Shared\Shown;
use App\Models\Version;
use App\Sheet\CutFiles;
use Illuminate\Support\Str;
use Jornel\Core\Cut\CutHole;
use Jornel\Core\Cut\CutPart;
use Jornel\Core\Cut\CutPlan;
use Jornel\Core\CutFile\Heading;
use Jornel\Core\CutFile\Paper;
use Jornel\Core\CutFile\PartDrawing;
use Jornel\Core\CutFile\PrintedPart;
use Jornel\Core\CutFile\PrintedParts;
use Jornel\Core\CutFile\Tiling;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Kit\CartonAtHand;
use Jornel\Core\Kit\CutPlanEntry;
use Jornel\Core\Kit\Kit;
use Jornel\Core\Kit\SizeCheck;
use Jornel\Core\Kit\Substitute;
use Jornel\Core\Nest\FilledSheet;
use Jornel\Core\Nest\PinnedBadly;
use Jornel\Core\Nest\Placement;
use Jornel\Core\Nest\StockSheet;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Shape\Design;
use OpenApi\Attributes as OA;

/** The parts of a version on their sheets, in mm, y up from the lower left corner of each sheet. */
#[OA\Schema(schema: 'CutPlan', required: ['revision', 'written', 'loose', 'misfit', 'parts', 'sheets', 'used_share', 'bound', 'sizes', 'is_measured', 'printed', 'carton', 'substitutes', 'one_more', 'window'], properties: [
    new OA\Property(property: 'revision', type: 'integer'),
    new OA\Property(property: 'written', type: 'object', required: ['kerf', 'margin', 'cartons', 'flaps', 'printed', 'sheets', 'pinned'], properties: [
        new OA\Property(property: 'kerf', type: 'string'), new OA\Property(property: 'margin', type: 'string'), new OA\Property(property: 'cartons', type: 'boolean'), new OA\Property(property: 'flaps', type: 'boolean'), new OA\Property(property: 'printed', type: 'integer'),
        new OA\Property(property: 'sheets', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'width', 'height', 'count', 'grain'], properties: [
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'width', type: 'string'), new OA\Property(property: 'height', type: 'string'),
            new OA\Property(property: 'count', type: 'integer'), new OA\Property(property: 'grain', type: 'string', enum: ['along', 'across', 'none']),
        ])),
        new OA\Property(property: 'pinned', type: 'array', items: new OA\Items(type: 'object', required: ['label', 'sheet', 'number', 'x_mm', 'y_mm', 'turn'], properties: [
            new OA\Property(property: 'label', type: 'string'), new OA\Property(property: 'sheet', type: 'string'), new OA\Property(property: 'number', type: 'integer'),
            new OA\Property(property: 'x_mm', type: 'number'), new OA\Property(property: 'y_mm', type: 'number'), new OA\Property(property: 'turn', type: 'integer'),
        ])),
    ]),
    new OA\Property(property: 'loose', type: 'array', items: new OA\Items(type: 'string'), description: 'Why parts no longer lie where they were laid by hand'),
    new OA\Property(property: 'misfit', type: 'string', description: 'Why the sizes measured since do not go together in this build, which is cut by those it was saved with; empty where they do'),
    new OA\Property(property: 'parts', type: 'array', items: new OA\Items(type: 'object', required: ['label', 'part', 'name', 'count', 'width', 'height', 'may_turn', 'cut_into', 'left', 'why', 'outline', 'holes', 'tiles', 'file'], properties: [
        new OA\Property(property: 'label', type: 'string'), new OA\Property(property: 'part', type: 'string', description: 'Of the drawing of the unit'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'count', type: 'integer'),
        new OA\Property(property: 'width', ref: Shown::class), new OA\Property(property: 'height', ref: Shown::class), new OA\Property(property: 'may_turn', type: 'boolean'),
        new OA\Property(property: 'cut_into', type: 'boolean', description: 'Cut into something that stays whole'),
        new OA\Property(property: 'left', type: 'integer', description: 'That went on no sheet'), new OA\Property(property: 'why', type: 'string'),
        new OA\Property(property: 'outline', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))),
        new OA\Property(property: 'holes', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))),
        new OA\Property(property: 'file', type: 'string', description: 'Name of its cut files, without what they end in'),
        new OA\Property(property: 'tiles', type: 'array', description: 'Pages that it is printed on at full size', items: new OA\Items(type: 'object', required: ['paper', 'columns', 'rows', 'left', 'low', 'width', 'height', 'overlap'], properties: [
            new OA\Property(property: 'paper', type: 'string', enum: ['a4', 'letter']), new OA\Property(property: 'columns', type: 'integer'), new OA\Property(property: 'rows', type: 'integer'),
            new OA\Property(property: 'left', type: 'number'), new OA\Property(property: 'low', type: 'number'), new OA\Property(property: 'width', type: 'number', description: 'Of what one page shows, mm'), new OA\Property(property: 'height', type: 'number'), new OA\Property(property: 'overlap', type: 'number'),
        ])),
    ])),
    new OA\Property(property: 'sheets', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'number', 'name', 'width_mm', 'height_mm', 'bought', 'grain', 'folds', 'zones', 'placed', 'used_share', 'offcut'], properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'number', type: 'integer'), new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'width_mm', type: 'number'), new OA\Property(property: 'height_mm', type: 'number'), new OA\Property(property: 'bought', type: 'boolean'), new OA\Property(property: 'grain', type: 'string', enum: ['along', 'across', 'none']),
        new OA\Property(property: 'folds', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))),
        new OA\Property(property: 'zones', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))),
        new OA\Property(property: 'placed', type: 'array', items: new OA\Items(type: 'object', required: ['label', 'piece', 'part', 'outline', 'holes', 'x_mm', 'y_mm', 'turn', 'pinned'], properties: [
            new OA\Property(property: 'label', type: 'string'), new OA\Property(property: 'piece', type: 'string', description: 'With its number: A.2'), new OA\Property(property: 'part', type: 'string'),
            new OA\Property(property: 'outline', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))),
            new OA\Property(property: 'holes', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))),
            new OA\Property(property: 'x_mm', type: 'number', description: 'Of its own origin'), new OA\Property(property: 'y_mm', type: 'number'), new OA\Property(property: 'turn', type: 'integer'), new OA\Property(property: 'pinned', type: 'boolean'),
        ])),
        new OA\Property(property: 'used_share', type: 'number'),
        new OA\Property(property: 'offcut', type: 'object', nullable: true, required: ['width', 'height'], properties: [new OA\Property(property: 'width', ref: Shown::class), new OA\Property(property: 'height', ref: Shown::class)]),
    ])),
    new OA\Property(property: 'used_share', type: 'number'), new OA\Property(property: 'bound', type: 'integer', description: 'Sheets that are needed at least'),
    new OA\Property(property: 'sizes', type: 'array', items: new OA\Items(type: 'object', required: ['kind', 'code', 'part', 'path', 'name', 'value', 'entry', 'measured', 'by', 'at', 'effects'], properties: [
        new OA\Property(property: 'kind', type: 'string', enum: ['fan', 'filter']), new OA\Property(property: 'code', type: 'string'), new OA\Property(property: 'part', type: 'string'), new OA\Property(property: 'path', type: 'string'), new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'value', ref: Shown::class), new OA\Property(property: 'entry', type: 'string'), new OA\Property(property: 'measured', type: 'boolean'), new OA\Property(property: 'by', type: 'string'), new OA\Property(property: 'at', type: 'string'),
        new OA\Property(property: 'effects', type: 'array', items: new OA\Items(ref: Shown::class)),
    ])),
    new OA\Property(property: 'is_measured', type: 'boolean', description: 'Whether every size was measured that something is cut by'),
    new OA\Property(property: 'carton', ref: Shown::class, nullable: true, description: 'What comes out of the fan’s carton, and how large it must be'),
    new OA\Property(property: 'window', type: 'object', nullable: true, description: 'The one that its filler board is cut for; sizes where it is drawn or measured', required: ['measured', 'width', 'height', 'by', 'at'], properties: [
        new OA\Property(property: 'measured', type: 'boolean'), new OA\Property(property: 'width', ref: Shown::class, nullable: true), new OA\Property(property: 'height', ref: Shown::class, nullable: true),
        new OA\Property(property: 'by', type: 'string'), new OA\Property(property: 'at', type: 'string'),
    ]),
    new OA\Property(property: 'one_more', type: 'string', description: 'Price of what one more unit would add'),
    new OA\Property(property: 'substitutes', type: 'array', description: 'Other filters of the same size and grade', items: new OA\Items(type: 'object', required: ['code', 'name', 'clean_air', 'price'], properties: [
        new OA\Property(property: 'code', type: 'string'), new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'clean_air', type: 'string', description: 'More or less of it in the finest bin', example: '+12 %'), new OA\Property(property: 'price', type: 'string', description: 'More or less for all of them', example: '-8.00'),
    ])),
    new OA\Property(property: 'printed', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'name', 'count', 'needed'], properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'count', type: 'integer'), new OA\Property(property: 'needed', type: 'boolean'),
    ])),
])]
final readonly class CutPlanData
{
    /** @return array<string, mixed> */
    public static function of(PlanKit $from, Version $version, CutPlanEntry $entry, Kit $kit): array
    {
        $plan = $kit->plan;
        $stands = fn (mixed $pin): bool => is_array($pin) && ! isset($plan->layout->loose[$pin['label'] ?? '']);
        $written = array_diff_key($entry->written, ['window' => true]);
        $written['pinned'] = array_values(array_filter(is_array($written['pinned'] ?? null) ? $written['pinned'] : [], $stands));
        $left = [];
        foreach ($plan->unplaced() as [$part, $count]) {
            $left[$part->label] = [$count, $plan->why($part)];
        }
        $pinned = array_column($written['pinned'], 'label');

        return [
            'revision' => $from->revision($version),
            'written' => $written,
            'loose' => array_map(fn (PinnedBadly $fault): string => $fault->getMessage(), array_values($plan->layout->loose)),
            'misfit' => $from->order($version)->misfit?->getMessage() ?? '',
            'parts' => array_map(fn (CutPart $part): array => [
                'label' => $part->label, 'part' => $part->id, 'name' => $part->name, 'count' => $part->count,
                'width' => Shown::of(Display::PartLength, $part->width()), 'height' => Shown::of(Display::PartLength, $part->height()),
                'may_turn' => $part->mayTurn, 'cut_into' => $part->isCutInto,
                'left' => $left[$part->label][0] ?? 0, 'why' => $left[$part->label][1] ?? '',
                'outline' => self::points($part->outline), 'holes' => array_map(fn (CutHole $hole): array => self::points($hole->corners()), $part->holes),
                'file' => CutFiles::name($part), 'tiles' => array_map(fn (Paper $paper): array => self::tiles($part, $paper), Paper::cases()),
            ], $plan->parts),
            'sheets' => array_map(fn (FilledSheet $sheet): array => self::sheet($sheet, $kit, $written, $pinned), $plan->layout->sheets),
            'used_share' => round($plan->layout->usedShare(), 4), 'bound' => $plan->bound,
            'sizes' => array_map(self::size(...), SizeCheck::all($kit->orders[0]->design)),
            'carton' => ($carton = $kit->cartonTold()) === null ? null : Shown::sentence($carton),
            'one_more' => (string) $kit->oneMore(),
            'substitutes' => array_map(fn (Substitute $one): array => [
                'code' => $one->filter->id, 'name' => $one->filter->name, 'clean_air' => $one->shareTold(), 'price' => $one->priceTold(),
            ], $from->substitutes($version, $kit)),
            'is_measured' => PlanKit::isMeasured($kit->orders[0], $entry),
            'window' => self::window($kit->orders[0]->design, $entry),
            'printed' => array_map(fn (PrintedPart $part): array => ['id' => $part->id, 'name' => $part->name, 'count' => $part->count, 'needed' => $part->isNeeded], PrintedParts::of($kit->orders[0]->design, $kit->orders[0]->units)),
        ];
    }

    /**
     * @param  array<string, mixed>  $written
     * @param  list<mixed>  $pinned
     * @return array<string, mixed>
     */
    private static function sheet(FilledSheet $sheet, Kit $kit, array $written, array $pinned): array
    {
        $of = $sheet->sheet;
        $offcut = CutPlan::offcut($sheet);

        return [
            'id' => $of->id, 'number' => $sheet->number, 'name' => self::name($of, $sheet->number, $kit, $written),
            'width_mm' => self::mm($of->width), 'height_mm' => self::mm($of->height), 'bought' => $of->isBought(), 'grain' => $of->grain->value,
            'folds' => self::folds($of, $kit),
            'zones' => array_map(self::points(...), str_starts_with($of->id, 'carton-') ? array_slice($of->forbidden, 0, is_int($written['printed'] ?? null) ? $written['printed'] : 0) : $of->forbidden),
            'placed' => array_map(fn (Placement $one): array => self::placed($one, $kit->plan->partOf($one), in_array($one->piece->label, $pinned, true)), $sheet->placed),
            'used_share' => round($sheet->usedShare(), 4),
            'offcut' => $offcut === null ? null : ['width' => Shown::of(Display::PartLength, $offcut[2] - $offcut[0]), 'height' => Shown::of(Display::PartLength, $offcut[3] - $offcut[1])],
        ];
    }

    /** @return array<string, mixed> */
    private static function placed(Placement $one, CutPart $part, bool $isPinned): array
    {
        [$x, $y] = $one->origin();
        $turn = deg2rad($one->pose->degrees);
        $lie = fn (PlanePoint $at): PlanePoint => $at->turned($turn)->plus(new PlanePoint($x, $y));

        return [
            'label' => $part->label, 'piece' => $one->piece->label, 'part' => $part->id,
            'outline' => self::points(array_map($lie, $part->outline)),
            'holes' => array_map(fn (CutHole $hole): array => self::points(array_map($lie, $hole->corners())), $part->holes),
            'x_mm' => self::mm($x), 'y_mm' => self::mm($y), 'turn' => $one->pose->degrees, 'pinned' => $isPinned,
        ];
    }

    /** @return array<string, mixed>|null */
    private static function window(Design $design, CutPlanEntry $entry): ?array
    {
        if (! $design->shape->needsWindow()) {
            return null;
        }
        $signed = is_array($entry->written['window'] ?? null) ? $entry->written['window'] : [];
        $shown = fn (?float $length): ?Shown => $length === null ? null : Shown::of(Display::PartLength, $length);

        return [
            'measured' => $entry->window !== null, 'width' => $shown($design->window?->width), 'height' => $shown($design->window?->height),
            'by' => $signed['by'] ?? '', 'at' => $signed['at'] ?? '',
        ];
    }

    /** @return array<string, mixed> */
    private static function tiles(CutPart $part, Paper $paper): array
    {
        $tiling = Tiling::of(PartDrawing::of($part, new Heading('', '')), $paper);

        return [
            'paper' => $paper->value, 'columns' => $tiling->columns, 'rows' => $tiling->rows, 'left' => $tiling->left, 'low' => $tiling->low,
            'width' => $tiling->width, 'height' => $tiling->height, 'overlap' => Tiling::OVERLAP,
        ];
    }

    /** @param  array<string, mixed>  $written */
    private static function name(StockSheet $sheet, int $number, Kit $kit, array $written): string
    {
        $carton = CartonAtHand::all($kit->orders)[$sheet->id] ?? null;
        if ($carton !== null) {
            return $carton->name.($sheet->count > 1 ? ", {$number}" : '');
        }
        if (str_starts_with($sheet->id, 'own-')) {
            $rows = is_array($written['sheets'] ?? null) ? $written['sheets'] : [];
            $row = $rows[(int) Str::after($sheet->id, 'own-') - 1] ?? [];

            return (is_array($row) && is_string($row['name'] ?? null) && $row['name'] !== '' ? $row['name'] : 'Sheet of your own').($sheet->count > 1 ? ", {$number}" : '');
        }
        if (str_starts_with($sheet->id, 'offcut-')) {
            return 'Offcut that was kept';
        }

        return (array_column($kit->list->lines, 'name', 'part')[$sheet->id] ?? $sheet->id).", {$number}";
    }

    /** @return list<list<array{float, float}>> */
    private static function folds(StockSheet $sheet, Kit $kit): array
    {
        $carton = CartonAtHand::all($kit->orders)[$sheet->id] ?? null;

        return $carton === null ? [] : array_map(self::points(...), $carton->blank->folds());
    }

    /** @return array<string, mixed> */
    private static function size(SizeCheck $check): array
    {
        return [
            'kind' => $check->kind->value, 'code' => $check->part, 'part' => $check->partName, 'path' => $check->path, 'name' => $check->name,
            'value' => Shown::of(Display::PartLength, $check->value), 'entry' => $check->entry, 'measured' => $check->from === Provenance::Measured,
            'by' => $check->by, 'at' => $check->at,
            'effects' => array_map(Shown::sentence(...), $check->effects),
        ];
    }

    /**
     * @param  list<PlanePoint>  $corners
     * @return list<array{float, float}>
     */
    private static function points(array $corners): array
    {
        return array_map(fn (PlanePoint $at): array => [self::mm($at->x), self::mm($at->y)], $corners);
    }

    private static function mm(float $metres): float
    {
        return round(1000.0 * $metres, 2) + 0.0;
    }
}
