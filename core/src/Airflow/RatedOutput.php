<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Numeric\DimensionReduction;
use Jornel\Core\Part\BoughtPurifier;
use Jornel\Core\Quantity\Provenance;

/** Output of a purifier that was bought: what it is rated for, and how sure that is. */
final class RatedOutput
{
    public static function of(BoughtPurifier $purifier, Tolerances $tolerances): UncertainOutput
    {
        $deviation = $tolerances->ofRating($purifier->from);
        $output = fn (float $factor): Output => Output::recirculating(PerBin::same($purifier->cleanAir * $factor));
        $by = DimensionReduction::POINT * $deviation;

        return UncertainOutput::of($output(1.0), $deviation > 0.0 ? [new UncertainFigure(
            Tolerances::RATING, $purifier->name, $purifier->name, $purifier->from, $deviation,
            min($deviation, $tolerances->ofRating(Provenance::Measured)), $output(exp($by)), $output(exp(-$by)),
        )] : []);
    }
}
