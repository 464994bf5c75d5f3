<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Kit\Pieces;
use Jornel\Core\Shape\Size;
use Jornel\Core\Shape\Work;

/**
 * What a frame costs and takes at the very least, whatever its media, corners and joining: the cheapest of each for
 * itself, no sheets, no tape. Open corners take the least work, and hardware does not hang on them.
 */
final class FrameAtBest
{
    private readonly int $fans;

    private readonly int $filters;

    private readonly float $minutes;

    private readonly int $missingTools;

    private readonly int $missingSkills;

    /** @var array<int, array{int, int}> filters to begin with, filters to change, by number of units */
    private array $cheapest = [];

    /** @var array<int, array{int, int, int}> first cost without filters, change of pre-filters, missing fans, by number of units */
    private array $costs = [];

    public function __construct(private readonly Frame $frame, private readonly Size $size, Work $work, private readonly Question $question, private readonly PriceBook $book)
    {
        $design = $frame->design;
        $this->fans = $design->shape->fanCount($design);
        $this->filters = $design->shape->filterCount($design);
        [$minutes, $tools, $skills] = [INF, PHP_INT_MAX, PHP_INT_MAX];
        foreach ($frame->joinings as $joining) {
            $joined = $work->joinedWith($joining);
            $minutes = min($minutes, $joined->minutes);
            $tools = min($tools, count($question->limits->missingTools($joined)));
            $skills = min($skills, count($question->limits->missingSkills($joined)));
        }
        [$this->minutes, $this->missingTools, $this->missingSkills] = [$minutes, $tools, $skills];
    }

    /** With the cheapest media to begin with and the cheapest to change. */
    public function ofAnyMedia(Open $one): Measures
    {
        return $this->measures($one, ...$this->cheapest[$one->units] ??= $this->cheapest($one->units));
    }

    /** @return array{int, int} to begin with, to change */
    private function cheapest(int $units): array
    {
        [$first, $change] = [PHP_INT_MAX, PHP_INT_MAX];
        foreach ($this->frame->media as $filter) {
            $first = min($first, $this->book->atLeast($filter, $units * $this->filters));
            $change = min($change, $this->book->refill($filter, $units * $this->filters));
        }

        return [$first, $change];
    }

    private function measures(Open $one, int $filters, int $refill): Measures
    {
        [$first, $change, $missing] = $this->costs[$one->units] ??= $this->costs($one->units);

        return new Measures(
            $first + $filters, $this->book->running($change + $refill, $one->energy), $one->level, $one->units * $this->size->footprint(), $this->size->height, $one->power,
            $one->units * $this->minutes, $this->missingTools, $this->missingSkills, $missing,
        );
    }

    /** @return array{int, int, int} */
    private function costs(int $units): array
    {
        $design = $this->frame->design;
        $first = $this->book->atLeast($design->fan, $units * $this->fans);
        $change = 0;
        if ($design->prefilter !== null) {
            $first += $this->book->atLeast($design->prefilter, $units * $this->filters);
            $change = $this->book->refill($design->prefilter, $units * $this->filters);
        }
        foreach (Pieces::ofHardware($this->frame->assembly, $units, $this->question->catalogue) as $id => $count) {
            $first += $this->book->atLeast($this->question->catalogue->material($id), $count);
        }

        return [$first, $change, $this->question->stock->missing($design->fan->id, $units * $this->fans)];
    }
}
