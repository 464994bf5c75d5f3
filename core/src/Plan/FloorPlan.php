<?php

declare(strict_types=1);

namespace Jornel\Core\Plan;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Wall;
use Jornel\Core\Shape\WindowOpening;
use Jornel\Core\Sound\Seat;
use Jornel\Core\Sound\Sound;
use LogicException;

/** The plan of a room: its outline, what is built into it, set in its walls and standing in it. */
final readonly class FloorPlan
{
    /** Shortest and longest wall that is allowed, m. */
    public const SIDE = [1.0, 100.0];

    /** Lowest and highest ceiling that is allowed, m. */
    public const CEILING = [1.5, 15.0];

    /** How far what stands on the floor is kept from the walls, m. */
    private const CLEAR = 0.05;

    /**
     * @param  list<Furnishing>  $furnishings  each in its wall or inside the walls
     * @param  list<bool>  $taped  for each wall whether its length was read off a tape
     * @param  bool  $isDrawn  whether it was drawn by its corners; else it is a rectangle of length and width
     */
    private function __construct(public Outline $outline, public array $furnishings, public array $taped, public bool $isDrawn)
    {
    }

    /**
     * @param  float  $length  along x, m
     * @param  float  $width  along y, m
     * @param  float  $height  m
     * @param  list<Furnishing>  $furnishings
     *
     * @throws InvalidPlan when the built-ins fill it
     */
    public static function rectangle(float $length, float $width, float $height, array $furnishings = []): self
    {
        $corners = PlanePoint::list([[0.0, 0.0], [$length, 0.0], [$length, $width], [0.0, $width]]);

        return self::with(self::outline($corners, [$height], $furnishings), $furnishings, [true, true, true, true], false);
    }

    /**
     * @param  list<PlanePoint>  $corners  anticlockwise, m
     * @param  list<float>  $heights  one for each corner, or a single one, m
     * @param  list<Furnishing>  $furnishings
     * @param  list<bool>  $taped  for each wall, the one that begins at the first corner first
     *
     * @throws InvalidPlan when the walls cross each other, enclose nothing or run clockwise, or the built-ins fill it
     */
    public static function drawn(array $corners, array $heights, array $furnishings = [], array $taped = []): self
    {
        $outline = self::outline($corners, $heights, $furnishings);
        if ($outline->corners != $corners) {
            // Readings stand with the wall that begins at their corner: the other way round they would stand at another.
            throw InvalidPlan::outline('room.outline', 'Give the corners anticlockwise, with the room on the left of its walls.');
        }

        return self::with($outline, $furnishings, count($taped) === count($outline->corners) ? $taped : array_fill(0, count($outline->corners), false), true);
    }

    /** @return float m2 */
    public function area(): float
    {
        return $this->outline->area();
    }

    /** @return float of the air, m3 */
    public function volume(): float
    {
        return $this->outline->volume();
    }

    /** @return float mean of the ceiling, m */
    public function height(): float
    {
        return $this->outline->meanHeight();
    }

    /** @return float of floor, ceiling and walls, m2 */
    public function surface(): float
    {
        return $this->outline->surface();
    }

    /**
     * Sides of the rectangle that it just goes into.
     *
     * @return array{float, float} along x and y, m
     */
    public function sides(): array
    {
        [$left, $front, $right, $back] = $this->frame();

        return [$right - $left, $back - $front];
    }

    /**
     * The rectangle that it just goes into.
     *
     * @return array{float, float, float, float} left, front, right, back, m
     */
    public function frame(): array
    {
        [$xs, $ys] = [array_column($this->outline->corners, 'x'), array_column($this->outline->corners, 'y')];

        return [min($xs), min($ys), max($xs), max($ys)];
    }

    /** @return list<Furnishing> */
    public function all(FurnishingKind $kind): array
    {
        return array_values(array_filter($this->furnishings, fn (Furnishing $one): bool => $one->kind === $kind));
    }

    /** Opening of the largest window that is drawn; null where there is none. */
    public function window(): ?WindowOpening
    {
        $windows = $this->all(FurnishingKind::Window);
        usort($windows, fn (Furnishing $one, Furnishing $other): int => $other->width * $other->height <=> $one->width * $one->height);

        return $windows === [] ? null : WindowOpening::of($windows[0]->width, $windows[0]->height);
    }

    /**
     * Where so many units stand: on the places that are drawn, then spread along the room a little behind its middle.
     *
     * @param  int  $units  0 or more
     * @return list<Furnishing>
     */
    public function units(int $units): array
    {
        $places = array_slice($this->all(FurnishingKind::Unit), 0, $units);
        $left = $units - count($places);
        [$length, $width] = $this->sides();
        [$x, $y] = $this->frame();
        for ($i = 0; $i < $left; $i++) {
            $places[] = self::placed($this->outline, Furnishing::usual(FurnishingKind::Unit, $x + $length * ($i + 0.5) / $left, $y + $width * 0.62));
        }

        return $places;
    }

    /**
     * Level of purifiers at each seat: their energy through the room's direct and diffuse field, added.
     *
     * @param  non-empty-list<float>  $levels  of each at 1 m in the open, in the order in which they stand, dBA; of which
     *                                         nothing is known, not a number
     * @return list<float> dBA, in the order of the seats
     */
    public function levelsOf(array $levels): array
    {
        $constant = Sound::roomConstant($this->surface());
        $places = $this->units(count($levels));

        return array_map(function (Furnishing $seat) use ($levels, $places, $constant): float {
            $heard = [];
            foreach ($levels as $number => $level) {
                if (! is_nan($level)) {
                    $heard[] = Sound::inRoom(Sound::power($level), $this->heardFrom($places[$number], $seat), $constant);
                }
            }

            return $heard === [] ? throw new LogicException('Nothing is heard of no unit.') : Sound::together($heard);
        }, $this->all(FurnishingKind::Seat));
    }

    /**
     * From where the first unit stands to a point of the floor, as sound is heard there.
     *
     * @return float m, not nearer than sound spreads freely
     */
    public function fromUnit(PlanePoint $point): float
    {
        return $this->heardFrom($this->units(1)[0], Furnishing::usual(FurnishingKind::Seat, $point->x, $point->y));
    }

    /** @return float|null from where the first unit stands to the seat nearest to it, m; null without seats */
    public function nearestSeat(): ?float
    {
        $distances = array_map(fn (Furnishing $seat): float => $this->heardFrom($this->units(1)[0], $seat), $this->all(FurnishingKind::Seat));

        return $distances === [] ? null : min($distances);
    }

    /**
     * From the unit that stands farthest from an outlet to the outlet nearest to it.
     *
     * @param  int  $units  1 or more
     * @return float|null m; null where no outlet is drawn
     */
    public function farthestFromOutlet(int $units): ?float
    {
        $outlets = $this->all(FurnishingKind::Outlet);
        if ($outlets === []) {
            return null;
        }

        $farthest = 0.0;
        foreach ($this->units($units) as $unit) {
            $farthest = max($farthest, min(array_map(fn (Furnishing $outlet): float => $unit->distanceTo($outlet), $outlets)));
        }

        return $farthest;
    }

    /** @return float m, not nearer than sound spreads freely */
    private function heardFrom(Furnishing $unit, Furnishing $seat): float
    {
        return max(Seat::DISTANCE[0], $unit->distanceTo($seat));
    }

    /** @param  list<Furnishing>  $furnishings */
    private static function builtIns(array $furnishings): float
    {
        return array_sum(array_map(fn (Furnishing $one): float => $one->volume(), $furnishings));
    }

    /**
     * @param  list<PlanePoint>  $corners
     * @param  list<float>  $heights
     * @param  list<Furnishing>  $furnishings
     */
    private static function outline(array $corners, array $heights, array $furnishings): Outline
    {
        return Outline::of($corners, $heights, self::builtIns($furnishings));
    }

    /**
     * @param  list<Furnishing>  $furnishings
     * @param  list<bool>  $taped
     */
    private static function with(Outline $outline, array $furnishings, array $taped, bool $isDrawn): self
    {
        return new self($outline, array_map(fn (Furnishing $one): Furnishing => self::placed($outline, $one), $furnishings), $taped, $isDrawn);
    }

    /** In the nearest wall what belongs in one, and inside the walls what stands on the floor. */
    private static function placed(Outline $outline, Furnishing $one): Furnishing
    {
        $middle = $one->middle();
        $walls = $outline->walls();
        usort($walls, fn (Wall $a, Wall $b): int => $a->distanceTo($middle) <=> $b->distanceTo($middle));
        $nearest = $walls[0];
        if ($one->kind->isInWall()) {
            $at = $nearest->at($nearest->along($middle, $one->width));
            $along = $nearest->direction();

            return $one->movedTo($at->x, $at->y, atan2($along->y, $along->x));
        }
        if ($outline->contains($middle)) {
            return $one;
        }
        $at = $nearest->at($nearest->along($middle, 2.0 * self::CLEAR))->minus($nearest->outwards()->scaled(self::CLEAR));

        return $one->movedTo($at->x, $at->y);
    }
}
