<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\Bin;

/**
 * One state of flow of several rooms: what goes from each to each, what comes in from outdoors and what goes out.
 *
 * As much air must leave every room as enters it.
 */
final readonly class AirState
{
    /** How far a room's flows may be from closing, as a share of what goes through it. */
    private const CLOSES = 1e-6;

    /**
     * @param  string  $key  by which the same state is known again
     * @param  list<list<float>>  $between  from the row to the column, m3/s
     * @param  list<float>  $in  from outdoors into each, m3/s
     * @param  list<float>  $out  from each to outdoors, m3/s
     * @param  list<Zone>  $zones
     */
    private function __construct(public string $key, public array $zones, public array $between, public array $in, public array $out)
    {
    }

    /**
     * @param  list<Zone>  $zones
     * @param  list<array{int|null, int|null, float}>  $flows  from, to (null for outdoors), m3/s, zero or more
     *
     * @throws InvalidRoom when more enters a room than leaves it, or less
     */
    public static function of(array $zones, array $flows): self
    {
        $count = count($zones);
        $between = array_fill(0, $count, array_fill(0, $count, 0.0));
        $in = $out = array_fill(0, $count, 0.0);
        foreach ($flows as [$from, $to, $flow]) {
            if ($from !== null && $to !== null) {
                $between[$from][$to] += $flow;
            } elseif ($to !== null) {
                $in[$to] += $flow;
            } elseif ($from !== null) {
                $out[$from] += $flow;
            }
        }
        foreach ($zones as $i => $zone) {
            $enters = $in[$i] + array_sum(array_column($between, $i));
            $leaves = $out[$i] + array_sum($between[$i]);
            if (abs($enters - $leaves) > self::CLOSES * max($enters, $leaves, 1e-9)) {
                throw InvalidRoom::flows('flows', sprintf('%.5g m3/s enter “%s” and %.5g leave it: as much must leave a room as enters it.', $enters, $zone->name, $leaves));
            }
        }
        $key = md5(serialize([$between, $in, array_map(fn (Zone $zone): array => [$zone->volume, $zone->removed], $zones)]));

        return new self($key, $zones, array_map(array_values(...), $between), array_values($in), array_values($out));
    }

    /**
     * Matrix of dC/dt = A C + b for one bin, b being inflow over volume x outdoors and source over volume.
     *
     * @return list<list<float>> 1/s
     */
    public function matrix(Bin $bin): array
    {
        $matrix = [];
        foreach ($this->zones as $i => $zone) {
            $row = [];
            foreach ($this->zones as $j => $_) {
                $row[] = $i === $j
                    ? -($this->out[$i] + array_sum($this->between[$i])) / $zone->volume - $zone->removed->in($bin)
                    : $this->between[$j][$i] / $zone->volume;
            }
            $matrix[] = $row;
        }

        return $matrix;
    }
}
