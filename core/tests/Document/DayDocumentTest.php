<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The document of a build day, read as another program reads it: by its keys alone, every rule by the words of the question. */
final class DayDocumentTest extends TestCase
{
    private const CUBE = ['shape' => 'cube', 'fan' => 'box-20-plain', 'filter' => '20x20x1-g13-economy', 'joining' => 'duct-tape'];

    private const ALL = ['cutting', 'taping', 'gluing', 'checking'];

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function days(): iterable
    {
        foreach (['day-tasks', 'day'] as $example) {
            yield "example {$example}" => [(array) json_decode((string) file_get_contents(dirname(__DIR__, 3)."/formats/examples/{$example}.json"), true)];
        }
        yield 'two turn a box' => [[
            'tasks' => [
                ['id' => 'a', 'work_min' => 7, 'unit' => '1'], ['id' => 'b', 'work_min' => 3, 'unit' => '2', 'wait_min' => 10],
                ['id' => 'turn', 'work_min' => 2, 'people' => 2, 'after' => ['a', 'b']], ['id' => 'c', 'work_min' => 4, 'tool' => 'saw'], ['id' => 'd', 'work_min' => 4, 'tool' => 'saw'],
            ],
            'people' => [['name' => 'Ada'], ['name' => 'Bo', 'from_min' => 5], ['name' => 'Cleo', 'adult' => false, 'to_min' => 30]],
            'tools' => ['saw' => 1], 'breaks' => [['from_min' => 9, 'to_min' => 12]], 'budget_ms' => 200,
        ]];
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('days')]
    public function test_every_rule_of_the_question_is_kept(array $document): void
    {
        $answer = GuideDocumentTest::ask(['kind' => 'day'] + $document);
        self::assertEqualsCanonicalizing(['tasks', 'length_min', 'lower_bound_min', 'why_not_shorter'], array_keys($answer));
        $people = array_column($document['people'], null, 'name');
        foreach ($answer['tasks'] as $task) {
            self::assertEqualsCanonicalizing(['id', 'unit', 'start_min', 'end_min', 'people', 'tool'], array_keys($task));
            foreach ($task['people'] as $name) {
                self::assertGreaterThanOrEqual($people[$name]['from_min'] ?? 0, $task['start_min'], $task['id']);
                self::assertLessThanOrEqual($people[$name]['to_min'] ?? INF, $task['end_min'], $task['id']);
            }
            foreach ($document['breaks'] ?? [] as $break) {
                self::assertFalse($task['start_min'] < $break['to_min'] && $task['end_min'] > $break['from_min'], "{$task['id']} in a break");
            }
        }
        // Nobody is at two tasks at once, no tool in more hands than there are of it.
        foreach (array_keys($people) as $name) {
            self::assertLessThanOrEqual(1, self::mostAtOnce($answer['tasks'], fn (array $task): bool => in_array($name, $task['people'], true)), $name);
        }
        foreach ($document['tools'] ?? [] as $tool => $count) {
            self::assertLessThanOrEqual($count, self::mostAtOnce($answer['tasks'], fn (array $task): bool => $task['tool'] === $tool), $tool);
        }
        self::assertEqualsWithDelta(max(array_column($answer['tasks'], 'end_min')), $answer['length_min'], 1e-9);
        self::assertLessThanOrEqual($answer['length_min'] + 1e-9, $answer['lower_bound_min']);
        self::assertNotSame('', $answer['why_not_shorter']);
    }

    public function test_tasks_keep_their_length_their_order_and_their_people(): void
    {
        $document = self::days()->current()[0];
        foreach (self::days() as $name => [$one]) {
            $document = $name === 'two turn a box' ? $one : $document;
        }
        $told = array_column(GuideDocumentTest::ask(['kind' => 'day'] + $document)['tasks'], null, 'id');
        self::assertEqualsCanonicalizing(array_column($document['tasks'], 'id'), array_keys($told));
        foreach ($document['tasks'] as $task) {
            $one = $told[$task['id']];
            self::assertEqualsWithDelta($task['work_min'], $one['end_min'] - $one['start_min'], 1e-9);
            self::assertCount($task['people'] ?? 1, array_unique($one['people']));
            self::assertSame([$task['unit'] ?? null, $task['tool'] ?? null], [$one['unit'], $one['tool']]);
            foreach ($task['after'] ?? [] as $before) {
                $wait = array_column($document['tasks'], 'wait_min', 'id')[$before] ?? 0;
                self::assertGreaterThanOrEqual($told[$before]['end_min'] + $wait, $one['start_min']);
            }
        }
    }

    public function test_steps_of_a_day_are_those_of_the_guide_with_its_minutes(): void
    {
        $guide = array_column(GuideDocumentTest::ask(['kind' => 'guide', 'unit' => self::CUBE])['steps'], null, 'id');
        $day = GuideDocumentTest::ask(['kind' => 'day', 'units' => [['unit' => self::CUBE, 'count' => 2]], 'people' => [self::one('Ada'), self::one('Bo'), self::one('Cleo', ['adult' => false])], 'budget_ms' => 50]);

        self::assertCount(2 * count($guide), $day['tasks']);
        $builders = $checkers = [];
        foreach ($day['tasks'] as $task) {
            $step = $guide[explode('.', $task['id'], 2)[1]];
            self::assertEqualsWithDelta($step['work_min'], $task['end_min'] - $task['start_min'], 1e-9);
            if ($step['adults_only']) {
                self::assertNotContains('Cleo', $task['people']);
            }
            if ($step['is_check']) {
                $checkers[$task['unit']][] = $task['people'];
            } else {
                $builders[$task['unit']][] = $task['people'];
            }
        }
        foreach (['1', '2'] as $unit) {
            self::assertSame([], array_intersect(array_merge(...$checkers[$unit]), array_merge(...$builders[$unit])));
        }
    }

    public function test_more_people_never_lengthen_the_day_and_the_same_question_has_the_same_answer(): void
    {
        $of = fn (int $people): array => GuideDocumentTest::ask([
            'kind' => 'day', 'units' => [['unit' => self::CUBE, 'count' => 3]], 'budget_ms' => 400,
            'people' => array_map(fn (int $number): array => self::one("Person {$number}"), range(1, $people)),
        ]);
        $lengths = array_map(fn (int $people): float => (float) $of($people)['length_min'], [2, 4, 8]);

        self::assertGreaterThan($lengths[1], $lengths[0]);
        self::assertGreaterThanOrEqual($lengths[2], $lengths[1]);
        self::assertSame($of(4), $of(4));
        // Of three units none is ready sooner than one alone with as many hands as it can use.
        self::assertGreaterThanOrEqual(GuideDocumentTest::ask(['kind' => 'guide', 'unit' => self::CUBE])['shortest_min'], $lengths[2]);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function faults(): iterable
    {
        $task = ['id' => 'a', 'work_min' => 5];
        $ada = ['name' => 'Ada'];
        yield 'an id twice' => ['tasks.1.id', ['tasks' => [$task, $task], 'people' => [$ada]]];
        yield 'a name twice' => ['people.1.name', ['tasks' => [$task], 'people' => [$ada, $ada]]];
        yield 'after nothing that is' => ['tasks.0.after', ['tasks' => [$task + ['after' => ['z']]], 'people' => [$ada]]];
        yield 'somebody who goes before they come' => ['people.0.to_min', ['tasks' => [$task], 'people' => [$ada + ['from_min' => 30, 'to_min' => 10]]]];
        yield 'a break that ends before it begins' => ['breaks.0.to_min', ['tasks' => [$task], 'people' => [$ada], 'breaks' => [['from_min' => 20, 'to_min' => 10]]]];
        yield 'a unit of no shape that is known' => ['units.0.unit.shape', ['units' => [['unit' => ['shape' => 'dome'] + self::CUBE]], 'people' => [$ada]]];
        yield 'no adult' => ['tasks.0.adults_only', ['tasks' => [$task + ['adults_only' => true]], 'people' => [$ada + ['adult' => false]]]];
        yield 'no such skill' => ['tasks.0.skill', ['tasks' => [$task + ['skill' => 'gluing']], 'people' => [$ada]]];
        yield 'too little time' => ['tasks.0', ['tasks' => [$task], 'people' => [$ada + ['to_min' => 4]]]];
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('faults')]
    public function test_what_is_wrong_or_cannot_be_is_told_at_its_path(string $path, array $document): void
    {
        self::assertContains($path, GuideDocumentTest::refused(['kind' => 'day'] + $document));
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function one(string $name, array $more = []): array
    {
        return ['name' => $name, 'skills' => self::ALL] + $more;
    }

    /**
     * @param  list<array<string, mixed>>  $tasks
     * @param  callable(array<string, mixed>): bool  $which
     */
    private static function mostAtOnce(array $tasks, callable $which): int
    {
        $own = array_filter($tasks, $which);
        $most = 0;
        foreach ($own as $task) {
            $at = array_filter($own, fn (array $one): bool => $one['start_min'] <= $task['start_min'] && $one['end_min'] > $task['start_min'] + 1e-9);
            $most = max($most, count($at));
        }

        return $most;
    }
}
