<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

/**
 * A length as it stands on a tape measure: whole inches and sixteenths, reduced.
 */
final readonly class TapeFraction
{
    private function __construct(public int $sixteenths)
    {
    }

    /**
     * Nearest sixteenth of an inch; ties go away from zero.
     *
     * @param  float  $length  m, any sign
     */
    public static function nearest(float $length): self
    {
        // A billionth of an inch is rounding noise of the conversion, not a length: it must not break a tie.
        $sixteenths = round(UnitOfMeasure::Inch->fromSi($length) * 16.0, 8);

        return new self((int) round($sixteenths, 0, PHP_ROUND_HALF_UP));
    }

    /** Such as `8 7/16`, `12`, `3/8` or `-1 1/2`; without a unit. */
    public function text(): string
    {
        $whole = intdiv(abs($this->sixteenths), 16);
        $part = abs($this->sixteenths) % 16;
        $sign = $this->sixteenths < 0 ? '-' : '';
        if ($part === 0) {
            return $sign.$whole;
        }
        $below = 16;
        while ($part % 2 === 0) {
            $part = intdiv($part, 2);
            $below = intdiv($below, 2);
        }

        return $sign.($whole > 0 ? "$whole $part/$below" : "$part/$below");
    }
}
