<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Ledger;

use Jornel\Core\Ledger\Finding;
use Jornel\Core\Ledger\Standing;
use Jornel\Core\Ledger\UnitLedger;
use Jornel\Core\Plan\FloorPlan;
use Jornel\Core\Quantity\System;
use Jornel\Core\Room\Room;
use Jornel\Core\Room\Target\GoalShare;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is said of a build, when, with which figures and what would mend it; and when nothing is said. */
final class VerdictTest extends TestCase
{
    public function test_a_build_that_does_all_is_said_to_and_nothing_else(): void
    {
        $unit = self::unit(Sample::design('raised-cube', filter: '20x20x2-g13', joining: 'hot-glue'), Sample::room(noiseLimit: 70.0), 'air-changes-3');

        self::assertSame(['clean air', 'noise'], array_map(fn (Finding $finding): string => $finding->rule, $unit->findings));
        self::assertSame(Standing::Meets, $unit->standing());
        self::assertSame('Reaches the goal', $unit->likelihood->name);
        self::assertStringStartsWith('3 air changes an hour: ', self::said($unit, 'clean air'));
    }

    public function test_what_is_to_spare_is_the_difference_and_its_share(): void
    {
        $unit = self::unit(Sample::design(), Sample::room(), 'air-changes-3');
        $spare = $unit->line()->judged() - $unit->asks();

        self::assertStringContainsString(sprintf('%s cfm more than it needs (%.0f %%)', number_format($spare / 4.719474e-4), 100.0 * $spare / $unit->asks()), self::said($unit, 'clean air'));
    }

    public function test_a_goal_that_the_room_keeps_by_itself_asks_nothing(): void
    {
        $room = Room::of('Room', Sample::data()->occupancies()->get('classroom'), FloorPlan::rectangle(9.0, 7.0, 3.0), 20, Sample::data()->pollutants()->get('cadr-smoke'), null, outdoor: 5.0);
        $unit = self::unit(Sample::design(), $room, 'hold-9');

        self::assertSame([0.0, 1], [$unit->asks(), $unit->needed]);
        self::assertStringStartsWith('Hold 9 µg/m³ or less: the building alone is enough.', self::said($unit, 'clean air'));
        self::assertSame([1e9, 4.0 / 3.0], [GoalShare::of(0.1, 0.0), GoalShare::ofBar(0.1, 0.0)]);
        self::assertSame([0.5, 0.0], [GoalShare::ofBar(0.1, 0.2), GoalShare::of(0.1, INF)]);
    }

    #[TestWith(['20x20x1-coarse', true])]
    #[TestWith(['20x20x1-g13-economy', false])]
    public function test_a_wish_that_no_number_of_coarse_filters_can_meet_is_said(string $filter, bool $never): void
    {
        // A coarse filter takes hardly any of the finest: what comes in through the cracks stays.
        $room = Room::of('Room', Sample::data()->occupancies()->get('classroom'), FloorPlan::rectangle(9.0, 7.0, 3.0), 20, Sample::data()->pollutants()->get('cadr-smoke'), null, outdoor: 12.0);
        $unit = self::unit(Sample::design(filter: $filter), $room, 'hold-2');

        self::assertSame($never, is_infinite($unit->asks()));
        self::assertSame($never, str_contains(self::said($unit, 'clean air'), 'no number of these units'));
    }

    public function test_one_more_is_one_more_and_many_are_many(): void
    {
        $mend = fn (string $goal): string => self::mend(self::unit(Sample::design(), Sample::room(), $goal), 'clean air');

        self::assertSame('One unit more would reach it (2 in all).', $mend('air-changes-10'));
        self::assertMatchesRegularExpression('/^It takes \d+ units at this speed\.$/', $mend('air-changes-40'));
    }

    public function test_too_loud_says_by_how_much_and_which_speed_is_not(): void
    {
        $unit = self::unit(Sample::design(), Sample::room(noiseLimit: 60.0), 'air-changes-3', '3');

        self::assertSame('Louder than the room allows by 4 dB: 64 dBA against 60 dBA.', self::said($unit, 'noise'));
        self::assertSame('Speed 1 meets it, at 58 dBA.', self::mend($unit, 'noise'));
        self::assertSame('', self::said(self::unit(Sample::design(), Sample::room(), 'air-changes-3'), 'noise'));
    }

    public function test_a_fan_that_is_choked_says_what_is_left_of_its_flow(): void
    {
        $unit = self::unit(Sample::design('flat-panel'), Sample::room(), 'air-changes-3');
        $share = (int) round(100.0 * $unit->line()->performance->freeShare());

        self::assertStringContainsString("only {$share} % of its free flow", self::said($unit, 'restriction'));
        self::assertSame('', self::said(self::unit(Sample::design('raised-cube', filter: '20x20x4-g13'), Sample::room(), 'air-changes-3'), 'restriction'));
    }

    public function test_much_bypass_names_the_worst_leak(): void
    {
        $unit = self::unit(Sample::design(corners: Corners::Open, joining: 'suction'), Sample::room(), 'air-changes-3');

        self::assertMatchesRegularExpression('/^\d+ % of the air passes no filter \(\d+ cfm\)\.$/', self::said($unit, 'bypass'));
        self::assertStringStartsWith('Most of it: ', self::mend($unit, 'bypass'));
        self::assertSame('', self::said(self::unit(Sample::design(joining: 'hot-glue'), Sample::room(), 'air-changes-3'), 'bypass'));
    }

    public function test_air_faster_than_a_filter_is_rated_for_is_said_with_how_many_faces_would_do(): void
    {
        $fragile = Sample::filter(['rated_velocity_m_s' => 0.3]);
        $unit = self::unit(Sample::design()->with(filter: $fragile), Sample::room(), 'air-changes-3');
        $faces = (int) preg_replace('/\D+/', '', self::mend($unit, 'face velocity'));

        self::assertStringContainsString('above its rating of 59 fpm', self::said($unit, 'face velocity'));
        self::assertGreaterThan(4, $faces);
        self::assertSame(Standing::Warns, $unit->standing());
    }

    public function test_what_tips_over_says_at_which_angle_or_that_it_does_not_stand(): void
    {
        // A blower on the side of a small tote hangs out over its foot.
        $said = fn (Design $design): string => self::said(self::unit($design, Sample::room(), 'air-changes-3'), 'stand');

        self::assertStringStartsWith('Tips over as it stands', $said(Sample::design('tote', 'inline-8', 'hepa-panel-12x12')));
        self::assertSame('', $said(Sample::design()));
    }

    #[TestWith(['20x20x1-g11', 'wildfire-pm25', 'Grade 11 is below grade 13: most of wildfire smoke passes through it.'])]
    #[TestWith(['20x20x1-g13-economy', 'wildfire-pm25', ''])]
    #[TestWith(['20x20x1-g8', 'cadr-pollen', ''])]
    public function test_a_grade_too_coarse_for_what_is_in_the_air_is_said(string $filter, string $pollutant, string $says): void
    {
        self::assertSame($says, self::said(self::unit(Sample::design(filter: $filter), Sample::room(pollutant: $pollutant), 'air-changes-3'), 'grade'));
    }

    private static function unit(Design $design, Room $room, string $goal, ?string $speed = null): UnitLedger
    {
        return Sample::ledger($room, $goal, $design, speed: $speed)->unit ?? self::fail('There is no unit.');
    }

    /** Empty where nothing is said of it. */
    private static function said(UnitLedger $unit, string $rule): string
    {
        return self::finding($unit, $rule)?->text->text(System::Imperial) ?? '';
    }

    private static function mend(UnitLedger $unit, string $rule): string
    {
        return self::finding($unit, $rule)?->mend?->text(System::Imperial) ?? '';
    }

    private static function finding(UnitLedger $unit, string $rule): ?Finding
    {
        foreach ($unit->findings as $finding) {
            if ($finding->rule === $rule) {
                return $finding;
            }
        }

        return null;
    }
}
