<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Decay;

/** Concentration of particles over time, as a meter told it. */
final readonly class ParticleSeries
{
    /** Differences of neighbours that tell the scatter of a long log. */
    private const DIFFERENCES = 4000;

    /**
     * @param  list<float>  $times  s since the first reading of the log, never falling
     * @param  list<float>  $values  µg/m3
     */
    public function __construct(public array $times, public array $values)
    {
    }

    public function count(): int
    {
        return count($this->times);
    }

    /** @return float s from the first reading to the last */
    public function duration(): float
    {
        return $this->times === [] ? 0.0 : $this->times[count($this->times) - 1] - $this->times[0];
    }

    /**
     * What lies within two times, both taken in.
     *
     * @param  float  $from  s
     * @param  float  $to  s
     */
    public function between(float $from, float $to): self
    {
        // A hair, as a time in minutes need not come back to the same second.
        $low = $this->firstAt($from - 1e-6);
        $high = $this->firstAt($to + 1e-6);

        return $low === 0 && $high === count($this->times) ? $this : new self(array_slice($this->times, $low, $high - $low), array_slice($this->values, $low, $high - $low));
    }

    /**
     * Means of neighbours, so many at most: for looking at the course of a long log.
     *
     * @param  int  $most  1 or more
     */
    public function thinned(int $most): self
    {
        $count = count($this->times);
        if ($count <= $most) {
            return $this;
        }
        [$times, $values] = [[], []];
        for ($bucket = 0; $bucket < $most; $bucket++) {
            $from = intdiv($bucket * $count, $most);
            $length = intdiv(($bucket + 1) * $count, $most) - $from;
            $times[] = array_sum(array_slice($this->times, $from, $length)) / $length;
            $values[] = array_sum(array_slice($this->values, $from, $length)) / $length;
        }

        return new self($times, $values);
    }

    /**
     * Running medians of five, which no single wild reading moves.
     *
     * @return list<float> µg/m3
     */
    public function medians(): array
    {
        $last = count($this->values) - 1;
        $medians = [];
        foreach ($this->values as $i => $value) {
            $reach = min(2, $i, $last - $i);
            $near = array_slice($this->values, $i - $reach, 2 * $reach + 1);
            sort($near);
            $medians[] = $near[$reach];
        }

        return $medians;
    }

    /**
     * Scatter of single readings about their course, from the differences of neighbours.
     *
     * @return float one standard deviation, µg/m3
     */
    public function scatter(): float
    {
        $steps = [];
        $count = count($this->values);
        for ($i = 1, $by = max(1, intdiv($count, self::DIFFERENCES)); $i < $count; $i += $by) {
            $steps[] = abs($this->values[$i] - $this->values[$i - 1]);
        }
        if ($steps === []) {
            return 0.0;
        }
        sort($steps);

        // Median of the size of a normal figure is 0.6745 of its deviation; a difference of two has sqrt 2 of it.
        return $steps[intdiv(count($steps), 2)] / (0.6744897501960817 * M_SQRT2);
    }

    /** Place of the first reading at a time or after it. */
    private function firstAt(float $time): int
    {
        [$low, $high] = [0, count($this->times)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->times[$middle] < $time) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }
}
