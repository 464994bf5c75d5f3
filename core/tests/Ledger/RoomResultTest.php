<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Ledger;

use Jornel\Core\Airflow\Output;
use Jornel\Core\Airflow\RatedOutput;
use Jornel\Core\Ledger\Ledger;
use Jornel\Core\Ledger\Placement;
use Jornel\Core\Ledger\RoomResult;
use Jornel\Core\Ledger\Surer;
use Jornel\Core\Part\BoughtPurifier;
use Jornel\Core\Plan\FloorPlan;
use Jornel\Core\Plan\Furnishing;
use Jornel\Core\Plan\FurnishingKind;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\System;
use Jornel\Core\Room\Room;
use Jornel\Core\Room\Target\Judgement;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** What several placements come to together, whoever is on the bench; and a room's own window. */
final class RoomResultTest extends TestCase
{
    public function test_the_order_in_which_placements_are_told_changes_nothing(): void
    {
        $placements = [self::tower(2), self::cube(1), self::tower(1, 'Another')];
        $goal = Sample::data()->targets()->get('air-changes-5');
        $one = RoomResult::of(Sample::room(), $goal, $placements, Sample::setting());
        $other = RoomResult::of(Sample::room(), $goal, array_reverse($placements), Sample::setting());

        self::assertSame(4, $one->purifiers);
        self::assertEqualsWithDelta([$one->gets, $one->chance], [$other->gets, $other->chance], 1e-12);
    }

    public function test_it_is_what_the_ledger_says_of_the_units_on_the_bench_beside_the_rest(): void
    {
        $goal = Sample::data()->targets()->get('air-changes-8');
        $ledger = Ledger::ofRoom(Sample::room(), $goal, Sample::data()->targets())
            ->with(Sample::design(), 2, '2', Sample::catalogue(), Sample::setting(), [self::tower(3)]);
        $result = RoomResult::of(Sample::room(), $goal, [self::cube(2, '2'), self::tower(3)], Sample::setting());

        self::assertEqualsWithDelta([$ledger->unit?->line()->judged(), $ledger->unit?->chance], [$result->gets, $result->chance], 1e-12);
        self::assertSame($ledger->unit?->likelihood->id, $result->likelihood->id);
    }

    public function test_a_room_with_nothing_on_the_bench_is_judged_by_what_stands_there(): void
    {
        $goal = Sample::data()->targets()->get('air-changes-5');
        $empty = Ledger::ofRoom(Sample::room(), $goal, Sample::data()->targets());
        $ledger = $empty->standing([self::tower(2)], Sample::setting());
        $asks = $ledger->targets();

        self::assertNull($empty->standing([], Sample::setting())->standing);
        self::assertEquals(RoomResult::of(Sample::room(), $goal, [self::tower(2)], Sample::setting()), $ledger->standing);
        self::assertSame([1, null], [count($ledger->beside), $ledger->unit]);
        self::assertNotContains(null, array_column($asks, 'gets'));
        self::assertNull($empty->targets()[0]->gets);
    }

    public function test_the_figure_that_is_named_narrows_the_range_more_than_any_other(): void
    {
        $unit = Sample::ledger(Sample::room(), 'air-changes-5', Sample::design())->unit ?? self::fail('There is no unit.');
        $surer = $unit->surer() ?? self::fail('Nothing would make it surer.');
        $judgement = $unit->line()->judgement;
        $without = array_map(fn (string $key): float => $judgement->given($unit->output, $key)->deviation, array_keys($unit->output->figures));

        self::assertEqualsWithDelta(min($without), $judgement->given($unit->output, $surer->figure->key())->deviation, 1e-12);
        self::assertLessThan($surer->before->high / $surer->before->low, $surer->after->high / $surer->after->low);
        self::assertStringContainsString('the 90 % range would narrow from', $surer->text()->text(System::Metric));
    }

    public function test_a_purifier_of_which_all_is_measured_has_nothing_to_be_surer_by(): void
    {
        $room = Sample::room();
        $judgement = Judgement::of(Sample::data()->targets()->get('air-changes-5'), $room, Output::none());

        self::assertNull(Surer::of($judgement, RatedOutput::of(new BoughtPurifier('Tower', 0.1, Provenance::Measured), Sample::data()->tolerances())));
    }

    public function test_what_is_set_in_a_window_takes_the_largest_that_is_drawn(): void
    {
        $window = fn (float $x, float $width, float $height): Furnishing => new Furnishing(FurnishingKind::Window, $x, 0.0, $width, 0.1, $height);
        $room = Room::of('Room', Sample::data()->occupancies()->get('office'), FloorPlan::rectangle(6.0, 5.0, 2.7, [$window(1.5, 0.8, 0.9), $window(4.0, 1.3, 1.1)]), 4, Sample::data()->pollutants()->get('wildfire-pm25'), null, outdoor: 40.0);
        $board = Sample::ledger($room, 'air-changes-3', Sample::design('window-insert'))->unit?->assembly->panels[0] ?? self::fail();

        self::assertSame([1.3, 1.1], [$board->width, $board->height]);
    }

    private static function tower(int $count, string $name = 'Tower'): Placement
    {
        return Placement::ofBought(new BoughtPurifier($name, 0.066, level: 50.0, watts: 45.0), $count, Sample::setting());
    }

    private static function cube(int $count, ?string $speed = null): Placement
    {
        return Placement::ofUnits(Sample::design(), $count, $speed, Sample::catalogue(), Sample::setting());
    }
}
