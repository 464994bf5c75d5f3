<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Airflow\Performance;
use Jornel\Core\Airflow\Restriction;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Ledger\AsBuilt;
use Jornel\Core\Ledger\Finding;
use Jornel\Core\Part\ParallelCurve;
use Jornel\Core\Quantity\System;
use Jornel\Core\Shape\Design;

/** What is wrong with a unit at one speed, in words. */
final class Warnings
{
    /**
     * @param  Design|null  $design  of which it is made; null where it is told by its bare curves and faces
     * @return list<string>
     */
    public static function of(Performance $performance, Unit $unit, ?Design $design = null): array
    {
        $hardest = $performance->hardestFace();
        $idle = self::idle($performance, $unit);

        return array_values(array_filter([
            $hardest->isWithinRating() ? null : sprintf(
                'Air meets a filter at %.2f m/s, above its rating of %.2f m/s: dust is driven through. %s',
                $hardest->hardestVelocity, $hardest->ratedVelocity, self::mend($performance, $unit),
            ),
            $idle === 0 ? null : sprintf('%d of the fans %s shut off at this pressure and adds nothing.', $idle, $idle === 1 ? 'is' : 'are'),
            $performance->restriction() === Restriction::Choked ? 'The fan is choked: less than 35 % of its free flow goes through the filters.' : null,
            ...$design === null ? [] : array_map(
                fn (Finding $finding): string => trim($finding->text->text(System::Metric).' '.($finding->mend?->text(System::Metric) ?? '')),
                AsBuilt::findings($design, $design->assemble(), $performance),
            ),
        ], is_string(...)));
    }

    /** The fastest speed that keeps to the rating, or how many faces would. */
    private static function mend(Performance $performance, Unit $unit): string
    {
        $kept = null;
        foreach ($unit->performances() as $other) {
            if ($other->hardestFace()->isWithinRating()) {
                $kept = $other->speed->name;
            }
        }
        $faces = sprintf('%d faces would keep to it', $performance->facesWithinRating());

        return $kept === null ? "{$faces}." : "Speed {$kept} keeps to it; {$faces} at this one.";
    }

    private static function idle(Performance $performance, Unit $unit): int
    {
        $curve = $unit->curve($performance->speed);

        return $curve instanceof ParallelCurve ? $curve->idle($performance->balance->pressure) : 0;
    }
}
