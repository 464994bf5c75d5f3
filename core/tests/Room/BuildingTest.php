<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Room;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Room\AirState;
use Jornel\Core\Room\Building;
use Jornel\Core\Room\Enclosure;
use Jornel\Core\Room\InvalidRoom;
use Jornel\Core\Room\RoomAir;
use Jornel\Core\Room\Ventilation;
use Jornel\Core\Room\Zone;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class BuildingTest extends TestCase
{
    public function test_a_single_room_is_the_same_as_the_closed_form(): void
    {
        $enclosure = new Enclosure(80.0, Sample::data()->pollutants()->get('cadr-smoke'), ventilation: new Ventilation(0.9));
        $clean = new PerBin(0.05, 0.06, 0.07);
        $closed = RoomAir::of($enclosure, $clean)->after(PerBin::same(70.0), PerBin::same(20.0), PerBin::same(0.5), 1234.0);
        $flow = 0.9 * 80.0 / 3600.0;
        $state = AirState::of([Zone::of('one', 80.0, $clean, PerBin::of(RoomAir::DEPOSITION))], [[null, 0, $flow], [0, null, $flow]]);
        [$levels] = iterator_to_array((new Building)->run([PerBin::same(70.0)], [[1234.0, $state, PerBin::same(20.0), [PerBin::same(0.5)]]]));

        self::assertEqualsWithDelta([$closed->e1, $closed->e2, $closed->e3], [$levels[0]->e1, $levels[0]->e2, $levels[0]->e3], 1e-10);
    }

    public function test_mass_is_conserved_between_closed_rooms(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $volumes = array_map(fn (): float => $random->getInt(2000, 20000) / 100.0, range(1, 6));
        $zones = array_map(fn (float $volume): Zone => new Zone('room', $volume, PerBin::same(0.0)), $volumes);
        // A ring and back, so that as much leaves each room as enters it.
        $flows = [];
        foreach (range(0, 5) as $i) {
            $flows[] = [$i, ($i + 1) % 6, 0.03];
            $flows[] = [$i, ($i + 2) % 6, 0.01];
        }
        $state = AirState::of($zones, $flows);
        $start = array_map(fn (): PerBin => PerBin::same($random->getInt(0, 10000) / 50.0), range(1, 6));
        $mass = fn (array $levels): float => array_sum(array_map(fn (PerBin $level, float $volume): float => $level->e1 * $volume, $levels, $volumes));
        foreach ((new Building)->run($start, array_fill(0, 50, [600.0, $state, PerBin::same(0.0), array_fill(0, 6, PerBin::same(0.0))])) as $levels) {
            self::assertEqualsWithDelta(1.0, $mass($levels) / $mass($start), 1e-12);
        }
    }

    public function test_a_state_is_solved_once(): void
    {
        $state = AirState::of([new Zone('one', 50.0, PerBin::same(1e-4))], []);
        $building = new Building;
        iterator_to_array($building->run([PerBin::same(1.0)], array_fill(0, 20, [60.0, $state, PerBin::same(0.0), [PerBin::same(0.0)]])));

        self::assertSame(3, $building->made());
    }

    public function test_more_air_in_than_out_is_refused(): void
    {
        $this->expectException(InvalidRoom::class);
        $this->expectExceptionMessageMatches('/enter “one”/');
        AirState::of([new Zone('one', 50.0, PerBin::same(0.0))], [[null, 0, 0.1], [0, null, 0.09]]);
    }
}
