<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Geometry\PlanePoint;

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

    /**
     * How far it reaches: the middle of a round one with its radius, the corners of another.
     *
     * @return non-empty-list<array{PlanePoint, float}>
     */
    public function reach(): array
    {
        if ($this->isRound) {
            return [[new PlanePoint($this->x, $this->y), $this->width / 2.0]];
        }
        [$w, $h] = [$this->width / 2.0, $this->height / 2.0];

        return array_map(fn (array $corner): array => [new PlanePoint($this->x + $corner[0] * $w, $this->y + $corner[1] * $h), 0.0], [[-1.0, -1.0], [1.0, -1.0], [1.0, 1.0], [-1.0, 1.0]]);
    }

    /** @return float between its edge and another's, m; below 0 where they overlap */
    public function distanceTo(self $other): float
    {
        if ($this->isRound && $other->isRound) {
            return hypot($other->x - $this->x, $other->y - $this->y) - ($this->width + $other->width) / 2.0;
        }
        // Each as a box with rounded or square corners: the middle of a round one is a point.
        [$dx, $dy] = [
            abs($other->x - $this->x) - ($this->isRound ? 0.0 : $this->width / 2.0) - ($other->isRound ? 0.0 : $other->width / 2.0),
            abs($other->y - $this->y) - ($this->isRound ? 0.0 : $this->height / 2.0) - ($other->isRound ? 0.0 : $other->height / 2.0),
        ];
        $between = $dx > 0.0 || $dy > 0.0 ? hypot(max(0.0, $dx), max(0.0, $dy)) : max($dx, $dy);

        return $between - ($this->isRound ? $this->width / 2.0 : 0.0) - ($other->isRound ? $other->width / 2.0 : 0.0);
    }

    /** @return float m2 */
    public function area(): float
    {
        return $this->isRound ? M_PI / 4.0 * $this->width ** 2 : $this->width * $this->height;
    }
}
