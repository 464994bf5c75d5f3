<?php

declare(strict_types=1);

namespace Jornel\Core\Cut;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Polygon;
use Jornel\Core\Shape\Hole;

/** A hole of a part: round, or with corners. */
final readonly class CutHole
{
    /** Corners that a round hole is laid out with, inside its edge; it is cut round. */
    private const STEPS = 48;

    /**
     * @param  PlanePoint|null  $middle  of a round one, m
     * @param  float  $radius  of a round one, m
     * @param  list<PlanePoint>  $corners  anticlockwise, m; none where it is round
     */
    private function __construct(public ?PlanePoint $middle, public float $radius, private array $corners)
    {
    }

    /** @param  float  $radius  m, above zero */
    public static function round(PlanePoint $middle, float $radius): self
    {
        return new self($middle, $radius, []);
    }

    /** @param  non-empty-list<PlanePoint>  $corners  anticlockwise, m */
    public static function polygon(array $corners): self
    {
        return new self(null, 0.0, $corners);
    }

    public static function of(Hole $hole): self
    {
        if ($hole->isRound) {
            return self::round(new PlanePoint($hole->x, $hole->y), $hole->width / 2.0);
        }
        [$x, $y] = [$hole->width / 2.0, $hole->height / 2.0];

        return self::polygon(array_map(
            fn (array $sign): PlanePoint => new PlanePoint($hole->x + $sign[0] * $x, $hole->y + $sign[1] * $y),
            [[-1, -1], [1, -1], [1, 1], [-1, 1]],
        ));
    }

    /** Turned a quarter against the clock and moved to the right by the height of its part. */
    public function laidOnSide(float $height): self
    {
        $turn = fn (PlanePoint $at): PlanePoint => new PlanePoint($height - $at->y, $at->x);

        return new self($this->middle === null ? null : $turn($this->middle), $this->radius, array_map($turn, $this->corners));
    }

    /**
     * Its edge as a polygon; of a round one, worked out when it is asked for.
     *
     * @return non-empty-list<PlanePoint> anticlockwise, m
     */
    public function corners(): array
    {
        [$middle, $radius] = [$this->middle, $this->radius];

        return $this->corners !== [] ? $this->corners : array_map(
            fn (int $step): PlanePoint => (new PlanePoint($radius, 0.0))->turned(2.0 * M_PI * $step / self::STEPS)->plus($middle ?? new PlanePoint(0.0, 0.0)),
            range(0, self::STEPS - 1),
        );
    }

    /** @return float m2 */
    public function area(): float
    {
        return $this->middle === null ? (new Polygon($this->corners()))->area() : M_PI * $this->radius ** 2;
    }

    /** Where its middle is marked. */
    public function centre(): PlanePoint
    {
        return $this->middle ?? (new Polygon($this->corners()))->centroid();
    }
}
