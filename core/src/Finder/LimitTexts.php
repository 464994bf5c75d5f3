<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

/** What is said of limits and of what they rule out: whole sentences, with a gap for each figure. */
final class LimitTexts
{
    public const NONE = 'No build meets the other limits either.';

    public const NOT_WITH_OTHERS = 'No build meets this and all other limits.';

    public const WITHOUT = 'Without this limit:';

    /** The limit itself, with a gap where it is a number. */
    public static function limit(Limit $limit): string
    {
        return match ($limit) {
            Limit::Level => 'At most %s at the seat.',
            Limit::FirstCost => 'First cost at most %s.',
            Limit::TotalCost => 'Total cost at most %s.',
            Limit::Footprint => 'At most %s of floor.',
            Limit::Height => 'At most %s high.',
            Limit::Power => 'At most %s of power.',
            Limit::Minutes => 'At most %s of work.',
            Limit::Tools => 'Only tools at hand.',
            Limit::Skills => 'Only skills at hand.',
            Limit::Stock => 'Only fans and filters in stock.',
        };
    }

    /** What the build has that comes nearest to it, with a gap. */
    public static function nearest(Limit $limit): string
    {
        return match ($limit) {
            Limit::Level => 'The nearest has %s there.',
            Limit::FirstCost => 'The nearest costs %s.',
            Limit::TotalCost => 'The nearest costs %s in total.',
            Limit::Footprint => 'The nearest takes %s.',
            Limit::Height => 'The nearest is %s high.',
            Limit::Power => 'The nearest uses %s.',
            Limit::Minutes => 'The nearest takes %s.',
            Limit::Tools => 'The nearest needs %s more tools.',
            Limit::Skills => 'The nearest needs %s more skills.',
            Limit::Stock => 'The nearest needs %s more fans or filters.',
        };
    }

    /** What a build has that it rules out, with a gap. */
    public static function ruledOut(Limit $limit): string
    {
        return match ($limit) {
            Limit::Level => 'It has %s at the seat.',
            Limit::FirstCost => 'Its first cost is %s.',
            Limit::TotalCost => 'Its total cost is %s.',
            Limit::Footprint => 'It takes %s of floor.',
            Limit::Height => 'It is %s high.',
            Limit::Power => 'It uses %s.',
            Limit::Minutes => 'It takes %s of work.',
            Limit::Tools => 'It needs %s more tools.',
            Limit::Skills => 'It needs %s more skills.',
            Limit::Stock => 'It needs %s more fans or filters.',
        };
    }

    /** What would be better without a limit, with gaps for the better figure and for the present one. */
    public static function better(Pick $pick): string
    {
        return match ($pick) {
            Pick::Cheapest => 'The lowest total cost would be %s instead of %s.',
            Pick::LeastToBuy => 'The lowest first cost would be %s instead of %s.',
            Pick::Quietest => 'The quietest would have %s instead of %s.',
            Pick::Smallest => 'The smallest would take %s of floor instead of %s.',
            Pick::LeastToRun => 'The lowest running cost would be %s instead of %s.',
            Pick::LeastPower => 'The lowest power would be %s instead of %s.',
            Pick::QuickestToBuild => 'The quickest would take %s of work instead of %s.',
        };
    }
}
