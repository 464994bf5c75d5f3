<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Airflow\UncertainOutput;
use Jornel\Core\Numeric\Lognormal;
use Jornel\Core\Room\Space;

/** One rule of how much clean air a room needs, held against what purifiers and the building give it. */
final readonly class Judgement
{
    /** Units that are tried at most to reach a target. */
    private const MOST_UNITS = 10000;

    /** A hair for rounding. */
    private const HAIR = 1e-9;

    /**
     * @param  float|null  $asks  clean air, m3/s; null where it has nothing to say
     * @param  float  $purifier  clean air of all purifiers of the kind that it judges, m3/s
     * @param  float  $building  what the building gives towards it, m3/s
     */
    private function __construct(public Target $target, private Space $room, public Pollutant $judges, public ?float $asks, public float $purifier, public float $building)
    {
    }

    /** @param  Output  $output  of all purifiers in the room */
    public static function of(Target $target, Space $room, Output $output): self
    {
        return new self($target, $room, $target->judges($room), $target->asks($room, $output->spectrum()), $target->gets($room, $output), $target->building($room));
    }

    public function gets(): float
    {
        return $this->purifier + $this->building;
    }

    /** Whether it is reached by the figures as told; null where it asks nothing. */
    public function isReached(): ?bool
    {
        return $this->asks === null ? null : $this->gets() >= $this->asks * (1.0 - self::HAIR);
    }

    /**
     * Chance that it is reached, from how sure the figures are.
     *
     * @param  UncertainOutput  $output  of all purifiers in the room
     * @return float|null 0 to 1; null where it asks nothing
     */
    public function chance(UncertainOutput $output): ?float
    {
        return match (true) {
            $this->asks === null => null,
            $this->asks <= 0.0 => 1.0,
            default => $this->shares($output)->atLeast(1.0),
        };
    }

    /**
     * Where the clean air of the kind that it judges lies, purifiers and building together, m3/s.
     *
     * @param  string|null  $measured  key of a figure that is taken as measured
     */
    public function given(UncertainOutput $output, ?string $measured = null): Lognormal
    {
        return $output->distribution(fn (Output $one): float => $this->target->gets($this->room, $one) + $this->building, $measured);
    }

    /**
     * What each figure that is not sure does to the logarithm of the clean air that it judges, one standard deviation of it.
     *
     * @return array<string, float> by figure and part, in words; above 0
     */
    public function deviations(UncertainOutput $output): array
    {
        $deviations = [];
        foreach ($output->figures as $figure) {
            $deviation = $this->given(UncertainOutput::of($output->told, [$figure]))->deviation;
            if ($deviation > 0.0) {
                $deviations["{$figure->words()} ({$figure->name})"] = $deviation;
            }
        }

        return $deviations;
    }

    /** Where the share of what is asked for lies; only where something is. */
    private function shares(UncertainOutput $output): Lognormal
    {
        return $output->distribution(function (Output $one): float {
            $asks = $this->target->dependsOnSpectrum() ? $this->target->asks($this->room, $one->spectrum()) : $this->asks;

            return $asks === null || is_infinite($asks) ? 0.0 : GoalShare::of($this->target->gets($this->room, $one) + $this->building, $asks);
        });
    }

    /**
     * Units of one design that would reach it beside whatever else stands there.
     *
     * @param  Output  $others  of what else stands there
     * @param  Output  $one  of one unit
     * @return int|null at least 1; null where it asks nothing or no number of them would
     */
    public static function needed(Target $target, Space $room, Output $others, Output $one): ?int
    {
        if (! $target->dependsOnSpectrum() && ! $one->bringsAirIn() && ! $others->bringsAirIn()) {
            [$asks, $each] = [$target->asks($room), $target->gets($room, $one)];
            $left = ($asks ?? 0.0) - $target->building($room) - $target->gets($room, $others);

            return $asks === null || $each <= 0.0 ? null : max(1, (int) ceil($left / $each - self::HAIR));
        }
        $reached = fn (int $units): ?bool => self::of($target, $room, $others->plus($one->times((float) $units)))->isReached();
        if ($reached(1) === null) {
            return null;
        }
        for ($high = 1; $reached($high) !== true; $high *= 2) {
            if ($high > self::MOST_UNITS) {
                return null;
            }
        }
        $low = intdiv($high, 2);
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            if ($reached($middle) === true) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return $high;
    }
}
