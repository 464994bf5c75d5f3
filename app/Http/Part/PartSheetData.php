<?php

namespace App\Http\Part;

use App\Http\Shared\Shown;
use Jornel\Core\Drawing\CurvePlot;
use Jornel\Core\Part\EditableCurve;
use Jornel\Core\Part\EditableFigure;
use Jornel\Core\Part\EditableFigures;
use Jornel\Core\Part\Pack;
use Jornel\Core\Part\PartKind;
use Jornel\Core\Part\Rating\Claim;
use Jornel\Core\Part\Rating\RatingStep;
use Jornel\Core\Part\Record;
use Jornel\Core\Quantity\Sentence;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PartSheet', description: 'A part with its figures, where each came from, and its curve')]
final readonly class PartSheetData
{
    /**
     * @param  list<array{path: string, name: string, shown: Shown|null, entry: string, from: string|null, shipped: Shown|null, is_own: bool}>  $figures
     * @param  array{along: string, from: string|null, is_own: bool, rows: list<array{along: string, pressure: string}>}|null  $points
     * @param  list<array{count: int, price: string}>  $packs
     * @param  list<string>  $notes
     * @param  list<array{name: string, text: Shown}>  $facts
     * @param  list<array{scale: string, step: string, about: string, source: string, claims: list<array{name: string, verdict: string, says: string}>}>  $ratings
     */
    private function __construct(
        #[OA\Property(enum: PartKind::class)] public string $kind,
        #[OA\Property] public string $code,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'The catalogue’s part whose other figures hold')] public string $like,
        #[OA\Property(description: 'Its name')] public string $like_name,
        #[OA\Property(enum: ['catalogue', 'changed', 'own'])] public string $standing,
        #[OA\Property(description: 'Of the programme’s own figures; 0 where there are none. Send it back to change them')] public int $revision,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['path', 'name', 'shown', 'entry', 'from', 'shipped', 'is_own'], properties: [
            new OA\Property(property: 'path', type: 'string'), new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'shown', ref: Shown::class, nullable: true, description: 'Null where it is not told'),
            new OA\Property(property: 'entry', type: 'string', description: 'As it was written, with its unit; empty for a shipped one'),
            new OA\Property(property: 'from', type: 'string', nullable: true, enum: ['measured', 'rated', 'typical', 'assumed']),
            new OA\Property(property: 'shipped', ref: Shown::class, nullable: true, description: 'The catalogue’s figure where the programme has one of its own'),
            new OA\Property(property: 'is_own', type: 'boolean'),
        ]))] public array $figures,
        #[OA\Property(type: 'object', nullable: true, description: 'Points of its curve, where the kind of part has one', required: ['along', 'from', 'is_own', 'rows'], properties: [
            new OA\Property(property: 'along', type: 'string', description: 'What they run along'), new OA\Property(property: 'from', type: 'string', nullable: true, enum: ['measured', 'rated', 'typical', 'assumed']), new OA\Property(property: 'is_own', type: 'boolean'),
            new OA\Property(property: 'rows', type: 'array', description: 'None where the curve is told by figures', items: new OA\Items(type: 'object', required: ['along', 'pressure'], properties: [
                new OA\Property(property: 'along', type: 'string', description: 'As it was written, with its unit'), new OA\Property(property: 'pressure', type: 'string'),
            ])),
        ])] public ?array $points,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['count', 'price'], properties: [
            new OA\Property(property: 'count', type: 'integer'), new OA\Property(property: 'price', type: 'string'),
        ]))] public array $packs,
        #[OA\Property(nullable: true, description: 'Pressure over flow, or drop over velocity')] public ?CurvePlotData $curve,
        #[OA\Property(items: new OA\Items(type: 'string'), description: 'What was estimated or is doubtful')] public array $notes,
        #[OA\Property(description: 'What else is known of it', items: new OA\Items(type: 'object', required: ['name', 'text'], properties: [
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'text', ref: Shown::class),
        ]))] public array $facts,
        #[OA\Property(description: 'What packs of a filter of this grade may print instead of it', items: new OA\Items(type: 'object', required: ['scale', 'step', 'about', 'source', 'claims'], properties: [
            new OA\Property(property: 'scale', type: 'string'), new OA\Property(property: 'step', type: 'string'),
            new OA\Property(property: 'about', type: 'string', description: 'The grades it is about, in words'), new OA\Property(property: 'source', type: 'string'),
            new OA\Property(property: 'claims', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'verdict', 'says'], properties: [
                new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'verdict', type: 'string', enum: Claim::VERDICTS), new OA\Property(property: 'says', type: 'string'),
            ])),
        ]))] public array $ratings,
    ) {
    }

    /**
     * @param  array<string, mixed>  $whole  entry with the programme's own figures in it
     * @param  array<string, mixed>  $shipped  entry of the part it is like
     * @param  array<string, mixed>  $own  the programme's own figures
     * @param  list<string>  $notes
     * @param  list<array{string, Sentence}>  $facts
     * @param  list<RatingStep>  $ratings
     */
    public static function of(PartKind $kind, array $whole, array $shipped, array $own, int $revision, ?CurvePlot $curve, array $notes, array $facts, array $ratings): self
    {
        $text = fn (array $entry, string $key): string => is_string($entry[$key] ?? null) ? $entry[$key] : '';
        $code = $text($whole, 'id');

        return new self(
            $kind->value, $code, $text($whole, 'name'), $text($shipped, 'id'), $text($shipped, 'name'),
            match (true) {
                $revision === 0 => 'catalogue',
                $code === $text($shipped, 'id') => 'changed',
                default => 'own',
            },
            $revision,
            array_map(function (EditableFigure $figure) use ($whole, $shipped, $own): array {
                $now = $figure->of($whole);
                $isOwn = $figure->of($own) !== null;
                $before = $isOwn ? $figure->of($shipped) : null;

                return [
                    'path' => $figure->path, 'name' => $figure->name,
                    'shown' => $now === null ? null : Shown::of($figure->display, $now->si), 'entry' => $now->entry ?? '', 'from' => $now?->provenance->value,
                    'shipped' => $before === null ? null : Shown::of($figure->display, $before->si), 'is_own' => $isOwn,
                ];
            }, EditableFigures::of($kind)),
            self::points(EditableCurve::of($kind), $whole, $own),
            array_map(fn (Pack $pack): array => ['count' => $pack->count, 'price' => (string) $pack->price], isset($whole['packs']) ? Pack::list((new Record($whole))->records('packs')) : []),
            $curve === null ? null : CurvePlotData::of($curve),
            $notes,
            array_map(fn (array $fact): array => ['name' => $fact[0], 'text' => Shown::sentence($fact[1])], $facts),
            array_map(fn (RatingStep $step): array => [
                'scale' => $step->scale, 'step' => $step->step, 'about' => $step->about(), 'source' => $step->source,
                'claims' => array_map(fn (Claim $claim): array => ['name' => $claim->name, 'verdict' => $claim->verdict, 'says' => $claim->says], $step->claims),
            ], $ratings),
        );
    }

    /**
     * @param  array<string, mixed>  $whole
     * @param  array<string, mixed>  $own
     * @return array{along: string, from: string|null, is_own: bool, rows: list<array{along: string, pressure: string}>}|null
     */
    private static function points(?EditableCurve $curve, array $whole, array $own): ?array
    {
        $points = $curve?->points($whole) ?? [];

        return $curve === null ? null : [
            'along' => $curve->along,
            'from' => $points === [] ? null : $points[0]['along']->provenance->value,
            'is_own' => $curve->points($own) !== [],
            'rows' => array_map(fn (array $point): array => [
                'along' => $point['along']->entry, 'pressure' => $point['pressure']->entry,
            ], $points),
        ];
    }
}
