<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Room;

use Jornel\Core\Air\BinShares;
use Jornel\Core\Room\Enclosure;
use Jornel\Core\Room\Target\Judgement;
use Jornel\Core\Room\Ventilation;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class JudgementTest extends TestCase
{
    public function test_fixed_outdoor_air_counts_towards_air_changes_and_people_but_not_the_room_size_rule(): void
    {
        // 100 m3: five air changes ask 0.138889 m3/s; 0.05 of it the building gives.
        $room = new Enclosure(100.0, Sample::data()->pollutants()->get('cadr-smoke'), 40.0, 2.5, 10, Sample::data()->occupancies()->get('office'), new Ventilation(balanced: 0.05));
        $judge = fn (string $id): Judgement => Judgement::of(Sample::data()->targets()->get($id), $room, BinShares::same(0.04), 2);

        self::assertEqualsWithDelta([0.138889, 0.08, 0.05], [$judge('air-changes-5')->asks, $judge('air-changes-5')->purifier, $judge('air-changes-5')->building], 1e-6);
        self::assertFalse($judge('air-changes-5')->isReached());
        self::assertSame(3, $judge('air-changes-5')->needed());
        self::assertSame(0.05, $judge('per-person')->building);
        self::assertSame(0.0, $judge('room-size')->building);
    }

    public function test_holding_a_concentration_asks_for_more_where_the_filter_is_coarse(): void
    {
        $room = new Enclosure(100.0, Sample::data()->pollutants()->get('wildfire-pm25'), outdoor: 80.0);
        $target = Sample::data()->targets()->get('hold-9');
        $fine = Judgement::of($target, $room, new BinShares(0.1, 0.1, 0.1), 1);
        $coarse = Judgement::of($target, $room, new BinShares(0.02, 0.08, 0.1), 1);

        self::assertNotNull($fine->needed());
        self::assertGreaterThan($fine->needed(), $coarse->needed());
        self::assertNull(Judgement::of($target, $room, new BinShares(0.0, 0.0, 0.0), 1)->needed());
        self::assertSame('Hold 12 µg/m³ or less', Sample::data()->targets()->get('hold-12')->name());
    }

    public function test_the_number_needed_reaches_it_and_one_less_does_not(): void
    {
        $room = new Enclosure(300.0, Sample::data()->pollutants()->get('shared-air'), outdoor: 40.0);
        foreach (['hold-9', 'clear-90-in-30', 'air-changes-6'] as $id) {
            $judge = fn (int $units): Judgement => Judgement::of(Sample::data()->targets()->get($id), $room, new BinShares(0.03, 0.05, 0.06), $units);
            $needed = (int) $judge(1)->needed();
            self::assertTrue($judge($needed)->isReached(), $id);
            self::assertFalse($judge($needed - 1)->isReached(), $id);
        }
    }
}
