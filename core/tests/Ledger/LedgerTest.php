<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Ledger;

use Jornel\Core\Ledger\Finding;
use Jornel\Core\Ledger\Ledger;
use Jornel\Core\Ledger\PartLabels;
use Jornel\Core\Ledger\Standing;
use Jornel\Core\Ledger\TargetAsk;
use Jornel\Core\Ledger\UnitLedger;
use Jornel\Core\Quantity\System;
use Jornel\Core\Room\Target\UnknownTarget;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Fitting;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class LedgerTest extends TestCase
{
    public function test_a_build_that_falls_short_says_by_how_much_and_what_would_mend_it(): void
    {
        $unit = self::unit(Sample::ledger(Sample::room(), 'air-changes-10', Sample::design()));
        $finding = self::finding($unit, 'clean air');
        $short = $unit->asks() - $unit->line()->judged();

        self::assertSame(Standing::Short, $unit->standing());
        self::assertSame(2, $unit->needed);
        self::assertStringContainsString(number_format($short / 4.719474e-4).' cfm', $finding->text->text(System::Imperial));
        self::assertStringContainsString(number_format($short * 3600).' m³/h', $finding->text->text(System::Metric));
        self::assertSame('One unit more would reach it (2 in all).', $finding->mend?->text(System::Imperial));
    }

    public function test_the_number_needed_reaches_the_goal_and_one_less_does_not(): void
    {
        foreach (['air-changes-3', 'air-changes-8', 'air-changes-40', 'per-person', 'smoke-season'] as $goal) {
            $needed = self::unit(Sample::ledger(Sample::room(), $goal, Sample::design()))->needed;
            self::assertTrue(self::unit(Sample::ledger(Sample::room(), $goal, Sample::design(), $needed))->line()->reachesGoal(), $goal);
            if ($needed > 1) {
                self::assertFalse(self::unit(Sample::ledger(Sample::room(), $goal, Sample::design(), $needed - 1))->line()->reachesGoal(), $goal);
            }
        }
    }

    public function test_the_fastest_speed_that_keeps_quiet_is_judged_unless_one_is_named(): void
    {
        $room = Sample::room(noiseLimit: 62.0);

        self::assertSame('2', self::unit(Sample::ledger($room, 'air-changes-5', Sample::design()))->line()->performance->speed->name);
        self::assertSame('3', self::unit(Sample::ledger($room, 'air-changes-5', Sample::design(), speed: '3'))->line()->performance->speed->name);
        self::assertSame('3', self::unit(Sample::ledger(Sample::room(), 'air-changes-5', Sample::design()))->line()->performance->speed->name);
    }

    public function test_a_build_too_loud_at_any_speed_says_so(): void
    {
        $finding = self::finding(self::unit(Sample::ledger(Sample::room(noiseLimit: 45.0), 'air-changes-5', Sample::design())), 'noise');

        self::assertSame(Standing::Short, $finding->standing);
        self::assertStringContainsString('by 13 dB: 58 dBA against 45 dBA', $finding->text->text(System::Imperial));
        self::assertStringContainsString('quieter fan', $finding->mend?->text(System::Imperial) ?? '');
    }

    public function test_a_faster_speed_is_offered_where_it_would_reach_the_goal(): void
    {
        $finding = self::finding(self::unit(Sample::ledger(Sample::room(8.2), 'air-changes-5', Sample::design(), speed: '1')), 'clean air');

        self::assertSame(Standing::Short, $finding->standing);
        self::assertStringStartsWith('Speed 2 would reach it', $finding->mend?->text(System::Imperial) ?? '');
    }

    public function test_a_grade_below_thirteen_is_not_offered_for_smoke_without_saying_so(): void
    {
        $warned = fn (string $pollutant, string $filter): bool => in_array('grade', array_column(self::unit(Sample::ledger(Sample::room(pollutant: $pollutant), 'air-changes-5', Sample::design(filter: $filter)))->findings, 'rule'), true);

        self::assertTrue($warned('wildfire-pm25', '20x20x1-g11'));
        self::assertTrue($warned('shared-air', '20x20x1-coarse'));
        self::assertFalse($warned('wildfire-pm25', '20x20x1-g13-economy'));
        self::assertFalse($warned('cadr-pollen', '20x20x1-g11'));
    }

    public function test_bypass_restriction_and_velocity_are_warned_of(): void
    {
        $rules = array_column(self::unit(Sample::ledger(Sample::room(), 'air-changes-3', Sample::design('flat-panel', corners: Corners::Open)))->findings, 'rule');

        self::assertContains('bypass', $rules);
        self::assertContains('restriction', $rules);
        self::assertNotContains('face velocity', $rules);
    }

    public function test_every_rule_is_held_against_its_own_clean_air(): void
    {
        $ledger = Sample::ledger(Sample::room(pollutant: 'cadr-pollen', people: 4), 'air-changes-5', Sample::design());
        $asks = array_column(array_map(fn (TargetAsk $ask): array => ['id' => $ask->target->id(), 'ask' => $ask], $ledger->targets()), 'ask', 'id');

        self::assertSame('Pollen and dander', $asks['air-changes-5']->judges->name);
        self::assertGreaterThan($asks['room-size']->gets, $asks['air-changes-5']->gets);
        self::assertTrue($asks['per-person']->reached());
        self::assertFalse($asks['air-changes-10']->reached());
    }

    public function test_an_own_number_of_air_changes_joins_the_rules(): void
    {
        $ids = array_map(fn (TargetAsk $ask): string => $ask->target->id(), Sample::ledger(Sample::room(), 'air-changes-7.5', Sample::design())->targets());

        self::assertContains('air-changes-7.5', $ids);
        self::assertSame($ids, array_unique($ids));
    }

    public function test_a_goal_that_says_nothing_is_refused(): void
    {
        $this->expectException(UnknownTarget::class);
        Sample::ledger(Sample::room(people: 0), 'per-person', Sample::design());
    }

    public function test_two_units_clean_twice_as_much_and_are_three_decibels_louder(): void
    {
        $one = self::unit(Sample::ledger(Sample::room(), 'air-changes-5', Sample::design()))->line();
        $two = self::unit(Sample::ledger(Sample::room(), 'air-changes-5', Sample::design(), 2))->line();

        self::assertEqualsWithDelta([2.0 * $one->clean, 2.0 * $one->watts, $one->level + 3.0103], [$two->clean, $two->watts, $two->level], 1e-4);
        self::assertLessThan($one->seconds90, $two->seconds90);
        self::assertGreaterThan($one->seconds90 / 2.0, $two->seconds90);
    }

    public function test_every_part_that_the_drawing_points_at_has_its_numbers(): void
    {
        foreach (Shapes::all() as $shape) {
            $design = Fitting::into($shape, Sample::design(), Sample::catalogue());
            foreach (Corners::cases() as $corners) {
                $unit = self::unit(Sample::ledger(Sample::room(), 'air-changes-5', new Design($shape, $design->fan, $design->filter, $design->joining, $corners)));
                $anchored = array_column($unit->design->scene()->anchors, 'part');

                self::assertSame([], array_diff($anchored, array_keys(PartLabels::of($unit))), "{$shape->id()} {$corners->value}");
            }
        }
    }

    public function test_a_body_that_is_neither_cut_nor_a_filter_says_how_far_it_reaches(): void
    {
        $design = Fitting::into(Shapes::get('tote'), Sample::design(), Sample::catalogue());
        $label = PartLabels::of(self::unit(Sample::ledger(Sample::room(), 'air-changes-5', $design)))['tote'];

        self::assertSame('Tote', $label['name']);
        self::assertMatchesRegularExpression('/^\d+ mm × \d+ mm, \d+ mm high$/', $label['lines'][0]->text(System::Metric));
    }

    private static function unit(Ledger $ledger): UnitLedger
    {
        return $ledger->unit ?? self::fail('There is no unit.');
    }

    private static function finding(UnitLedger $unit, string $rule): Finding
    {
        foreach ($unit->findings as $finding) {
            if ($finding->rule === $rule) {
                return $finding;
            }
        }
        self::fail("Nothing is said of {$rule}.");
    }
}
