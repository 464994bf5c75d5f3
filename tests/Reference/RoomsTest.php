<?php

namespace Tests\Reference;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Room\AirState;
use Jornel\Core\Room\Building;
use Jornel\Core\Room\Enclosure;
use Jornel\Core\Room\RoomAir;
use Jornel\Core\Room\Series;
use Jornel\Core\Room\Ventilation;
use Jornel\Core\Room\Zone;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** One room and several through time, against scipy's integration of the differential equations. */
class RoomsTest extends TestCase
{
    private Randomizer $random;

    public function test_rooms_and_buildings_are_those_of_the_differential_equations(): void
    {
        $this->random = new Randomizer(new Mt19937(11));
        $asked = ['rooms' => array_map(fn (): array => $this->room(), range(1, 40)), 'buildings' => array_map(fn (): array => $this->building(), range(1, 25))];
        $mine = ['rooms' => array_map($this->answerRoom(...), $asked['rooms']), 'buildings' => array_map($this->answerBuilding(...), $asked['buildings'])];
        $theirs = Scipy::answer('rooms', $asked);

        self::assertLessThan(1e-6, Scipy::worst('one room on random series against solve_ivp', $mine['rooms'], $theirs['rooms'], 1e-3));
        self::assertLessThan(1e-6, Scipy::worst('several rooms on random series against solve_ivp', $mine['buildings'], $theirs['buildings'], 1e-3));
    }

    private function room(): array
    {
        return [
            'volume' => $this->between(20.0, 400.0),
            'start' => $this->bins(0.0, 150.0),
            'intervals' => array_map(fn (): array => [
                'time' => $this->between(60.0, 7200.0),
                'infiltration' => $this->between(0.0, 1.5),
                'exhaust' => $this->random->getInt(0, 1) * $this->between(0.0, 0.1),
                'supply' => $this->random->getInt(0, 1) * $this->between(0.0, 0.2),
                'caught' => $this->bins(0.0, 1.0),
                'recirculated' => $this->random->getInt(0, 1) * $this->between(0.0, 0.4),
                'central' => $this->bins(0.0, 1.0),
                'penetration' => $this->between(0.5, 1.0),
                'mixing' => $this->between(0.5, 1.0),
                'clean' => $this->bins(0.0, 0.4),
                'outdoor' => $this->bins(0.0, 250.0),
                'source' => $this->bins(0.0, 5.0),
            ], range(1, $this->random->getInt(3, 12))),
        ];
    }

    private function answerRoom(array $case): array
    {
        $smoke = Sample::data()->pollutants()->get('cadr-smoke');
        $series = Series::of(PerBin::of($case['start']), array_map(fn (array $step): array => [
            $step['time'],
            RoomAir::of(new Enclosure($case['volume'], $smoke, ventilation: new Ventilation(
                $step['infiltration'], $step['exhaust'], $step['supply'], PerBin::of($step['caught']),
                recirculated: $step['recirculated'], recirculatedEfficiency: PerBin::of($step['central']), penetration: $step['penetration'],
            ), mixing: $step['mixing']), PerBin::of($step['clean'])),
            PerBin::of($step['outdoor']),
            PerBin::of($step['source']),
        ], $case['intervals']));

        return array_map(fn (int $interval): array => array_values((array) $series->end($interval)), range(0, $series->count() - 1));
    }

    private function building(): array
    {
        $count = $this->random->getInt(2, 10);
        $states = array_map(fn (): array => $this->state($count), range(1, 3));

        return [
            'volumes' => array_map(fn (): float => $this->between(15.0, 300.0), range(1, $count)),
            'start' => array_map(fn (): float => $this->between(0.0, 100.0), range(1, $count)),
            'intervals' => array_map(fn (): array => $states[$this->random->getInt(0, 2)] + [
                'time' => $this->between(120.0, 5400.0),
                'outdoor' => $this->between(0.0, 300.0),
                'source' => array_map(fn (): float => $this->random->getInt(0, 2) === 0 ? $this->between(0.0, 4.0) : 0.0, range(1, $count)),
            ], range(1, $this->random->getInt(3, 10))),
        ];
    }

    /** Flows made of closed rounds, so that as much leaves each room as enters it. */
    private function state(int $count): array
    {
        $between = array_fill(0, $count, array_fill(0, $count, 0.0));
        $in = $out = array_fill(0, $count, 0.0);
        for ($round = 0; $round < $count + 2; $round++) {
            $way = $this->random->shuffleArray(range(0, $count - 1));
            $way = array_slice($way, 0, $this->random->getInt(1, $count));
            $flow = $this->between(0.0, 0.1);
            $in[$way[0]] += $flow;
            for ($i = 1; $i < count($way); $i++) {
                $between[$way[$i - 1]][$way[$i]] += $flow;
            }
            $out[$way[count($way) - 1]] += $flow;
        }

        return ['between' => $between, 'in' => $in, 'out' => $out, 'clean' => array_map(fn (): float => $this->random->getInt(0, 1) * $this->between(0.0, 0.3), range(1, $count))];
    }

    private function answerBuilding(array $case): array
    {
        $intervals = array_map(function (array $step) use ($case): array {
            $zones = array_map(fn (float $volume, float $clean): Zone => Zone::of('room', $volume, PerBin::same($clean), PerBin::of(RoomAir::DEPOSITION)), $case['volumes'], $step['clean']);
            $flows = [];
            foreach ($step['between'] as $i => $row) {
                foreach ($row as $j => $flow) {
                    $flows[] = [$i, $j, $flow];
                }
                $flows[] = [null, $i, $step['in'][$i]];
                $flows[] = [$i, null, $step['out'][$i]];
            }

            return [$step['time'], AirState::of($zones, $flows), new PerBin($step['outdoor'], 0.0, 0.0), array_map(fn (float $source): PerBin => new PerBin($source, 0.0, 0.0), $step['source'])];
        }, $case['intervals']);
        $start = array_map(fn (float $level): PerBin => new PerBin($level, 0.0, 0.0), $case['start']);

        return array_map(fn (array $levels): array => array_map(fn (PerBin $level): float => $level->e1, $levels), iterator_to_array((new Building)->run($start, $intervals)));
    }

    private function bins(float $low, float $high): array
    {
        return [$this->between($low, $high), $this->between($low, $high), $this->between($low, $high)];
    }

    private function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->random->getInt(0, 1 << 30) / (1 << 30);
    }
}
