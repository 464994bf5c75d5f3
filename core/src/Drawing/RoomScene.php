<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Wall;
use Jornel\Core\Plan\FloorPlan;
use Jornel\Core\Plan\Furnishing;
use Jornel\Core\Plan\FurnishingKind;
use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\Extent;
use Jornel\Core\Scene\Mark;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;
use Jornel\Core\Scene\SolidFace;

/** A room with its far walls, what is built into it, a grown person for scale, and the units that stand in it. */
final class RoomScene
{
    /** Thickness of walls and floor, m. */
    public const WALL = 0.08;

    /** Pitch of the grid on the floor, m. */
    private const GRID = 1.0;

    /** Height of the sill of a window, and of an outlet, m. */
    private const SILL = 0.9;

    private const OUTLET = 0.3;

    /** @param  Scene|null  $unit what stands in the room, so many times */
    public static function of(FloorPlan $plan, ?Scene $unit, int $units): Scene
    {
        $solids = [self::floor($plan), ...self::walls($plan, (new Camera)->towardsViewer)];
        foreach ($plan->furnishings as $number => $one) {
            if (! $one->kind->isInWall() && $one->kind !== FurnishingKind::Unit) {
                $solids[] = self::standing($one, "furnishing-{$number}", $plan->height());
            }
        }
        $arrows = $anchors = [];
        if ($unit !== null) {
            $plain = $unit->without(['pleat', 'guard']);
            $size = $plain->size();
            $shown = min($units, max(1, (int) floor($plan->sides()[0] / ($size->x + 0.3))));
            foreach ($plan->units($shown) as $place) {
                $at = new Point($place->x - $size->x / 2.0, $place->y - $size->y / 2.0, 0.0);
                $scene = $plain->movedBy($at);
                $solids = [...$solids, ...$scene->solids];
                $arrows = [...$arrows, ...array_values(array_filter($scene->arrows, fn (Arrow $arrow): bool => $arrow->kind === 'outlet'))];
                $anchors[] = new Anchor('unit', $at->plus($size->scaled(0.5)));
            }
        }

        return new Scene([...$solids, ...self::person($plan)], $arrows, $anchors, self::extents($plan));
    }

    /** @return list<Extent> along the sides of the whole, and the height where the ceiling is seen best */
    private static function extents(FloorPlan $plan): array
    {
        [$left, $front, $right, $back] = $plan->frame();
        $far = 0;
        foreach ($plan->outline->corners as $i => $corner) {
            $far = $corner->x + $corner->y > $plan->outline->corners[$far]->x + $plan->outline->corners[$far]->y ? $i : $far;
        }
        $corner = $plan->outline->corners[$far];
        $rightwards = new Point(1.0, 0.0, 0.0);

        return [
            new Extent('length', new Point($left, $front, -self::WALL), new Point($right, $front, -self::WALL), new Point(0.0, -1.0, 0.0)),
            new Extent('width', new Point($right, $front, -self::WALL), new Point($right, $back, -self::WALL), $rightwards),
            new Extent('height', self::over($corner, 0.0), self::over($corner, $plan->outline->heights[$far]), $rightwards),
        ];
    }

    private static function floor(FloorPlan $plan): Solid
    {
        $outline = array_map(fn (PlanePoint $corner): Point => self::over($corner, -self::WALL), $plan->outline->corners);

        return Solid::prism('floor', 'floor', $outline, new Point(0.0, 0.0, self::WALL), fn (): array => [...self::grid($plan), ...self::thresholds($plan)]);
    }

    /**
     * The walls whose inner side is turned to the viewer, mitred where two of them meet.
     *
     * @return list<Solid>
     */
    private static function walls(FloorPlan $plan, Point $towardsViewer): array
    {
        $walls = $plan->outline->walls();
        $count = count($walls);
        $isFar = array_map(fn (Wall $wall): bool => $wall->outwards()->dot(new PlanePoint($towardsViewer->x, $towardsViewer->y)) < -1e-6, $walls);
        $solids = [];
        foreach ($walls as $i => $wall) {
            if ($isFar[$i]) {
                $before = ($i + $count - 1) % $count;
                $after = ($i + 1) % $count;
                $solids[] = self::wall($plan, $wall, $isFar[$before] ? $walls[$before] : null, $isFar[$after] ? $walls[$after] : null);
            }
        }

        return $solids;
    }

    private static function wall(FloorPlan $plan, Wall $wall, ?Wall $before, ?Wall $after): Solid
    {
        [$low, $high] = $wall->heights;
        $outer = [$wall->outerCorner($wall->from, $before, self::WALL), $wall->outerCorner($wall->to, $after, self::WALL)];
        $foot = [[$wall->from, $low], [$outer[0], $low], [$outer[1], $high], [$wall->to, $high]];
        $bottom = array_map(fn (array $one): Point => self::over($one[0], 0.0), $foot);
        $top = array_map(fn (array $one): Point => self::over($one[0], $one[1]), $foot);
        $faces = [new SolidFace($top), new SolidFace(array_reverse($bottom))];
        for ($i = 0; $i < 4; $i++) {
            $next = ($i + 1) % 4;
            // The last of the sides is the inner one.
            $faces[] = new SolidFace([$bottom[$i], $bottom[$next], $top[$next], $top[$i]], $i === 3 ? fn (): array => self::inWall($plan, $wall) : []);
        }

        return Solid::of('wall', 'wall', $faces);
    }

    /** @return list<Mark> doors, windows and outlets on the inner side of a wall */
    private static function inWall(FloorPlan $plan, Wall $wall): array
    {
        $marks = [];
        foreach ($plan->furnishings as $one) {
            if (! $one->kind->isInWall() || $wall->distanceTo($one->middle()) > 1e-6) {
                continue;
            }
            $along = $wall->along($one->middle());
            $ceiling = min($wall->heights) - 0.05;
            $low = match ($one->kind) {
                FurnishingKind::Window => min(self::SILL, max(0.0, $ceiling - $one->height)),
                FurnishingKind::Outlet => self::OUTLET,
                default => 0.0,
            };
            $high = min($low + $one->height, $ceiling);
            $at = fn (float $along, float $z): Point => self::over($wall->at($along), $z);
            [$from, $to] = [max(0.0, $along - $one->width / 2.0), min($wall->length(), $along + $one->width / 2.0)];
            $marks[] = new Mark($one->kind->value, [$at($from, $low), $at($to, $low), $at($to, $high), $at($from, $high)], true);
            if ($one->kind === FurnishingKind::Window) {
                $marks[] = new Mark('bar', [$at($along, $low), $at($along, $high)], false);
            }
        }

        return $marks;
    }

    /** A place of the plan at a height. */
    private static function over(PlanePoint $place, float $z): Point
    {
        return new Point($place->x, $place->y, $z);
    }

    private static function standing(Furnishing $one, string $part, float $ceiling): Solid
    {
        [$x, $y] = [$one->width / 2.0, $one->depth / 2.0];

        return Solid::box(
            $part, $one->kind->value,
            new Point($one->x - $x, $one->y - $y, 0.0),
            new Point($one->x + $x, $one->y + $y, min($one->height, $ceiling)),
        );
    }

    /** @return list<Mark> on the floor in front of every door */
    private static function thresholds(FloorPlan $plan): array
    {
        return array_map(function (Furnishing $door): Mark {
            $half = (new PlanePoint($door->width / 2.0, 0.0))->turned($door->turn);

            return new Mark('threshold', [self::over($door->middle()->minus($half), 0.0), self::over($door->middle()->plus($half), 0.0)], false);
        }, $plan->all(FurnishingKind::Door));
    }

    /** @return list<Mark> lines a metre apart, as far as the floor goes */
    private static function grid(FloorPlan $plan): array
    {
        $marks = [];
        foreach (['x', 'y'] as $axis) {
            $across = array_column($plan->outline->corners, $axis);
            for ($at = min($across) + self::GRID; $at < max($across) - 0.05; $at += self::GRID) {
                foreach (array_chunk(self::crossings($plan, $axis, $at), 2) as $pair) {
                    if (count($pair) === 2) {
                        $marks[] = new Mark('grid', array_map(fn (float $other): Point => $axis === 'x' ? new Point($at, $other, 0.0) : new Point($other, $at, 0.0), $pair), false);
                    }
                }
            }
        }

        return $marks;
    }

    /**
     * Where a line across the floor meets the walls.
     *
     * @param  'x'|'y'  $axis  along which it stands at a coordinate
     * @return list<float> the other coordinate, in order
     */
    private static function crossings(FloorPlan $plan, string $axis, float $at): array
    {
        $found = [];
        foreach ($plan->outline->walls() as $wall) {
            $other = $axis === 'x' ? 'y' : 'x';
            [$from, $to] = [$wall->from, $wall->to];
            if (($from->{$axis} > $at) !== ($to->{$axis} > $at)) {
                $found[] = $from->{$other} + ($to->{$other} - $from->{$other}) * ($at - $from->{$axis}) / ($to->{$axis} - $from->{$axis});
            }
        }
        sort($found);

        return $found;
    }

    /**
     * A figure of 1.7 m, where there is a free place for it.
     *
     * @return list<Solid>
     */
    private static function person(FloorPlan $plan): array
    {
        [$length, $width] = $plan->sides();
        [$left, $front] = $plan->frame();
        [$x, $y] = [$left + $length * 0.8, $front + $width * 0.3];
        $isFree = array_filter($plan->furnishings, fn (Furnishing $one): bool => abs($one->x - $x) < $one->width / 2.0 + 0.3 && abs($one->y - $y) < $one->depth / 2.0 + 0.3) === [];
        if ($length <= 2.0 || $width <= 1.6 || $plan->height() <= 1.8 || ! $isFree || ! $plan->outline->contains(new PlanePoint($x, $y))) {
            return [];
        }
        $at = fn (float $dx, float $z): Point => new Point($x + $dx, $y, $z);
        $back = new Point(0.0, -0.03, 0.0);
        $head = array_map(fn (int $step): Point => $at(0.105 * cos(M_PI * $step / 9), 1.585 + 0.115 * sin(M_PI * $step / 9)), range(0, 17));

        return [
            Solid::prism('person', 'person', [$at(-0.12, 0.0), $at(0.12, 0.0), $at(0.19, 0.75), $at(0.23, 1.3), $at(0.15, 1.43), $at(-0.15, 1.43), $at(-0.23, 1.3), $at(-0.19, 0.75)], $back),
            Solid::prism('person', 'person', $head, $back),
        ];
    }
}
