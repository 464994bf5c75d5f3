<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Measure\Measure;
use LogicException;

/**
 * How builds are compared: six measures, each in steps below which hardly anybody would choose by it (assumed).
 *
 * A build beats another if it is as good in every measure, counted in steps, and better in one; of two that are alike in
 * all of them the one that costs less stays.
 *
 * The six counts stand side by side in one word, each under a guard bit of its own, so that one subtraction compares all
 * of them: a guard bit is borrowed from where a count is the larger (arithmetic on packed fields, common practice).
 */
final class MeasureSteps
{
    /** Money over the years that are compared, hundredths: 10. */
    public const COST = 1000;

    /** At the seat, dB: a difference that is heard without listening for it. */
    public const LEVEL = 2.0;

    /** Share of the goal: a quarter of it. */
    public const SHARE = 0.25;

    /** Share of the goal beyond which more clean air counts no more: twice what it asks, for filters that have loaded. */
    public const MOST_SHARE = 2.0;

    /** Steps of it in all. */
    private const SHARES = 8;

    /** Floor, m2: a square foot. */
    public const FOOTPRINT = 0.0929;

    /** W of all units. */
    public const POWER = 10.0;

    /** Minutes of work on all units. */
    public const MINUTES = 15.0;

    /** A hair, so that a value that stands on a step is not counted under it. */
    private const HAIR = 1e-9;

    /** Most steps that are counted: 160,000 of money; 126 dBA; twice the goal; 511 square feet; 5,110 W; 128 hours. */
    private const MOST = [16383, 63, 15, 511, 511, 511];

    /** The guard bits over the six fields. */
    private const GUARDS = (1 << 9) | (1 << 19) | (1 << 29) | (1 << 34) | (1 << 41) | (1 << 56);

    /** @return float one step of a measure, in its unit */
    public static function step(Measure $measure): float
    {
        return match ($measure) {
            Measure::FirstCost, Measure::RunningCost, Measure::TotalCost => self::COST / 100.0,
            Measure::Level => self::LEVEL,
            Measure::Output => self::SHARE,
            Measure::Footprint => self::FOOTPRINT,
            Measure::Power => self::POWER,
            Measure::Minutes => self::MINUTES,
            Measure::CleanAir, Measure::Bypass, Measure::Height => throw new LogicException('Builds are not compared by this in steps.'),
        };
    }

    /** @param  float  $share  of the goal, 1 where it is just reached */
    public static function of(Measures $measures, float $share): int
    {
        // Each count cut to its range, the less the better; of the share, how far it is from the most.
        $minutes = min(self::MOST[5], (int) ($measures->minutes / self::MINUTES + self::HAIR));
        $power = min(self::MOST[4], (int) ($measures->power / self::POWER + self::HAIR));
        $footprint = min(self::MOST[3], (int) ($measures->footprint / self::FOOTPRINT + self::HAIR));
        $lack = self::SHARES - ($share >= self::MOST_SHARE ? self::SHARES : (int) ($share / self::SHARE + self::HAIR));
        $level = max(0, min(self::MOST[1], (int) ($measures->level / self::LEVEL + self::HAIR)));
        $cost = min(self::MOST[0], intdiv($measures->firstCost + $measures->running, self::COST));

        return $minutes | $power << 10 | $footprint << 20 | $lack << 30 | $level << 35 | $cost << 42;
    }

    /** Steps of the share of the goal alone, as far as they count. */
    public static function ofShare(float $share): int
    {
        return (int) (min($share, self::MOST_SHARE) / self::SHARE + self::HAIR);
    }

    /** Whether one is as good as another in every measure. */
    public static function isNoWorse(int $one, int $other): bool
    {
        return ((($other | self::GUARDS) - $one) & self::GUARDS) === self::GUARDS;
    }

    /**
     * The first of several that is as good as another in every measure, and not the same in all of them.
     *
     * @param  array<int, int>  $several
     * @return int|null its place
     */
    public static function firstBetter(array $several, int $other): ?int
    {
        $guarded = $other | self::GUARDS;
        foreach ($several as $place => $one) {
            if ((($guarded - $one) & self::GUARDS) === self::GUARDS && $one !== $other) {
                return $place;
            }
        }

        return null;
    }
}
