<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Geometry\ConvexHull;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;

/** Mass of a unit, its middle, and how far it leans before it tips over, from its solids; its filters may be of any mass. */
final class Stability
{
    /** Densities of what is cut or printed for it, kg/m3 (typical). */
    private const DENSITY = ['board' => 140.0, 'corrugated' => 180.0, 'foam' => 110.0, 'foot' => 600.0, 'wood' => 600.0, 'plastic' => 950.0, 'film' => 950.0, 'duct' => 60.0, 'carbon' => 450.0];

    /** How high above the lowest point still touches the ground, m: what a floor and a sheet of board give. */
    private const FLOOR = 0.001;

    /** @var list<PlanePoint>|null corners of the polygon around all that touches the ground, anticlockwise */
    private ?array $foot = null;

    /**
     * @param  float  $mass  of all but the filters, kg
     * @param  Point  $moment  of that mass, kg m
     * @param  Point  $filters  middle of the filters, m
     * @param  bool  $hasFilters  whether any are drawn
     */
    private function __construct(private readonly Scene $scene, private readonly float $mass, private readonly Point $moment, private readonly Point $filters, private readonly bool $hasFilters)
    {
    }

    /** @param  Scene  $scene  the solids of the design */
    public static function of(Design $design, Scene $scene): self
    {
        $known = $design->shape->masses($design) + ['fan' => $design->shape->fanCount($design) * $design->fan->mass];
        $volumes = [];
        foreach ($scene->solids as $solid) {
            $volumes[$solid->material] = ($volumes[$solid->material] ?? 0.0) + $solid->volumeAndMiddle()[0];
        }
        $mass = 0.0;
        $moment = $filters = new Point(0.0, 0.0, 0.0);
        foreach ($scene->solids as $solid) {
            [$volume, $middle] = $solid->volumeAndMiddle();
            if ($solid->material === 'filter') {
                $filters = $filters->plus($middle->scaled($volume / $volumes['filter']));

                continue;
            }
            $one = isset($known[$solid->material]) ? $known[$solid->material] * $volume / $volumes[$solid->material] : (self::DENSITY[$solid->material] ?? 0.0) * $volume;
            $mass += $one;
            $moment = $moment->plus($middle->scaled($one));
        }

        return new self($scene, $mass, $moment, $filters, isset($volumes['filter']));
    }

    /** @return float kg of all filters and pre-filters of a design */
    public static function filters(Design $design): float
    {
        return $design->shape->filterCount($design) * ($design->filter->mass + ($design->prefilter->mass ?? 0.0));
    }

    /**
     * @param  float  $filters  kg of all of them
     * @return float kg
     */
    public function mass(float $filters): float
    {
        return $this->mass + ($this->hasFilters ? $filters : 0.0);
    }

    /**
     * Middle of mass.
     *
     * @param  float  $filters  kg of all of them
     * @return Point m
     */
    public function middle(float $filters): Point
    {
        $moment = $this->hasFilters ? $this->moment->plus($this->filters->scaled($filters)) : $this->moment;

        return $moment->scaled(1.0 / $this->mass($filters));
    }

    /**
     * Angle at which the middle of mass stands over the nearest edge of the foot: atan(distance / height).
     *
     * @param  float  $filters  kg of all of them
     * @return float degrees; 0 where it falls by itself
     */
    public function tipping(float $filters): float
    {
        $floor = $this->scene->reach()[0]->z;
        $foot = $this->foot ??= self::foot($this->scene, $floor);
        $middle = $this->middle($filters);
        $over = new PlanePoint($middle->x, $middle->y);
        $nearest = $foot === [] ? 0.0 : INF;
        foreach ($foot as $i => $from) {
            $to = $foot[($i + 1) % count($foot)];
            $along = $from->distanceTo($to);
            $nearest = min($nearest, $along > 0.0 ? PlanePoint::turn($from, $to, $over) / $along : 0.0);
        }

        return max(0.0, rad2deg(atan2($nearest, $middle->z - $floor)));
    }

    /** @return list<PlanePoint> */
    private static function foot(Scene $scene, float $floor): array
    {
        $touching = [];
        foreach ($scene->solids as $solid) {
            foreach ($solid->lowest() <= $floor + self::FLOOR ? $solid->corners() : [] as $corner) {
                if ($corner->z <= $floor + self::FLOOR) {
                    $touching[] = new PlanePoint($corner->x, $corner->y);
                }
            }
        }

        return $touching === [] ? [] : ConvexHull::of($touching);
    }
}
