<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Guide\Work;
use Jornel\Core\Kit\Pieces;
use Jornel\Core\Shape\Size;

/**
 * Lower bound of the measures of a family of designs, whatever its media, corners and joining: the cheapest of each for
 * itself, no sheets, no tape. Open corners take the least work, and hardware does not hang on them.
 */
final class FamilyBound
{
    private readonly int $fans;

    private readonly int $filters;

    private readonly float $footprint;

    private readonly float $height;

    private readonly float $minutes;

    private readonly int $missingTools;

    private readonly int $missingSkills;

    /** @var array<int, array{int, int, int}> first cost, filters to change over the years, missing fans, by number of units */
    private array $costs = [];

    /** @var array<int, int> by number of units, hundredths of money */
    private array $hardware = [];

    public function __construct(private readonly DesignFamily $family, Size $size, Work $work, private readonly SearchProblem $problem, private readonly PriceBook $book)
    {
        $design = $family->design;
        $this->fans = $design->shape->fanCount($design);
        $this->filters = $design->shape->filterCount($design);
        [$minutes, $tools, $skills] = [INF, PHP_INT_MAX, PHP_INT_MAX];
        foreach ($family->joinings as $joining) {
            $minutes = min($minutes, $work->minutesWith($joining));
            if ($problem->limits->areOfMakers()) {
                $joined = $work->joinedWith($joining);
                $tools = min($tools, count($problem->limits->missingTools($joined)));
                $skills = min($skills, count($problem->limits->missingSkills($joined)));
            }
        }
        [$this->minutes, $this->missingTools, $this->missingSkills] = [$minutes, $tools === PHP_INT_MAX ? 0 : $tools, $skills === PHP_INT_MAX ? 0 : $skills];
        [$this->footprint, $this->height] = [$size->footprint(), $size->height];
    }

    /** With the cheapest media to begin with and the cheapest to change. */
    public function ofAnyMedia(Operation $one): Measures
    {
        $units = $one->units;
        [$first, $running, $missing] = $this->costs[$units] ??= $this->costs($units);

        return new Measures(
            $first, $running + $one->energy, $one->level, $units * $this->footprint, $this->height, $one->power,
            $units * $this->minutes, $this->missingTools, $this->missingSkills, $missing,
        );
    }

    /**
     * What is bought besides fans, filters, sheets and joining, at least.
     *
     * @return int hundredths of money
     */
    public function hardware(int $units): int
    {
        return $this->hardware[$units] ??= array_sum(array_map(
            fn (string $id, int $count): int => $this->book->atLeast($this->problem->catalogue->material($id), $count),
            array_keys($pieces = Pieces::ofHardware($this->family->assembly, $units, $this->problem->catalogue)),
            $pieces,
        ));
    }

    /** @return array{int, int, int} first cost, filters to change over the years, missing fans */
    private function costs(int $units): array
    {
        $design = $this->family->design;
        [$fans, $filters] = [$units * $this->fans, $units * $this->filters];
        [$first, $change] = $this->book->cheapest($this->family->media, $filters);
        if ($design->prefilter !== null) {
            $first += $this->book->atLeast($design->prefilter, $filters);
            $change += $this->book->refill($design->prefilter, $filters);
        }
        $first += $this->book->atLeast($design->fan, $fans) + $this->hardware($units);

        return [$first, $this->book->running($change, 0), $this->problem->stock->missing($design->fan->id, $fans)];
    }
}
