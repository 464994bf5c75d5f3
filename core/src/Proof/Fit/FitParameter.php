<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Fit;

use Jornel\Core\Airflow\Variation;

/** A figure of a unit that evidence is fitted by: a factor on what the catalogue says of it. */
enum FitParameter: string
{
    /** Turns of the fan: its flows go with them, its pressures with their square. */
    case FanScale = 'fan_scale';
    /** Pressure drop of the filters. */
    case FilterDrop = 'filter_drop';
    /** Open area of all leaks. */
    case Leak = 'leak';
    /** Logarithm of what the filters let through. */
    case Penetration = 'ln_penetration';

    /**
     * The unit's figures with every factor put in, but for the leaks.
     *
     * @param  non-empty-list<float>  $ln  natural logarithms of the factors, in the order of the cases
     */
    public static function variation(array $ln): Variation
    {
        $scale = exp($ln[0]);

        return new Variation($scale, $scale ** 2, exp($ln[1] ?? 0.0), exp($ln[3] ?? 0.0));
    }
}
