<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

/** Round marks along a scale that begins at zero. */
final class Scale
{
    /**
     * Distance between marks at 1, 2 or 5 times a power of ten, so that about five to ten of them stand along the scale.
     *
     * @param  float  $most  end of the scale, SI, above 0
     * @return float in the unit
     */
    public static function step(float $most, UnitOfMeasure $unit): float
    {
        $rough = $unit->fromSi($most) / 8.0;
        $power = 10.0 ** floor(log10($rough));

        return $power * match (true) {
            $rough / $power <= 1.0 => 1,
            $rough / $power <= 2.0 => 2,
            $rough / $power <= 5.0 => 5,
            default => 10,
        };
    }

    /** A bare number at a mark, with no more decimals than it needs, at most four. */
    public static function numeral(float $value): string
    {
        $decimals = max(0, strlen(rtrim(strrchr(sprintf('%.4f', $value), '.') ?: '', '0')) - 1);

        return number_format($value, $decimals);
    }

    /**
     * @param  float  $most  end of the scale, SI, above 0
     * @return list<float> SI, from zero up to the end
     */
    public static function marks(float $most, UnitOfMeasure $unit): array
    {
        $end = $unit->fromSi($most);
        $step = self::step($most, $unit);
        $marks = [];
        for ($i = 0; $i * $step <= $end * (1.0 + 1e-9); $i++) {
            $marks[] = $unit->toSi($i * $step);
        }

        return $marks;
    }
}
