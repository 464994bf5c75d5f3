<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Closure;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Airflow\Propagation;
use Jornel\Core\Numeric\DimensionReduction;
use Jornel\Core\Room\Purifiers;
use Jornel\Core\Room\Space;
use Jornel\Core\Room\Target\GoalShare;
use Jornel\Core\Room\Target\Target;

/** How far some units, beside what stands in a room already, go towards its goal, and how sure it is that they reach it. */
final class Goal
{
    /**
     * Share of the goal by the figures as told below which the chance to reach it is under one half: the logarithm of the
     * output is concave in that of every figure of its parts, so that its median lies hardly above what is told (BoundsTest).
     */
    public const LEAST_SHARE = 0.97;

    /** Of a chance: what a figure might yet add to the median, and rounding. */
    public const HAIR = 0.01;

    private readonly Pollutant $judges;

    private readonly float $building;

    /** Null where it hangs on the spectrum. */
    private readonly ?float $asks;

    /** Whether clean air simply adds up. */
    private readonly bool $isPlain;

    private readonly float $standing;

    public function __construct(private readonly Target $target, private readonly Space $room, private readonly Purifiers $there)
    {
        $this->judges = $target->judges($room);
        $this->building = $target->building($room);
        $this->asks = $target->dependsOnSpectrum() ? null : $target->asks($room);
        $this->isPlain = ! $there->output->told->bringsAirIn();
        $this->standing = $this->isPlain ? $this->judges->weigh($there->output->told->clean) : 0.0;
    }

    /**
     * By the figures as told; rises with the clean air of every bin.
     *
     * @param  Output  $one  of one unit
     * @param  int  $units  1 or more
     * @return float 1 where it is just enough
     */
    public function share(Output $one, int $units): float
    {
        return $this->shareOf($one, $units, $this->there->output->told);
    }

    /**
     * The same for several numbers of the same unit.
     *
     * @return Closure(int): float
     */
    public function shares(Output $one): Closure
    {
        if ($this->asks === null || $this->asks <= 0.0 || ! $this->isPlain || $one->bringsAirIn()) {
            return fn (int $units): float => $this->share($one, $units);
        }
        [$each, $rest] = [$this->judges->weigh($one->clean) / $this->asks, ($this->standing + $this->building) / $this->asks];

        return static fn (int $units): float => $units * $each + $rest;
    }

    /**
     * Clean air that units give together at least where they may reach the goal.
     *
     * @param  Pollutant  $pollutant  for which it counts
     * @return float m3/s; 0 where nothing can be said
     */
    public function leastClean(Pollutant $pollutant): float
    {
        if ($this->asks === null || ! $this->isPlain || ! $pollutant->isNoFinerThan($this->judges)) {
            return 0.0;
        }

        return max(0.0, self::LEAST_SHARE * $this->asks - $this->building - $this->standing);
    }

    /** Whether something with such a share, at best, may reach it with a chance of one half or more. */
    public static function mayBeReachedAt(float $share): bool
    {
        return $share >= self::LEAST_SHARE;
    }

    /**
     * Chance that it is reached; where it is less than asked for, perhaps only as far as is needed to say so: each figure that
     * is taken in makes it less sure, so that one who falls short by some of them falls short by all.
     *
     * @param  Propagation  $one  of one unit
     * @param  int  $units  1 or more
     * @param  float  $least  that is asked for, 0.5 or more
     * @return float 0 to 1
     */
    public function chance(Propagation $one, int $units, float $least): float
    {
        $there = $this->there->output;
        $reduction = new DimensionReduction($this->shareOf($one->told(), $units, $there->told));
        $met = [];
        foreach ($one->figures() as $figure) {
            $effect = $one->effect($figure);
            $met[$key = $effect->key()] = true;
            $same = $there->figures[$key] ?? null;
            $reduction->add($this->shareOf($effect->up, $units, $same->up ?? $there->told), $this->shareOf($effect->down, $units, $same->down ?? $there->told));
            if (($chance = $reduction->result()->atLeast(1.0)) < $least - self::HAIR) {
                return $chance;
            }
        }
        foreach (array_diff_key($there->figures, $met) as $effect) {
            $reduction->add($this->shareOf($one->told(), $units, $effect->up), $this->shareOf($one->told(), $units, $effect->down));
        }

        return $reduction->result()->atLeast(1.0);
    }

    private function shareOf(Output $one, int $units, Output $there): float
    {
        if ($this->asks !== null && $this->isPlain && ! $one->bringsAirIn()) {
            $standing = $there === $this->there->output->told ? $this->standing : $this->judges->weigh($there->clean);

            return GoalShare::of($units * $this->judges->weigh($one->clean) + $standing + $this->building, $this->asks);
        }
        $output = $there->plus($one->times((float) $units));
        $asks = $this->asks ?? $this->target->asks($this->room, $output->spectrum()) ?? INF;

        return GoalShare::of($this->target->gets($this->room, $output) + $this->building, $asks);
    }
}
