<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

/** Whether points lie inside some of several convex solids. */
final readonly class Occupied
{
    /** How far apart points are that are tried along a line, m. */
    private const STRIDE = 0.02;

    /** @var list<list<array{Point, Point}>> outward direction of unit length and a corner of each face, by solid */
    private array $planes;

    /** @var list<array{Point, Point}> lowest and highest corner of each solid */
    public array $boxes;

    /** @param  list<Solid>  $solids */
    public function __construct(array $solids)
    {
        $this->planes = array_map(fn (Solid $solid): array => array_map(fn (SolidFace $face): array => [$face->normal()->unit(), $face->corners[0]], $solid->faces()), $solids);
        $this->boxes = array_map(fn (Solid $solid): array => (new Scene([$solid]))->reach(), $solids);
    }

    /**
     * Whether one gets away from a point without meeting anything.
     *
     * @param  Point  $along  of unit length
     * @param  float  $far  m
     */
    public function isFree(Point $from, Point $along, float $far): bool
    {
        for ($at = 0.0; $at < $far; $at += self::STRIDE) {
            if ($this->holds($from->plus($along->scaled($at)))) {
                return false;
            }
        }

        return true;
    }

    private function holds(Point $at): bool
    {
        foreach ($this->boxes as $number => [$low, $high]) {
            if ($at->x > $low->x && $at->x < $high->x && $at->y > $low->y && $at->y < $high->y && $at->z > $low->z && $at->z < $high->z && $this->isIn($number, $at)) {
                return true;
            }
        }

        return false;
    }

    private function isIn(int $solid, Point $at): bool
    {
        foreach ($this->planes[$solid] as [$normal, $corner]) {
            if ($at->minus($corner)->dot($normal) >= 0.0) {
                return false;
            }
        }

        return true;
    }
}
