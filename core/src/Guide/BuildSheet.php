<?php

declare(strict_types=1);

namespace Jornel\Core\Guide;

use Jornel\Core\Caution\Caution;
use Jornel\Core\Guide\Making\Step;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;

/** All that someone at the bench needs to make a unit, on one page. */
final readonly class BuildSheet
{
    /**
     * @param  list<CutLine>  $cuts
     * @param  non-empty-list<Step>  $steps
     * @param  list<Caution>  $cautions
     */
    private function __construct(
        public Design $design,
        public Assembly $assembly,
        public int $units,
        public ShoppingList $shopping,
        public array $cuts,
        public array $steps,
        public array $cautions,
    ) {
    }

    /** @param  list<Caution>  $cautions those that apply */
    public static function of(Design $design, Assembly $assembly, int $units, ShoppingList $shopping, array $cautions): self
    {
        return new self(
            $design,
            $assembly,
            $units,
            $shopping,
            CutLine::list($assembly->panels),
            Steps::of($design),
            $cautions,
        );
    }

    /** Minutes of work for one unit. */
    public function minutes(): float
    {
        return array_sum(array_map(fn (Step $step): float => $step->minutes(), $this->steps));
    }

    /** The same as it is told: to the next five minutes. */
    public function minutesTold(): int
    {
        return 5 * (int) ceil($this->minutes() / 5.0);
    }
}
