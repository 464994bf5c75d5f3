<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Fit;

use Jornel\Core\Numeric\Lognormal;
use Jornel\Core\Quantity\Interval;

/** One thing that was measured on a unit. */
final readonly class Evidence
{
    /** Share of a value that stands for half the interval of one whose low end is nothing. */
    private const WIDE = 0.7;

    /**
     * @param  int  $speed  which one of the unit, slowest first
     * @param  float  $value  SI; dBA for a level
     * @param  float  $deviation  of its natural logarithm; dB for a level
     */
    private function __construct(public EvidenceKind $kind, public int $speed, public float $value, public float $deviation)
    {
    }

    /** Flow, clean air or power with its interval. */
    public static function measured(EvidenceKind $kind, int $speed, Interval $measured): self
    {
        $deviation = $measured->low > 0.0 ? $measured->lnDeviation() : self::WIDE;

        return new self($kind, $speed, $measured->value, max(1e-4, $deviation));
    }

    /**
     * Less sure than its readings say, by what is not the same from one time to the next.
     *
     * @param  float  $deviation  of the natural logarithm
     */
    public function repeatedWithin(float $deviation): self
    {
        return new self($this->kind, $this->speed, $this->value, hypot($this->deviation, $deviation));
    }

    public static function tissue(Lognormal $area): self
    {
        return new self(EvidenceKind::Tissue, 0, $area->median, max(1e-4, $area->deviation));
    }

    /**
     * @param  float  $level  of the unit alone at 1 m, dBA
     * @param  float  $within  half width of its 95 % interval, dB
     */
    public static function level(int $speed, float $level, float $within): self
    {
        return new self(EvidenceKind::Level, $speed, $level, max(0.1, $within) / Interval::REACH);
    }
}
