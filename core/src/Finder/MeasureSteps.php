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

    /** The field of the share. */
    private const LACK = 15 << 30;

    /** All six: minutes, power, footprint, share, level and cost. */
    private const FIELDS = [511, 511 << 10, 511 << 20, self::LACK, 63 << 35, 16383 << 42];

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
        return $measures->steps | self::lack($share);
    }

    /**
     * Of how units are run.
     *
     * @param  float  $level  at the seat, dBA
     * @param  float  $power  of all units, W
     */
    public static function ofOperation(float $level, float $power): int
    {
        return min(self::MOST[4], (int) ($power / self::POWER + self::HAIR)) << 10 | max(0, min(self::MOST[1], (int) ($level / self::LEVEL + self::HAIR))) << 35;
    }

    /**
     * Of how units are made.
     *
     * @param  float  $footprint  of all units, m2
     * @param  float  $minutes  of work on all units
     */
    public static function ofMaking(float $footprint, float $minutes): int
    {
        return min(self::MOST[5], (int) ($minutes / self::MINUTES + self::HAIR)) | min(self::MOST[3], (int) ($footprint / self::FOOTPRINT + self::HAIR)) << 20;
    }

    /** @param  int  $cost  over the years that are compared, hundredths of money */
    public static function ofCost(int $cost): int
    {
        $steps = intdiv($cost, self::COST);

        return ($steps > self::MOST[0] ? self::MOST[0] : $steps) << 42;
    }

    /** How far a share of the goal is from the most that counts: the less, the better, like all the others. */
    private static function lack(float $share): int
    {
        return $share >= self::MOST_SHARE ? 0 : (self::SHARES - (int) ($share / self::SHARE + self::HAIR)) << 30;
    }

    /** Steps of the share of the goal alone, as far as they count. */
    public static function ofShare(float $share): int
    {
        return (int) (min($share, self::MOST_SHARE) / self::SHARE + self::HAIR);
    }

    /** Whether more of the goal would count no more. */
    public static function isMostShare(int $one): bool
    {
        return self::lackOf($one) === 0;
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
     */
    public static function firstBetter(array $several, int $other): ?int
    {
        $guarded = $other | self::GUARDS;
        foreach ($several as $one) {
            if ((($guarded - $one) & self::GUARDS) === self::GUARDS && $one !== $other) {
                return $one;
            }
        }

        return null;
    }

    /**
     * The places of those that are as good as another in every measure.
     *
     * @param  array<int, int>  $several
     * @return list<int>
     */
    public static function noWorse(array $several, int $other): array
    {
        $guarded = $other | self::GUARDS;
        $places = [];
        foreach ($several as $place => $one) {
            if ((($guarded - $one) & self::GUARDS) === self::GUARDS) {
                $places[] = $place;
            }
        }

        return $places;
    }

    /** The better of two in every measure. */
    public static function least(int $one, int $other): int
    {
        $least = 0;
        foreach (self::FIELDS as $field) {
            $least |= min($one & $field, $other & $field);
        }

        return $least;
    }

    /** How far the share of the goal is from the most that counts. */
    public static function lackOf(int $one): int
    {
        return $one & self::LACK;
    }
}
