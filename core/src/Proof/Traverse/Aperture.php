<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Traverse;

/** What the air comes out of, over which a meter is held: an outlet, or the end of a wind tunnel set on it. */
final readonly class Aperture
{
    private function __construct(public float $width, public float $height, public bool $isRound)
    {
    }

    /**
     * @param  float  $width  m, above 0
     * @param  float  $height  m, above 0
     */
    public static function rectangle(float $width, float $height): self
    {
        return new self($width, $height, false);
    }

    /** @param  float  $diameter  m, above 0 */
    public static function round(float $diameter): self
    {
        return new self($diameter, $diameter, true);
    }

    /** @return float m2 */
    public function area(): float
    {
        return $this->isRound ? M_PI / 4.0 * $this->width ** 2 : $this->width * $this->height;
    }
}
