<?php

declare(strict_types=1);

namespace Jornel\Core\Kit\Drawing;

use Jornel\Core\Room\Room;
use Jornel\Core\Shape\Scene\Anchor;
use Jornel\Core\Shape\Scene\Arrow;
use Jornel\Core\Shape\Scene\Extent;
use Jornel\Core\Shape\Scene\Mark;
use Jornel\Core\Shape\Scene\Point;
use Jornel\Core\Shape\Scene\Scene;
use Jornel\Core\Shape\Scene\Solid;

/** A room with its two far walls, a grown person for scale, and the units that stand in it. */
final class RoomScene
{
    private const WALL = 0.08;

    /** Pitch of the grid on the floor, m. */
    private const GRID = 1.0;

    /** @param  Scene|null  $unit what stands in the room, so many times */
    public static function of(Room $room, ?Scene $unit, int $units): Scene
    {
        $length = $room->length;
        $width = $room->width;
        $height = $room->height;
        $solids = [
            Solid::box('floor', 'floor', new Point(0.0, 0.0, -self::WALL), new Point($length, $width, 0.0), ['top' => self::grid($length, $width)]),
            Solid::box('wall', 'wall', new Point(0.0, $width, -self::WALL), new Point($length, $width + self::WALL, $height)),
            Solid::box('wall', 'wall', new Point(-self::WALL, 0.0, -self::WALL), new Point(0.0, $width + self::WALL, $height)),
        ];
        $arrows = $anchors = [];
        if ($unit !== null) {
            $plain = $unit->without(['pleat', 'guard']);
            foreach (self::places($room, $plain, $units) as $place) {
                $scene = $plain->movedBy($place);
                $solids = [...$solids, ...$scene->solids];
                $arrows = [...$arrows, ...array_values(array_filter($scene->arrows, fn (Arrow $arrow): bool => $arrow->kind === 'outlet'))];
                $anchors[] = new Anchor('unit', $place->plus($plain->size()->scaled(0.5)));
            }
        }
        if ($length > 2.0 && $width > 1.6 && $height > 1.8) {
            $solids = [...$solids, ...self::person(new Point($length * 0.8, $width * 0.3, 0.0))];
        }

        return new Scene($solids, $arrows, $anchors, [
            new Extent('length', new Point(0.0, 0.0, -self::WALL), new Point($length, 0.0, -self::WALL), new Point(0.0, -1.0, 0.0)),
            new Extent('width', new Point($length, 0.0, -self::WALL), new Point($length, $width, -self::WALL), new Point(1.0, 0.0, 0.0)),
            new Extent('height', new Point($length, $width, 0.0), new Point($length, $width, $height), new Point(1.0, 0.0, 0.0)),
        ]);
    }

    /**
     * Spread along the middle of the room, clear of the walls.
     *
     * @return list<Point>
     */
    private static function places(Room $room, Scene $unit, int $units): array
    {
        $size = $unit->size();
        $shown = min($units, max(1, (int) floor($room->length / ($size->x + 0.3))));
        $places = [];
        for ($i = 0; $i < $shown; $i++) {
            $places[] = new Point(
                $room->length * ($i + 0.5) / $shown - $size->x / 2.0,
                max(0.0, $room->width * 0.62 - $size->y / 2.0),
                0.0,
            );
        }

        return $places;
    }

    /** @return list<Mark> */
    private static function grid(float $length, float $width): array
    {
        $marks = [];
        for ($x = self::GRID; $x < $length - 0.05; $x += self::GRID) {
            $marks[] = new Mark('grid', [new Point($x, 0.0, 0.0), new Point($x, $width, 0.0)], false);
        }
        for ($y = self::GRID; $y < $width - 0.05; $y += self::GRID) {
            $marks[] = new Mark('grid', [new Point(0.0, $y, 0.0), new Point($length, $y, 0.0)], false);
        }

        return $marks;
    }

    /**
     * A figure of 1.7 m.
     *
     * @return list<Solid>
     */
    private static function person(Point $feet): array
    {
        $at = fn (float $x, float $z): Point => $feet->plus(new Point($x, 0.0, $z));
        $back = new Point(0.0, -0.03, 0.0);
        $head = array_map(fn (int $step): Point => $at(0.105 * cos(M_PI * $step / 9), 1.585 + 0.115 * sin(M_PI * $step / 9)), range(0, 17));

        return [
            Solid::prism('person', 'person', [$at(-0.12, 0.0), $at(0.12, 0.0), $at(0.19, 0.75), $at(0.23, 1.3), $at(0.15, 1.43), $at(-0.15, 1.43), $at(-0.23, 1.3), $at(-0.19, 0.75)], $back),
            Solid::prism('person', 'person', $head, $back),
        ];
    }
}
