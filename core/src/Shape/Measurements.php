<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Geometry\ConvexHull;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;

/** Outer size, footprint, mass and stand of a unit, taken from its solids. */
final readonly class Measurements
{
    /** Angle below which a unit is said to tip over easily, degrees (assumed). */
    public const LEAST_TIPPING = 10.0;

    /** Densities of what is cut or printed for it, kg/m3 (typical). */
    private const DENSITY = ['board' => 140.0, 'corrugated' => 180.0, 'foam' => 110.0, 'foot' => 600.0, 'wood' => 600.0, 'plastic' => 950.0, 'film' => 950.0, 'duct' => 60.0, 'carbon' => 450.0];

    /** How high above the lowest point still touches the ground, m: what a floor and a sheet of board give. */
    private const FLOOR = 0.001;

    /**
     * @param  float  $width  outside, m
     * @param  float  $depth  outside, m
     * @param  float  $height  m
     * @param  float  $footprint  floor that it takes, the extent of all of it seen from above, m2
     * @param  float  $mass  kg
     * @param  Point  $middle  of mass, m
     * @param  float|null  $tipping  angle at which it tips over, degrees, without what ties it or what it leans on; null for what does not stand
     * @param  Stand  $stand  what keeps it upright
     */
    private function __construct(
        public float $width,
        public float $depth,
        public float $height,
        public float $footprint,
        public float $mass,
        public Point $middle,
        public ?float $tipping,
        private Stand $stand,
    ) {
    }

    /** @throws DoesNotFit */
    public static function of(Design $design): self
    {
        $scene = $design->solids();
        $size = Size::ofScene($scene);
        [$mass, $middle] = self::mass($scene, $design);

        return new self(
            $size->width, $size->depth, $size->height, $size->footprint(),
            $mass, $middle,
            in_array($design->stand(), [Stand::Hung, Stand::Fixed], true) ? null : self::tipping($scene, $scene->reach()[0]->z, $middle),
            $design->stand(),
        );
    }

    /** Whether it tips over easily and nothing holds it. */
    public function tipsOver(): bool
    {
        return $this->stand->restsOnItsFoot() && $this->tipping !== null && $this->tipping < self::LEAST_TIPPING;
    }

    /** @return array{float, Point} kg, m */
    private static function mass(Scene $scene, Design $design): array
    {
        $known = $design->shape->masses($design) + [
            'filter' => $design->shape->filterCount($design) * ($design->filter->mass + ($design->prefilter->mass ?? 0.0)),
            'fan' => $design->shape->fanCount($design) * $design->fan->mass,
        ];
        $measured = array_map(fn (Solid $solid): array => $solid->volumeAndMiddle(), $scene->solids);
        $volumes = [];
        foreach ($scene->solids as $i => $solid) {
            $volumes[$solid->material] = ($volumes[$solid->material] ?? 0.0) + $measured[$i][0];
        }
        $mass = 0.0;
        $moment = new Point(0.0, 0.0, 0.0);
        foreach ($scene->solids as $i => $solid) {
            [$volume, $middle] = $measured[$i];
            $one = isset($known[$solid->material])
                ? $known[$solid->material] * $volume / $volumes[$solid->material]
                : (self::DENSITY[$solid->material] ?? 0.0) * $volume;
            $mass += $one;
            $moment = $moment->plus($middle->scaled($one));
        }

        return [$mass, $moment->scaled(1.0 / $mass)];
    }

    /** Angle at which the middle of mass stands over the nearest edge of the foot: atan(distance / height). */
    private static function tipping(Scene $scene, float $floor, Point $middle): float
    {
        $foot = [];
        foreach ($scene->solids as $solid) {
            foreach ($solid->lowest() <= $floor + self::FLOOR ? $solid->corners() : [] as $corner) {
                if ($corner->z <= $floor + self::FLOOR) {
                    $foot[] = new PlanePoint($corner->x, $corner->y);
                }
            }
        }
        if ($foot === []) {
            return 0.0;
        }
        $hull = ConvexHull::of($foot);
        $over = new PlanePoint($middle->x, $middle->y);
        $nearest = INF;
        foreach ($hull as $i => $from) {
            $to = $hull[($i + 1) % count($hull)];
            $along = $from->distanceTo($to);
            $inside = $along > 0.0 ? PlanePoint::turn($from, $to, $over) / $along : 0.0;
            $nearest = min($nearest, $inside);
        }

        return max(0.0, rad2deg(atan2($nearest, $middle->z - $floor)));
    }
}
