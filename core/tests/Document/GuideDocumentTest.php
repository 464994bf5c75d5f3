<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Document;

use Jornel\Core\Document\Register\Documents;
use Jornel\Core\Fault\Invalid;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The document of a guide: its keys, its units, and that its sums are those of its steps. */
final class GuideDocumentTest extends TestCase
{
    private const CUBE = ['shape' => 'cube', 'fan' => 'box-20-plain', 'filter' => '20x20x1-g13-economy', 'joining' => 'duct-tape', 'corners' => 'shroud'];

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function units(): iterable
    {
        yield 'cube of four, taped' => [self::CUBE];
        yield 'cube of four, glued' => [['joining' => 'hot-glue'] + self::CUBE];
        yield 'tall box, glued' => [['shape' => 'tall-box', 'filter' => '20x25x1-g13-economy', 'joining' => 'hot-glue', 'corners' => 'taped'] + self::CUBE];
        yield 'flat panel' => [['shape' => 'flat-panel', 'fan' => 'box-20-plain', 'filter' => '20x20x1-g13-economy', 'joining' => 'duct-tape']];
    }

    /** @param  array<string, mixed>  $unit */
    #[DataProvider('units')]
    public function test_every_step_has_the_keys_and_units_that_are_promised(array $unit): void
    {
        $answer = self::answer($unit);
        self::assertEqualsCanonicalizing(['steps', 'work_min', 'shortest_min'], array_keys($answer));
        $ids = array_column($answer['steps'], 'id');
        self::assertSame($ids, array_unique($ids));

        foreach ($answer['steps'] as $place => $step) {
            foreach (['id', 'action', 'reason', 'parts', 'tools', 'work_min', 'wait_min', 'after', 'hold', 'skill', 'adults_only', 'cautions'] as $key) {
                self::assertArrayHasKey($key, $step);
            }
            self::assertGreaterThan(0.0, $step['work_min'], $step['id']);
            self::assertGreaterThanOrEqual(0.0, $step['wait_min'], $step['id']);
            self::assertIsBool($step['adults_only']);
            self::assertTrue($step['skill'] === null || is_string($step['skill']));
            foreach ($step['parts'] as $part) {
                self::assertGreaterThan(0, $part['count'], $step['id']);
                self::assertNotSame('', $part['name']);
            }
            // What a step waits for stands before it.
            foreach ($step['after'] as $one) {
                self::assertContains($one, array_slice($ids, 0, $place), "{$step['id']} after {$one}");
            }
        }
    }

    /** @param  array<string, mixed>  $unit */
    #[DataProvider('units')]
    public function test_the_work_is_the_sum_of_its_steps_and_the_shortest_time_its_longest_chain(array $unit): void
    {
        $answer = self::answer($unit);
        self::assertEqualsWithDelta(array_sum(array_column($answer['steps'], 'work_min')), $answer['work_min'], 1e-9);

        // Ready when it is done and holds; steps stand in an order that keeps what waits for what.
        $ready = [];
        foreach ($answer['steps'] as $step) {
            $from = max([0.0, ...array_map(fn (string $one): float => $ready[$one], $step['after'])]);
            $ready[$step['id']] = $from + $step['work_min'] + $step['wait_min'];
        }
        self::assertEqualsWithDelta(max($ready), $answer['shortest_min'], 1e-9);
    }

    /** @param  array<string, mixed>  $unit */
    #[DataProvider('units')]
    public function test_blades_and_hot_glue_are_for_adults(array $unit): void
    {
        foreach (self::answer($unit)['steps'] as $step) {
            if (array_intersect($step['tools'], ['knife', 'glue gun', 'saw', 'drill']) !== []) {
                self::assertTrue($step['adults_only'], $step['id']);
            }
        }
    }

    public function test_labels_are_those_of_the_cut_list(): void
    {
        $kit = self::ask(['kind' => 'kit', 'units' => [['unit' => self::CUBE]]]);
        $cut = array_column($kit['cuts'], 'label');
        $used = array_merge(...array_map(fn (array $step): array => array_filter(array_column($step['parts'], 'label')), self::answer(self::CUBE)['steps']));

        self::assertNotSame([], $cut);
        foreach ($cut as $label) {
            self::assertContains($label, array_map(fn (string $one): string => explode('.', $one)[0], $used));
        }
    }

    public function test_glue_is_waited_for_where_there_is_glue_and_nowhere_else(): void
    {
        $waits = fn (array $unit): float => array_sum(array_column(self::answer($unit)['steps'], 'wait_min'));

        self::assertSame(0.0, (float) $waits(self::CUBE));
        self::assertGreaterThan(0.0, $waits(['joining' => 'hot-glue'] + self::CUBE));
    }

    public function test_somebody_else_looks_before_the_label_goes_on(): void
    {
        $steps = self::answer(self::CUBE)['steps'];
        $checks = array_column(array_filter($steps, fn (array $step): bool => $step['is_check']), 'id');

        self::assertContains('tissue', $checks);
        self::assertNotContains('seal', $checks);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function faults(): iterable
    {
        yield 'a shape that is not known' => ['unit.shape', ['unit' => ['shape' => 'dome'] + self::CUBE]];
        yield 'a fan that is not known' => ['unit.fan', ['unit' => ['fan' => 'moon'] + self::CUBE]];
        yield 'a bare unit' => ['unit.bare', ['unit' => ['bare' => true, 'fan' => 'box-20-plain', 'filter' => '20x20x1-g13-economy', 'faces' => 4]]];
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('faults')]
    public function test_what_is_wrong_is_told_at_its_path(string $path, array $document): void
    {
        self::assertContains($path, self::refused(['kind' => 'guide'] + $document));
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<string> paths
     */
    public static function refused(array $document): array
    {
        try {
            self::ask($document);
        } catch (InvalidEntries $faults) {
            return array_map(fn (Invalid $fault): string => $fault->field, $faults->faults);
        } catch (Invalid $fault) {
            return [$fault->field];
        }

        return [];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public static function ask(array $document): array
    {
        return (array) json_decode((string) json_encode(Documents::answer($document, Sample::data())), true);
    }

    /**
     * @param  array<string, mixed>  $unit
     * @return array<string, mixed>
     */
    private static function answer(array $unit): array
    {
        return self::ask(['kind' => 'guide', 'unit' => $unit]);
    }
}
