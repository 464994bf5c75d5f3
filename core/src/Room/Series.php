<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\PerBin;

/** The answer of one room's air to inputs that change from interval to interval: exact for each of them. */
final readonly class Series
{
    /**
     * Kept as plain numbers, one list for each bin: a year of hours is quickly asked for a hundred rooms.
     *
     * @param  array{list<float>, list<float>, list<float>}  $ends  concentration at the end of each interval, by bin, ug/m3
     * @param  array{list<float>, list<float>, list<float>}  $means  over each interval, by bin, ug/m3
     */
    private function __construct(private array $ends, private array $means)
    {
    }

    /**
     * @param  PerBin  $start  ug/m3
     * @param  iterable<array{float, RoomAir, PerBin, PerBin}>  $intervals  s, air, outdoors ug/m3, source ug/s
     */
    public static function of(PerBin $start, iterable $intervals): self
    {
        $e1 = $e2 = $e3 = $m1 = $m2 = $m3 = $steps = [];
        [$c1, $c2, $c3] = [$start->e1, $start->e2, $start->e3];
        foreach ($intervals as [$time, $air, $outdoor, $source]) {
            // Written out for speed. Each state of the air is solved once for intervals alike, and kept from being freed,
            // so that its number stays its own.
            $id = spl_object_id($air);
            if (! isset($steps[$id]) || $steps[$id][1] !== $time) {
                $steps[$id] = [$air, $time, RoomStep::of($air, $time)];
            }
            $step = $steps[$id][2];
            [$o1, $o2, $o3] = [$outdoor->e1, $outdoor->e2, $outdoor->e3];
            [$s1, $s2, $s3] = [$source->e1, $source->e2, $source->e3];
            $m1[] = $c1 * $step->meanKept->e1 + $o1 * $step->meanFromOutdoors->e1 + $s1 * $step->meanFromSource->e1;
            $m2[] = $c2 * $step->meanKept->e2 + $o2 * $step->meanFromOutdoors->e2 + $s2 * $step->meanFromSource->e2;
            $m3[] = $c3 * $step->meanKept->e3 + $o3 * $step->meanFromOutdoors->e3 + $s3 * $step->meanFromSource->e3;
            $e1[] = $c1 = $c1 * $step->kept->e1 + $o1 * $step->fromOutdoors->e1 + $s1 * $step->fromSource->e1;
            $e2[] = $c2 = $c2 * $step->kept->e2 + $o2 * $step->fromOutdoors->e2 + $s2 * $step->fromSource->e2;
            $e3[] = $c3 = $c3 * $step->kept->e3 + $o3 * $step->fromOutdoors->e3 + $s3 * $step->fromSource->e3;
        }

        return new self([$e1, $e2, $e3], [$m1, $m2, $m3]);
    }

    /** How many intervals there are. */
    public function count(): int
    {
        return count($this->ends[0]);
    }

    /**
     * Concentration at the end of an interval.
     *
     * @param  int  $interval  0 to one less than their number
     * @return PerBin ug/m3
     */
    public function end(int $interval): PerBin
    {
        return new PerBin($this->ends[0][$interval], $this->ends[1][$interval], $this->ends[2][$interval]);
    }

    /**
     * Mean concentration over an interval.
     *
     * @param  int  $interval  0 to one less than their number
     * @return PerBin ug/m3
     */
    public function mean(int $interval): PerBin
    {
        return new PerBin($this->means[0][$interval], $this->means[1][$interval], $this->means[2][$interval]);
    }
}
