<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Provenance;

/** A fan's curve at its top speed as it was told, with how far it can be trusted. */
final readonly class FanRating
{
    /** Exponents of the two-figure form by type of fan (assumed). */
    private const EXPONENT = ['propeller' => 1.2, 'mixed-flow' => 2.0, 'centrifugal' => 2.0];

    /**
     * @param  list<string>  $notes  what was estimated, left out or is doubtful
     */
    private function __construct(
        public FanCurve $curve,
        public Provenance $flowFrom,
        public Provenance $pressureFrom,
        public bool $isLowConfidence,
        public array $notes,
    ) {
    }

    /**
     * `curve`: points of flow and pressure; or `free_flow` and `shut_off`, with `exponent` or `type` (a propeller if
     * neither is given); or `advertised_flow` with `real_to_advertised` in place of the free flow. `at_ceiling`: the
     * rating stands at the ceiling of its test method and means at least.
     *
     * @throws BadRecord
     */
    public static function read(Record $record): self
    {
        $ceiling = ($record->data()['at_ceiling'] ?? false) === true
            ? ['The rating is the highest that its test method can give: the real value may be higher.'] : [];
        if (isset($record->data()['curve'])) {
            return self::ofPoints($record, $ceiling);
        }
        $advertised = $record->optional('free_flow', 0.0) === null ? $record->optional('advertised_flow', 0.0) : null;
        $free = $advertised === null ? $record->figure('free_flow', 0.0) : null;
        $factor = $advertised === null ? 1.0 : $record->number('real_to_advertised', 0.0)->si;
        $shutOff = $record->figure('shut_off', 0.0);

        return new self(
            new TwoFigureCurve(
                $free->si ?? ($advertised->si ?? 0.0) * $factor,
                $shutOff->si,
                $record->optional('exponent', 0.0)->si ?? self::exponent($record),
            ),
            $free->provenance ?? Provenance::Assumed,
            $shutOff->provenance,
            $advertised !== null,
            [...($advertised === null ? [] : [sprintf('Only an advertised flow is known; %g of it is assumed to be real (low confidence).', $factor)]), ...$ceiling],
        );
    }

    /** @param  list<string>  $notes */
    private static function ofPoints(Record $record, array $notes): self
    {
        $points = array_map(
            fn (Record $point): array => [$point->figure('flow', -1e-12), $point->figure('pressure', -1e-12)],
            $record->records('curve'),
        );
        $branch = FallingBranch::of(array_map(fn (array $point): array => [$point[0]->si, $point[1]->si], $points), $record->path('curve'));
        $from = array_reduce($points, fn (Provenance $from, array $point): Provenance => $from->weaker($point[0]->provenance)->weaker($point[1]->provenance), Provenance::Measured);

        return new self(PointCurve::through($branch), $from, $from, false, [...$branch->notes, ...$notes]);
    }

    private static function exponent(Record $record): float
    {
        $type = $record->data()['type'] ?? 'propeller';

        return is_string($type) && isset(self::EXPONENT[$type]) ? self::EXPONENT[$type] : throw BadRecord::missing($record->path('type'));
    }
}
