<?php

declare(strict_types=1);

namespace Jornel\Core\Plan;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Polygon;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;

/**
 * A plan as a hand changes it: corners and walls are pulled, put in and taken out, things are put down and moved. What a
 * tape has read stays with the walls that keep their length, and what was written stays to the letter.
 */
final readonly class PlanEdit
{
    /** A floor has this many corners or more. */
    public const FEWEST = 3;

    /** Shortest side of a rectangle that is dragged, m. */
    private const LEAST_SIDE = 1.0;

    /** How far from each other new things on the floor are put, m. */
    private const BESIDE = 0.8;

    /** New things stand in rows of as many. */
    private const ROW = 3;

    /**
     * @param  list<DrawnCorner>  $corners
     * @param  list<DrawnThing>  $things
     */
    public function __construct(public array $corners, public array $things, private System $system)
    {
    }

    /** Four corners of what was dragged, anticlockwise with y away from the viewer; the same where it is too narrow. */
    public function rectangle(float $x1, float $y1, float $x2, float $y2): self
    {
        [$x1, $y1, $x2, $y2] = array_map($this->steadied(...), [$x1, $y1, $x2, $y2]);
        if (abs($x2 - $x1) < self::LEAST_SIDE || abs($y2 - $y1) < self::LEAST_SIDE) {
            return $this;
        }
        [$left, $right, $front, $back] = [min($x1, $x2), max($x1, $x2), min($y1, $y2), max($y1, $y2)];

        return $this->with([new DrawnCorner($left, $front), new DrawnCorner($right, $front), new DrawnCorner($right, $back), new DrawnCorner($left, $back)]);
    }

    /**
     * A corner is moved: the walls on both its sides are no longer what a tape has read.
     *
     * @param  float  $near  within which it is drawn into line with other corners, m
     */
    public function moveCorner(int $index, float $x, float $y, float $near): self
    {
        $corners = $this->mustHaveCorner($index);
        [$x, $y] = [$this->steadied($x), $this->steadied($y)];
        foreach ($this->corners as $i => $other) {
            if ($i !== $index) {
                [$x, $y] = [abs($other->x - $x) <= $near ? $other->x : $x, abs($other->y - $y) <= $near ? $other->y : $y];
            }
        }
        $corners[$index] = $corners[$index]->movedTo($x, $y)->untaped();
        $corners[$this->before($index)] = $corners[$this->before($index)]->untaped();

        return $this->unlessTurned(array_values($corners));
    }

    /** A wall is moved along its normal: it keeps its length, its neighbours do not. */
    public function moveWall(int $index, float $dx, float $dy): self
    {
        $corners = $this->mustHaveCorner($index);
        [$before, $after] = [$this->before($index), $this->after($index)];
        [$from, $to] = [$corners[$index], $corners[$after]];
        $length = hypot($to->x - $from->x, $to->y - $from->y);
        [$nx, $ny] = [($to->y - $from->y) / $length, -($to->x - $from->x) / $length];
        $by = $this->steadied($dx) * $nx + $this->steadied($dy) * $ny;
        $corners[$index] = $from->movedTo($from->x + $by * $nx, $from->y + $by * $ny);
        $corners[$after] = $to->movedTo($to->x + $by * $nx, $to->y + $by * $ny)->untaped();
        $corners[$before] = $corners[$before]->untaped();

        return $this->unlessTurned(array_values($corners));
    }

    /** A corner in the middle of a wall, to be drawn out; its ceiling is that of the room. */
    public function addCorner(int $wall): self
    {
        [$from, $to] = $this->ends($wall);

        return $this->insert($wall, [new DrawnCorner(($from->x + $to->x) / 2.0, ($from->y + $to->y) / 2.0)]);
    }

    /** The middle third of a wall is set back: an alcove of three walls, a foot and a half or half a metre deep. */
    public function addRecess(int $wall): self
    {
        [$from, $to] = $this->ends($wall);
        $deep = $this->system === System::Imperial ? UnitOfMeasure::Foot->toSi(1.5) : 0.5;
        $length = hypot($to->x - $from->x, $to->y - $from->y);
        [$dx, $dy] = [($to->x - $from->x) / $length, ($to->y - $from->y) / $length];
        $at = fn (float $along, float $out): DrawnCorner => new DrawnCorner($from->x + $along * $length * $dx + $out * $dy, $from->y + $along * $length * $dy - $out * $dx);

        return $this->insert($wall, [$at(1 / 3, 0.0), $at(1 / 3, $deep), $at(2 / 3, $deep), $at(2 / 3, 0.0)]);
    }

    /** Without a corner; the last three stay. */
    public function removeCorner(int $index): self
    {
        $corners = $this->mustHaveCorner($index);
        if (count($corners) <= self::FEWEST) {
            return $this;
        }
        $corners[$this->before($index)] = $corners[$this->before($index)]->untaped();
        unset($corners[$index]);

        return $this->with(array_values($corners));
    }

    public function moveThing(int $index, float $x, float $y): self
    {
        $this->thingMustBe($index);
        $things = $this->things;
        $things[$index] = $things[$index]->movedTo($this->steadied($x), $this->steadied($y));

        return new self($this->corners, array_values($things), $this->system);
    }

    public function removeThing(int $index): self
    {
        $this->thingMustBe($index);

        return new self($this->corners, array_values(array_diff_key($this->things, [$index => true])), $this->system);
    }

    /**
     * Something new, put where it is likely to be wanted: in a wall, else in the middle of the floor, beside what was put
     * there before.
     *
     * @param  int|null  $wall  that was picked; null for none
     */
    public function put(FurnishingKind $kind, ?int $wall): self
    {
        [$from, $to] = $this->ends($wall ?? 0);
        $before = count($this->things);
        [$x, $y] = $kind->isInWall() ? [($from->x + $to->x) / 2.0, ($from->y + $to->y) / 2.0] : [
            self::mean(array_map(fn (DrawnCorner $corner): float => $corner->x, $this->corners)) + ($before % self::ROW - 1) * self::BESIDE,
            self::mean(array_map(fn (DrawnCorner $corner): float => $corner->y, $this->corners)) + intdiv($before, self::ROW) % self::ROW * self::BESIDE,
        ];

        return new self($this->corners, [...$this->things, new DrawnThing($kind->value, $x, $y)], $this->system);
    }

    /** @param  list<float>  $values */
    private static function mean(array $values): float
    {
        return array_sum($values) / count($values);
    }

    /** A ceiling to begin with, until it is measured, as it is written. */
    public static function usualCeiling(System $system): string
    {
        return $system === System::Imperial ? '8 ft' : '2.5 m';
    }

    /** A hand is no steadier than three inches or five centimetres. */
    public static function step(System $system): float
    {
        return $system === System::Imperial ? UnitOfMeasure::Inch->toSi(3.0) : 0.05;
    }

    private function steadied(float $value): float
    {
        $step = self::step($this->system);

        return round(round($value / $step) * $step, 6);
    }

    /**
     * No wall is pulled past the one opposite: the room stays on the left of its walls.
     *
     * @param  list<DrawnCorner>  $corners
     */
    private function unlessTurned(array $corners): self
    {
        return $corners !== [] && (new Polygon(array_map(fn (DrawnCorner $corner): PlanePoint => $corner->point(), $corners)))->area() > 0.0 ? $this->with($corners) : $this;
    }

    /** @param  list<DrawnCorner>  $added  after the corner at which a wall begins, which is no longer as a tape has read it */
    private function insert(int $wall, array $added): self
    {
        $corners = $this->corners;
        $corners[$wall] = $corners[$wall]->untaped();
        array_splice($corners, $wall + 1, 0, $added);

        return $this->with($corners);
    }

    /** @param  list<DrawnCorner>  $corners */
    private function with(array $corners): self
    {
        return new self($corners, $this->things, $this->system);
    }

    private function before(int $index): int
    {
        return ($index - 1 + count($this->corners)) % count($this->corners);
    }

    private function after(int $index): int
    {
        return ($index + 1) % count($this->corners);
    }

    /**
     * All corners, among them that one.
     *
     * @return non-empty-array<int, DrawnCorner>
     */
    private function mustHaveCorner(int $index): array
    {
        return isset($this->corners[$index]) ? $this->corners : throw InvalidPlan::outline('edit.index', 'There is no such corner or wall.');
    }

    /** @return array{DrawnCorner, DrawnCorner} of a wall */
    private function ends(int $wall): array
    {
        $corners = $this->mustHaveCorner($wall);

        return [$corners[$wall], $corners[$this->after($wall)]];
    }

    private function thingMustBe(int $index): void
    {
        if (! isset($this->things[$index])) {
            throw InvalidPlan::outline('edit.index', 'There is no such thing on the plan.');
        }
    }
}
