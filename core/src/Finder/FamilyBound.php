<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Finder\Space\FamilyFigures;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Part\Joining;

/**
 * Lower bound of the measures of a family of designs, whatever its media, corners and joining: the cheapest of each for
 * itself, no sheets, no tape. Open corners take the least work, and hardware does not hang on them.
 */
final class FamilyBound
{
    private readonly float $footprint;

    private readonly float $height;

    private readonly float $minutes;

    private readonly int $missingTools;

    private readonly int $missingSkills;

    /** @var array<string, array{int, int, int}> first cost, missing fans, steps of making, by number of units and voltage */
    private array $costs = [];

    /** @var array<string, int> by number of units and voltage, hundredths of money */
    private array $hardware = [];

    public function __construct(private readonly FamilyFigures $figures, Limits $limits, private readonly Stock $stock, private readonly PriceBook $book)
    {
        $variants = $figures->variants;
        [$this->missingTools, $this->missingSkills] = $limits->areOfMakers() ? self::leastMissing($figures, $limits) : [0, 0];
        $this->minutes = $variants->leastMinutes();
        [$this->footprint, $this->height] = [$variants->leastSize()->footprint(), $variants->leastSize()->height];
    }

    /**
     * With the cheapest media to begin with and the cheapest to change.
     *
     * @param  int  $filters  what all changes of filters cost over the years at least, hundredths of money
     */
    public function ofAnyMedia(Operation $one, int $filters): Measures
    {
        $units = $one->units;
        [$first, $missing, $steps] = $this->costs["{$units} {$this->figures->variants->voltage($one->speed)}"] ??= $this->costs($units, $one->speed);

        return new Measures(
            $first, $filters + $one->energy, $one->level, $units * $this->footprint, $this->height, $one->power,
            $units * $this->minutes, $this->missingTools, $this->missingSkills, $missing, $steps | $one->steps,
        );
    }

    /**
     * What is bought besides fans, filters, sheets and joining, at least.
     *
     * @return int hundredths of money
     */
    public function hardware(int $units, int $speed): int
    {
        return $this->hardware["{$units} {$this->figures->variants->voltage($speed)}"] ??= $this->book->eachAlone($this->figures->variants->hardware($units, $speed));
    }

    /** @return array{int, int} tools that are not at hand and skills that nobody has, at least */
    public function missing(): array
    {
        return [$this->missingTools, $this->missingSkills];
    }

    /** @return array{int, int} */
    private static function leastMissing(FamilyFigures $figures, Limits $limits): array
    {
        $works = array_map(fn (Joining $joining) => $figures->variants->leastWork()->joinedWith($joining), $figures->family->joinings);

        return [
            min(array_map(fn ($work): int => count($limits->missingTools($work)), $works)),
            min(array_map(fn ($work): int => count($limits->missingSkills($work)), $works)),
        ];
    }

    /** @return array{int, int, int} */
    private function costs(int $units, int $speed): array
    {
        $design = $this->figures->family->design;
        [$fans, $filters] = [$units * $this->figures->fans, $units * $this->figures->filters];
        $first = $this->book->cheapest($this->figures->family->media, $filters);
        if ($design->prefilter !== null) {
            $first += $this->book->atLeast($design->prefilter, $filters);
        }
        $first += $this->book->atLeast($design->fan, $fans) + $this->hardware($units, $speed);

        return [$first, $this->stock->missing($design->fan->id, $fans), MeasureSteps::ofMaking($units * $this->footprint, $units * $this->minutes)];
    }
}
