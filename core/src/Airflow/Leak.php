<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\LeakKind;

/** A way past the filters, as an open area. */
final readonly class Leak
{
    /** Discharge coefficient of a sharp-edged opening (common practice, no source). */
    public const DISCHARGE = 0.61;

    /** @param  float  $area  m2 */
    public function __construct(public LeakKind $kind, public string $name, public float $area)
    {
    }

    public function times(float $factor): self
    {
        return new self($this->kind, $this->name, $this->area * $factor);
    }

    /** Whether it is the gap that a joining leaves, as against an opening of the shape. */
    public function isSeam(): bool
    {
        return $this->kind === LeakKind::Seam;
    }

    /**
     * Seams with the residual gap of their joining, and the openings of the shape.
     *
     * @return list<self>
     */
    public static function of(Assembly $assembly, Design $design): array
    {
        $leaks = [];
        foreach ($assembly->seams as $seam) {
            $leaks[] = new self(LeakKind::Seam, $seam->name, $seam->length * ($seam->gap ?? $design->joining->residualGap));
        }
        foreach ($assembly->openings as $opening) {
            $leaks[] = new self($opening->kind, $opening->name, $opening->area);
        }

        return $leaks;
    }

    /**
     * Flow through an opening: Q = Cd A sqrt(2 dP / rho).
     *
     * @param  float  $area  m2
     * @param  float  $pressure  Pa, zero or more
     * @param  float  $density  kg/m3
     * @return float m3/s
     */
    public static function flow(float $area, float $pressure, float $density): float
    {
        return self::DISCHARGE * $area * sqrt(2.0 * $pressure / $density);
    }

    /** What goes through it at a pressure, in air of a density. */
    public function at(float $pressure, float $density): LeakFlow
    {
        return new LeakFlow($this, self::flow($this->area, $pressure, $density));
    }
}
