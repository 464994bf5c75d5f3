<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

/** How many candidates there were and what became of them. */
final class SearchCounts
{
    /** Ways of putting parts together that fit, at every speed and number of units. */
    public int $generated = 0;

    /** Left out because they break more than one limit. */
    public int $beyondLimits = 0;

    /** Left out because not even the most that they could give reaches the goal. */
    public int $shortOfGoal = 0;

    /** Left out because, at best, some build beats them. */
    public int $beaten = 0;

    /** Balances that were solved. */
    public int $solved = 0;

    public function add(self $other): void
    {
        $this->generated += $other->generated;
        $this->beyondLimits += $other->beyondLimits;
        $this->shortOfGoal += $other->shortOfGoal;
        $this->beaten += $other->beaten;
        $this->solved += $other->solved;
    }
}
