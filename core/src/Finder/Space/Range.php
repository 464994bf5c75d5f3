<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Joining;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Shape;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Shape\WindowOpening;

/** How far the finder looks besides the parts: shapes and the ways of making them, grades, number of units. */
final readonly class Range
{
    public const MOST_UNITS = 4;

    /** Ways of treating a fan’s corners, the one with least to make first; taped ones lie between. */
    public const CORNERS = [Corners::Open, Corners::Shroud];

    /**
     * @param  array<string, Shape>  $shapes
     * @param  int  $units  most units alike, 1 or more
     * @param  bool  $prefilters  whether to set coarse ones in front: they cost and hold back air, and what they gain, life, is
     *                            no measure here
     * @param  int|null  $leastGrade  below which no filter is taken but as a pre-filter; null for any
     * @param  WindowOpening|null  $window  of the room, in which those are set that need one; null for an ordinary one
     * @param  bool  $trials  whether joinings are taken that are a trial and no build, such as suction alone
     * @param  array<string, Shape>  $tooLocal  shapes that were left out because the pollutant is set free at a place of work
     */
    public function __construct(
        public array $shapes,
        public int $units = self::MOST_UNITS,
        public ?int $leastGrade = null,
        public bool $prefilters = false,
        public ?WindowOpening $window = null,
        public bool $trials = false,
        public array $tooLocal = [],
    ) {
    }

    /** Every shape that needs no window and reaches the pollutant, up to four units, filters of a grade or better. */
    public static function usual(?int $leastGrade = null, bool $isAtSource = false, bool $trials = false): self
    {
        $shapes = array_filter(Shapes::all(), fn (Shape $shape): bool => ! $shape->needsWindow());
        [$within, $tooLocal] = self::reaching($shapes, $isAtSource);

        return new self($within, self::MOST_UNITS, $leastGrade, trials: $trials, tooLocal: $tooLocal);
    }

    /**
     * Shapes that reach what is set free in the room, and those that do not: for dust at a place of work a single face is not
     * enough, as it catches only what is released right before it (common practice, no source).
     *
     * @param  array<string, Shape>  $shapes
     * @return array{array<string, Shape>, array<string, Shape>}
     */
    public static function reaching(array $shapes, bool $isAtSource): array
    {
        $around = array_filter($shapes, fn (Shape $shape): bool => ! $isAtSource || $shape->drawsFromAround());

        return [$around, array_diff_key($shapes, $around)];
    }

    public function takes(Filter $filter): bool
    {
        return $this->leastGrade === null || $filter->grade->hepa || ($filter->grade->number !== null && $filter->grade->number >= $this->leastGrade);
    }

    /** Whether a joining can hold a shape and is no mere trial. */
    public function takesJoining(Joining $joining, Shape $shape): bool
    {
        return $joining->holds($shape->id()) && ($this->trials || ! $joining->isTrial);
    }

    /** Whether a filter may stand in front of another: as large, and of no grade. */
    public function takesBefore(Filter $prefilter, Filter $filter): bool
    {
        return $this->prefilters && $prefilter->grade->number === null && ! $prefilter->grade->hepa && $prefilter->id !== $filter->id && $prefilter->matches($filter);
    }
}
