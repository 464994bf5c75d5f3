<?php

namespace App\Http\Proof;

use App\Evidence\ProvedUnit;
use App\Evidence\TraverseRound;
use App\Http\Shared\Shown;
use Jornel\Core\Proof\Fit\Evidence;
use Jornel\Core\Proof\Fit\EvidenceKind;
use Jornel\Core\Proof\Fit\UnitFit;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Interval;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'TraverseResult', required: ['is_round', 'width', 'height', 'along', 'up', 'filters', 'rows', 'left', 'mean', 'mean_m_s', 'flow', 'forecast', 'uncertainty', 'reversed'], properties: [
    new OA\Property(property: 'is_round', type: 'boolean'), new OA\Property(property: 'width', ref: '#/components/schemas/Shown'), new OA\Property(property: 'height', ref: '#/components/schemas/Shown'),
    new OA\Property(property: 'along', type: 'array', description: 'Where the meter is held: from the left, or along a diameter', items: new OA\Items(type: 'object', required: ['share', 'at'], properties: [new OA\Property(property: 'share', type: 'number'), new OA\Property(property: 'at', ref: '#/components/schemas/Shown')])),
    new OA\Property(property: 'up', type: 'array', description: 'From below; of a round outlet its diameters, by their angle', items: new OA\Items(type: 'object', required: ['share', 'at'], properties: [new OA\Property(property: 'share', type: 'number'), new OA\Property(property: 'at', ref: '#/components/schemas/Shown')])),
    new OA\Property(property: 'filters', type: 'boolean', description: 'Whether they were on'),
    new OA\Property(property: 'rows', type: 'array', description: 'Readings over the mean, by row from below; null where nothing was read', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number', nullable: true))),
    new OA\Property(property: 'left', type: 'integer', description: 'Points that are not read yet'),
    new OA\Property(property: 'mean', ref: '#/components/schemas/Shown', nullable: true), new OA\Property(property: 'mean_m_s', type: 'number', nullable: true), new OA\Property(property: 'flow', ref: '#/components/schemas/Range95', nullable: true),
    new OA\Property(property: 'forecast', ref: '#/components/schemas/Shown', description: 'Of the catalogue'), new OA\Property(property: 'uncertainty', type: 'number', nullable: true), new OA\Property(property: 'reversed', type: 'integer'),
])]
final class TraverseData
{
    /** @return array<string, mixed> */
    public static function of(TraverseRound $round, ProvedUnit $unit): array
    {
        $outlet = $round->outlet;
        $counts = [count($round->rows[0] ?? []), count($round->rows)];
        $places = fn (array $shares, float $side): array => array_map(fn (float $share): array => ['share' => $share, 'at' => Shown::of(Display::PartLength, $share * $side)], $shares);
        $read = array_values(array_filter(array_merge(...$round->rows), fn (?float $one): bool => $one !== null));
        $scale = $read === [] ? 1.0 : max(1e-9, abs(array_sum($read) / count($read)));

        return [
            'is_round' => $outlet->isRound, 'width' => Shown::of(Display::PartLength, $outlet->width), 'height' => Shown::of(Display::PartLength, $outlet->height),
            'along' => $places($round->grid->shares($counts[0], $outlet->isRound), $outlet->width),
            'up' => $outlet->isRound
                ? array_map(fn (int $number): array => ['share' => $number / $counts[1], 'at' => Shown::of(Display::Angle, 180.0 * $number / $counts[1])], range(0, $counts[1] - 1))
                : $places($round->grid->shares($counts[1], false), $outlet->height),
            'filters' => $round->hasFilters,
            'rows' => array_map(fn (array $row): array => array_map(fn (?float $one): ?float => $one === null ? null : round($one / $scale, 3), $row), $round->rows),
            'left' => $counts[0] * $counts[1] - count($read),
            'mean' => $round->traverse === null ? null : Shown::of(Display::Velocity, $round->traverse->mean()),
            'mean_m_s' => $round->traverse?->mean(),
            'flow' => $round->traverse === null ? null : RangeData::of(Display::Flow, $round->traverse->flowInterval()),
            'forecast' => Shown::of(Display::Flow, self::forecast($round, $unit->proof()->design)),
            'uncertainty' => $round->traverse?->relativeUncertainty(),
            'reversed' => count(array_filter($read, fn (float $one): bool => $one < 0.0)),
        ];
    }

    /** @return float m3/s that the catalogue says of it */
    private static function forecast(TraverseRound $round, UnitFit $design): float
    {
        return $design->expected(Evidence::measured($round->hasFilters ? EvidenceKind::Traverse : EvidenceKind::FreeTraverse, $round->speed, new Interval(1.0, 0.9, 1.1)));
    }
}
