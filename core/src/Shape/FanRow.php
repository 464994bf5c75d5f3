<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Fan;
use Jornel\Core\Part\FanBody;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Solid;

/** Small fans in a row on one panel: their frames may touch, as long as enough of the panel is left between the holes. */
final readonly class FanRow
{
    /** Diameter of the hole for the cable of all fans, m: as wide as the plug of a supply (assumed), closed round it with foam. */
    public const CABLE = 0.016;

    /** Diameter of the holes for the screws of small fans, m (typical). */
    private const SCREW = 0.0043;

    /**
     * @param  int  $count  1 or more
     * @param  float  $along  panel's length in the direction of the row, m
     * @param  float  $across  panel's other side, m
     */
    public function __construct(private Fan $fan, public int $count, private float $along, private float $across)
    {
    }

    /**
     * Distance from the middle of one fan to the next.
     *
     * @return float m
     */
    public static function pitch(FanBody $body): float
    {
        return max($body->side, $body->bladeCircle + Panel::WEB);
    }

    /**
     * How many go on a panel.
     *
     * @param  float  $along  m
     * @param  float  $across  m
     */
    public static function most(FanBody $body, float $along, float $across): int
    {
        $least = max($body->side, $body->bladeCircle + 2.0 * Panel::EDGE);

        return $along < $least || $across < $least ? 0 : 1 + (int) floor(($along - $least) / self::pitch($body) + 1e-9);
    }

    /**
     * Holes of the blade circle and of the screws, the row in the middle of the panel.
     *
     * @return list<Hole>
     */
    public function holes(): array
    {
        $half = ($this->fan->handling->holePitch ?? 0.0) / 2.0;
        $middle = $this->across / 2.0;
        $holes = array_map(fn (float $at): Hole => Hole::round($at, $middle, $this->fan->body->bladeCircle), $this->places());
        foreach ($half > 0.0 ? $this->places() : [] as $at) {
            foreach ([[-1, -1], [1, -1], [1, 1], [-1, 1]] as [$x, $y]) {
                $holes[] = Hole::round($at + $x * $half, $middle + $y * $half, self::SCREW);
            }
        }

        return $holes;
    }

    /** The hole for the cable in a corner of a panel without fans. */
    public static function cable(): Hole
    {
        return Hole::round(2.0 * Panel::EDGE, 2.0 * Panel::EDGE, self::CABLE);
    }

    /** @return list<float> of the middles along the panel, m */
    public function places(): array
    {
        $pitch = self::pitch($this->fan->body);

        return array_map(fn (int $number): float => $this->along / 2.0 + ($number - ($this->count - 1) / 2.0) * $pitch, range(0, $this->count - 1));
    }

    /**
     * The fans on the panel, blowing out of it.
     *
     * @param  Frame  $panel  origin at the panel's corner on its outer side; u along the row, the normal outwards
     * @return list<Solid>
     */
    public function solids(Frame $panel): array
    {
        return array_map(fn (float $at): Solid => FanSolid::of($this->fan, $panel->movedTo($panel->at($at, $this->across / 2.0)), false), $this->places());
    }
}
