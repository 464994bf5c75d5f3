<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** A hole in a panel: round, or with four square corners. */
final readonly class Hole
{
    /**
     * @param  float  $x  of its middle from the panel's left edge, m
     * @param  float  $y  of its middle from the panel's lower edge, m
     * @param  float  $width  m; of a round one its diameter
     * @param  float  $height  m
     */
    private function __construct(public float $x, public float $y, public float $width, public float $height, public bool $isRound)
    {
    }

    public static function round(float $x, float $y, float $diameter): self
    {
        return new self($x, $y, $diameter, $diameter, true);
    }

    public static function rectangle(float $x, float $y, float $width, float $height): self
    {
        return new self($x, $y, $width, $height, false);
    }

    /** @return float m2 */
    public function area(): float
    {
        return $this->isRound ? M_PI / 4.0 * $this->width ** 2 : $this->width * $this->height;
    }
}
