<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\BuildDay;

use Closure;
use Jornel\Core\BuildDay\Assignment;
use Jornel\Core\BuildDay\Day;
use Jornel\Core\BuildDay\InvalidDay;
use Jornel\Core\BuildDay\Move;
use Jornel\Core\BuildDay\Person;
use Jornel\Core\BuildDay\Plan;
use Jornel\Core\BuildDay\Planner;
use Jornel\Core\BuildDay\Schedule;
use Jornel\Core\BuildDay\Tables;
use Jornel\Core\BuildDay\Task;
use Jornel\Core\BuildDay\UnitTasks;
use Jornel\Core\Guide\Guide;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Build days against exhaustive search, by hand, and against every rule. */
final class PlannerTest extends TestCase
{
    /** @return iterable<string, array{int, int}> */
    public static function few(): iterable
    {
        foreach (range(1, 42) as $seed) {
            $tasks = 3 + $seed % 6;
            yield "seed {$seed}, {$tasks} tasks" => [$seed, $tasks];
        }
    }

    #[DataProvider('few')]
    public function test_up_to_eight_tasks_are_planned_as_short_as_they_can_be(int $seed, int $tasks): void
    {
        $day = DaySets::few($seed, $tasks);
        $most = 40;
        $shortest = ExhaustiveDay::shortest($day, $most);
        if ($shortest > $most) {
            $this->expectException(InvalidDay::class);
        }
        $plan = self::plan($day, 1e9);

        self::assertSame([], DayCheck::faults($day, $plan->schedule->assignments));
        self::assertEqualsWithDelta((float) $shortest, $plan->schedule->length(), 1e-9);
        self::assertEqualsWithDelta((float) $shortest, $plan->bound, 1e-9);
    }

    /** @return iterable<string, array{int}> */
    public static function many(): iterable
    {
        foreach (range(1, 16) as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('many')]
    public function test_every_rule_is_kept_and_the_length_lies_above_its_bound(int $seed): void
    {
        $day = DaySets::many($seed, 2 + $seed % 7, 4 + $seed % 5);
        $first = self::plan($day, 0.0);
        $plan = self::plan($day, 300.0);

        self::assertSame([], DayCheck::faults($day, $plan->schedule->assignments));
        self::assertSame([], DayCheck::faults($day, $first->schedule->assignments));
        self::assertLessThanOrEqual($first->schedule->length() + 1e-9, $plan->schedule->length());
        self::assertGreaterThanOrEqual($plan->bound - 1e-9, $plan->schedule->length());
        self::assertNotSame('', $plan->why);
        // The same question has the same answer.
        self::assertEquals($plan->schedule->inTime(), self::plan($day, 300.0)->schedule->inTime());
    }

    public function test_waiting_needs_nobody_and_a_shared_tool_is_used_by_one(): void
    {
        // Two glue for 4 minutes and wait for 6, with one gun; each then works on for 3. By hand, two people: 4 + 6 + 3 of the
        // second, who had the gun from minute 4 on.
        $two = fn (string $unit): array => [
            new Task("{$unit}.glue", 4.0, 6.0, [], null, 'gun', true, $unit),
            new Task("{$unit}.tape", 3.0, 0.0, ["{$unit}.glue"], null, null, false, $unit),
        ];
        $plan = self::plan(Day::of([...$two('1'), ...$two('2')], [new Person('Ada', []), new Person('Bo', [])], ['gun' => 1]), 1e6);

        self::assertSame(17.0, $plan->schedule->length());
        self::assertSame(17.0, $plan->bound);
        self::assertStringContainsString('gun', $plan->why);
        // One alone needs as long: while one waits, the other is glued.
        self::assertSame(17.0, self::plan(Day::of([...$two('1'), ...$two('2')], [new Person('Ada', [])], ['gun' => 1]), 1e6)->schedule->length());
    }

    public function test_nobody_works_through_a_break_or_before_they_come(): void
    {
        // 10 minutes of work before a break from 8 to 20 go after it, and 5 before it; Bo comes in minute 30.
        $plan = self::plan(Day::of(
            [new Task('long', 10.0, skill: 'cutting'), new Task('short', 5.0, skill: 'cutting'), new Task('his', 2.0, skill: 'checking')],
            [new Person('Ada', ['cutting']), new Person('Bo', ['checking'], true, 30.0)],
            breaks: [[8.0, 20.0]],
        ), 1e6);
        $starts = [];
        foreach ($plan->schedule->inTime() as $one) {
            $starts[$one->task->id] = $one->start;
        }

        self::assertSame(['short' => 0.0, 'long' => 20.0, 'his' => 30.0], $starts);
    }

    public function test_somebody_else_checks_what_was_built(): void
    {
        $tasks = [new Task('build', 5.0, unit: '1'), new Task('check', 2.0, after: ['build'], unit: '1', isCheck: true), new Task('label', 1.0, after: ['check'], unit: '1')];
        $plan = self::plan(Day::of($tasks, [new Person('Ada', []), new Person('Bo', [])]), 1e6);
        $who = array_column(array_map(fn (Assignment $one): array => [$one->task->id, $one->people], $plan->schedule->inTime()), 1, 0);

        self::assertSame($who['build'], $who['label']);
        self::assertNotSame($who['build'], $who['check']);

        $this->expectExceptionMessage('Nobody is left to check unit 1 who does not build it: one more person must come.');
        self::plan(Day::of($tasks, [new Person('Ada', [])]), 1e6);
    }

    /** @return iterable<string, array{Closure(): mixed, string, string}> */
    public static function impossible(): iterable
    {
        $ada = new Person('Ada', ['taping']);
        $child = new Person('Cleo', ['gluing'], false);
        yield 'no such skill' => [fn () => Day::of([new Task('glue', 5.0, skill: 'gluing')], [$ada]), 'tasks.0.skill', 'Nobody who comes has the skill “gluing”.'];
        yield 'no adult' => [fn () => Day::of([new Task('cut', 5.0, isForAdults: true)], [$child]), 'tasks.0.adults_only', 'Only an adult may do this, and no adult comes.'];
        yield 'no adult with the skill' => [fn () => Day::of([new Task('glue', 5.0, skill: 'gluing', isForAdults: true)], [$ada, $child]), 'tasks.0.adults_only', 'Only an adult may do this, and no adult who comes has the skill “gluing”.'];
        yield 'no tool' => [fn () => Day::of([new Task('cut', 5.0, tool: 'knife')], [$ada], ['knife' => 0]), 'tasks.0.tool', 'There is no knife. Add one to the tools, or leave this task out.'];
        yield 'too few' => [fn () => Day::of([new Task('turn', 5.0, people: 2)], [$ada]), 'tasks.0.people', 'This takes 2 people at once; only 1 who come may do it.'];
        yield 'a circle' => [fn () => Day::of([new Task('a', 1.0, after: ['b']), new Task('b', 1.0, after: ['a'])], [$ada]), 'tasks.0.after', 'These tasks wait for each other in a circle: a, b.'];
        yield 'unknown' => [fn () => Day::of([new Task('a', 1.0, after: ['z'])], [$ada]), 'tasks.0.after', 'There is no task “z”.'];
        yield 'twice' => [fn () => Day::of([new Task('a', 1.0), new Task('a', 1.0)], [$ada]), 'tasks.1.id', '“a” is named twice.'];
        yield 'too little time' => [fn () => self::plan(Day::of([new Task('a', 20.0), new Task('b', 20.0, after: ['a'])], [new Person('Ada', [], true, 0.0, 30.0)]), 1e4), 'tasks.1', 'There is too little time for “b”: whoever may do it goes before it could be done.'];
    }

    /** @param  Closure(): mixed  $make */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_done_is_refused_with_the_reason(Closure $make, string $path, string $why): void
    {
        try {
            $make();
            self::fail('It was let through.');
        } catch (InvalidDay $fault) {
            self::assertSame([$path, $why], [$fault->field, $fault->getMessage()]);
        }
    }

    public function test_from_now_on_what_is_done_stays_and_the_rest_is_planned_anew(): void
    {
        $guide = Guide::of(Sample::design(), Sample::catalogue());
        $tasks = [...UnitTasks::of($guide, '1', ['knife' => 1]), ...UnitTasks::of($guide, '2', ['knife' => 1])];
        $skills = ['cutting', 'taping', 'checking'];
        $people = [new Person('Ada', $skills), new Person('Bo', $skills), new Person('Cleo', ['taping', 'checking'], false), new Person('Dov', ['checking'])];
        $before = self::plan(Day::of($tasks, $people, ['knife' => 1]), 200.0);
        $now = 20.0;
        $frozen = array_filter($before->schedule->assignments, fn (Assignment $one): bool => $one->start < $now);
        // Bo leaves; what he is at he ends.
        $left = [$people[0], new Person('Bo', $skills, true, 0.0, 26.0), $people[2], $people[3]];
        $after = self::plan(Day::of($tasks, $left, ['knife' => 1], [], $now, $frozen), 200.0);

        self::assertSame([], DayCheck::faults($after->schedule->day, $after->schedule->assignments));
        foreach ($frozen as $number => $one) {
            self::assertSame([$one->start, $one->end, $one->people], [$after->schedule->assignments[$number]->start, $after->schedule->assignments[$number]->end, $after->schedule->assignments[$number]->people]);
        }
        foreach (array_diff_key($after->schedule->assignments, $frozen) as $one) {
            self::assertGreaterThanOrEqual($now, $one->start);
        }
        self::assertGreaterThanOrEqual($before->schedule->length(), $after->schedule->length());
    }

    public function test_a_task_that_is_moved_stays_where_it_was_put_or_says_why_not(): void
    {
        $guide = Guide::of(Sample::design(), Sample::catalogue());
        $skills = ['cutting', 'taping', 'checking'];
        $day = Day::of([...UnitTasks::of($guide, '1', ['knife' => 1]), ...UnitTasks::of($guide, '2', ['knife' => 1])], [new Person('Ada', $skills), new Person('Bo', $skills), new Person('Cleo', ['taping'], false), new Person('Dov', ['checking'], true, 20.0)], ['knife' => 1], [[70.0, 80.0]]);
        $plan = self::plan($day, 200.0)->schedule;
        $number = fn (string $id): int => (int) array_search($id, array_map(fn (Task $task): string => $task->id, $day->tasks), true);
        $cut = $number('2.cut-board-24x36');

        // Of Ada and Bo the one who does not check that unit.
        $who = $plan->assignments[$number('2.tissue')]->people === [1] ? 0 : 1;
        $moved = Move::put($plan, $cut, 30.0, [$who]);
        self::assertSame([30.0, [$who]], [$moved->assignments[$cut]->start, $moved->assignments[$cut]->people]);
        self::assertSame([], DayCheck::faults($day, $moved->assignments));

        $refused = function (string $task, float $start, array $people) use ($plan, $number): string {
            try {
                Move::put($plan, $number($task), $start, $people);

                return '';
            } catch (InvalidDay $fault) {
                return $fault->getMessage();
            }
        };
        self::assertStringContainsString('Cleo is no adult', $refused('2.cut-board-24x36', 30.0, [2]));
        self::assertStringContainsString('Dov has not the skill “taping”', $refused('2.seal', 60.0, [3]));
        self::assertStringContainsString('Dov is not there', $refused('1.count', 0.0, [3]));
        self::assertStringContainsString('break from minute 70 to 80', $refused('2.cut-board-24x36', 65.0, [$who]));
        self::assertStringContainsString('It waits for “2.base”', $refused('2.seal', 0.0, [$who]));
        $checker = $plan->assignments[$number('1.tissue')]->people[0];
        self::assertStringContainsString('does nothing else on it', $refused('1.label', 150.0, [$checker]));
    }

    public function test_each_unit_has_a_table_and_a_shared_tool_its_place(): void
    {
        $guide = Guide::of(Sample::design(), Sample::catalogue());
        $skills = ['cutting', 'taping', 'checking'];
        $tasks = array_merge(...array_map(fn (int $unit): array => UnitTasks::of($guide, (string) $unit, ['knife' => 1]), [1, 2, 3]));
        $plan = self::plan(Day::of($tasks, [new Person('Ada', $skills), new Person('Bo', $skills)], ['knife' => 1]), 60.0)->schedule;
        $places = Tables::of($plan, 2);

        self::assertSame(['Knife', 'Table 1', 'Table 2'], array_values(array_unique(array_map(fn (string $place): string => $place, self::sorted($places)))));
        foreach ($plan->assignments as $number => $one) {
            self::assertSame($one->task->tool === 'knife', $places[$number] === 'Knife');
        }
        // All of a unit that takes no shared tool is done at one table.
        foreach (['1', '2', '3'] as $unit) {
            $at = array_filter($places, fn (int $number): bool => $plan->day->tasks[$number]->unit === $unit && $places[$number] !== 'Knife', ARRAY_FILTER_USE_KEY);
            self::assertCount(1, array_unique($at));
        }
    }

    /**
     * @param  array<int, string>  $places
     * @return list<string>
     */
    private static function sorted(array $places): array
    {
        $sorted = array_values($places);
        sort($sorted);

        return $sorted;
    }

    public function test_children_get_no_blade_and_no_glue(): void
    {
        $guide = Guide::of(Sample::design('tall-box', filter: '20x25x1-g13-economy', joining: 'hot-glue'), Sample::catalogue());
        $all = ['cutting', 'taping', 'gluing', 'checking'];
        $plan = self::plan(Day::of(UnitTasks::of($guide, '1', []), [new Person('Ada', $all), new Person('Cleo', $all, false), new Person('Dee', $all, false)]), 200.0);
        $children = array_filter($plan->schedule->assignments, fn (Assignment $one): bool => $one->people !== [0]);

        self::assertNotSame([], $children);
        foreach ($children as $one) {
            self::assertSame([], array_intersect($guide->step(substr($one->task->id, 2))?->step->tools() ?? ['nothing'], ['knife', 'glue gun', 'saw', 'drill', 'scissors', 'awl', 'cutters', 'nothing']));
        }
    }

    public function test_better_plans_are_told_as_they_come_and_the_search_can_be_ended(): void
    {
        $day = DaySets::many(3, 6, 5);
        $told = [];
        $plan = self::plan($day, 1e9, function (Schedule $schedule, float $share) use (&$told): bool {
            $told[] = $schedule->length();

            return count($told) < 6;
        });

        self::assertGreaterThan(1, count($told));
        self::assertSame($told, array_reverse(array_values(array_reverse($told))));
        for ($i = 1; $i < count($told); $i++) {
            self::assertLessThanOrEqual($told[$i - 1], $told[$i]);
        }
        self::assertSame([], DayCheck::faults($day, $plan->schedule->assignments));
    }

    /**
     * Every question to the clock counts as a millisecond.
     *
     * @param  (Closure(Schedule, float): bool)|null  $tell
     */
    private static function plan(Day $day, float $budget, ?Closure $tell = null): Plan
    {
        $asked = 0;

        return Planner::plan($day, $budget, function () use (&$asked): float {
            return (float) ++$asked;
        }, $tell);
    }
}
