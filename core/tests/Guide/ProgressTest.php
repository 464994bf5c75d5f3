<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Guide;

use Jornel\Core\Guide\Guide;
use Jornel\Core\Guide\GuideChange;
use Jornel\Core\Guide\LearnedTimes;
use Jornel\Core\Guide\Progress;
use Jornel\Core\Guide\Tick;
use Jornel\Core\Guide\TickKind;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** How far a unit is, what its steps took, and what a changed build changes in its guide. */
final class ProgressTest extends TestCase
{
    public function test_of_two_ticks_the_later_holds_in_whichever_order_they_come(): void
    {
        $ticks = [
            self::tick('tack', TickKind::Done, 'Bo', 300.0),
            self::tick('tack', TickKind::Undone, 'Ada', 400.0),
            self::tick('tack', TickKind::Done, 'Ada', 500.0),
            self::tick('arrows', TickKind::Seen, 'Bo', 100.0, 0),
            self::tick('arrows', TickKind::Unseen, 'Ada', 120.0, 0),
            self::tick('square', TickKind::Seen, 'Ada', 90.0, 0, '28 3/4 both'),
        ];
        foreach ([$ticks, array_reverse($ticks)] as $given) {
            $progress = Progress::of($given);
            self::assertSame('Ada', $progress->steps['tack']->done?->by);
            self::assertSame([], $progress->steps['arrows']->seen);
            self::assertSame('28 3/4 both', $progress->steps['square']->seen[0]->text);
            self::assertFalse($progress->isDone('square'));
            self::assertFalse($progress->isDone('fan'));
        }
    }

    public function test_a_step_takes_from_when_the_same_person_began_it(): void
    {
        $progress = Progress::of([
            self::tick('tack', TickKind::Begun, 'Ada', 0.0), self::tick('tack', TickKind::Begun, 'Bo', 60.0), self::tick('tack', TickKind::Done, 'Bo', 360.0),
            self::tick('seal', TickKind::Done, 'Bo', 500.0),
        ]);

        self::assertSame(['tack' => 5.0], $progress->minutes());
    }

    public function test_typical_times_give_way_step_by_step(): void
    {
        $guide = Guide::of(Sample::design(), Sample::catalogue());
        $tack = $guide->step('tack')?->step ?? self::fail();
        // 5 min as usual counts as much as three that were measured: (3 x 5 + 8) / 4, then (3 x 5 + 8 + 8 + 9) / 6.
        self::assertSame([5.0, 0], [LearnedTimes::of([], $guide)->minutes($tack), LearnedTimes::of([], $guide)->restOn($tack)]);
        self::assertSame(5.75, LearnedTimes::of([['tack', 8.0]], $guide)->minutes($tack));
        $three = LearnedTimes::of([['tack', 8.0], ['tack', 8.0], ['tack', 9.0]], $guide);
        self::assertEqualsWithDelta(40.0 / 6.0, $three->minutes($tack), 1e-9);
        self::assertSame(3, $three->restOn($tack));
        // Ticked off at once, or after lunch: no work.
        self::assertSame(0, LearnedTimes::of([['tack', 0.1], ['tack', 55.0], ['nothing', 5.0]], $guide)->restOn($tack));
    }

    public function test_a_pace_is_nearer_to_the_usual_the_fewer_steps_it_rests_on(): void
    {
        $guide = Guide::of(Sample::design(), Sample::catalogue());
        $times = LearnedTimes::of([], $guide);

        self::assertSame(1.0, $times->pace([], $guide));
        $one = $times->pace([['tack', 10.0]], $guide);
        $four = $times->pace([['tack', 10.0], ['square', 4.0], ['arrows', 4.0], ['seal', 12.0]], $guide);
        // Twice as long in one of four, then in four of seven.
        self::assertEqualsWithDelta(2.0 ** 0.25, $one, 1e-9);
        self::assertEqualsWithDelta(2.0 ** (4.0 / 7.0), $four, 1e-9);
    }

    public function test_a_changed_build_tells_what_its_guide_changes(): void
    {
        $told = fn (Guide $guide): array => array_map(GuideChange::told(...), $guide->steps);
        $shroud = $told(Guide::of(Sample::design(), Sample::catalogue()));
        $taped = $told(Guide::of(Sample::design(corners: Corners::Taped), Sample::catalogue()));

        self::assertTrue(GuideChange::between($shroud, $shroud)->isNothing());
        $change = GuideChange::between($shroud, $taped);
        self::assertCount(1, $change->added);
        self::assertStringContainsString('triangles', $change->added[0]);
        self::assertCount(1, $change->dropped);
        self::assertStringContainsString('shroud', $change->dropped[0]);
        // Other parts are cut now.
        self::assertCount(1, $change->changed);
        self::assertStringContainsString('Corner piece', $change->changed[0]);
    }

    private static function tick(string $step, TickKind $kind, string $by, float $at, ?int $hold = null, string $text = ''): Tick
    {
        return new Tick($step, $kind, $hold, $text, $by, $at);
    }
}
