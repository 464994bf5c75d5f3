<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Document;

use Jornel\Core\Document\Register\Documents;
use Jornel\Core\Fault\Invalid;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the form of a document lets through and yet cannot be is told at its path, whatever the kind. */
final class RefusedDocumentsTest extends TestCase
{
    private const CUBE = ['shape' => 'cube', 'fan' => 'box-20-plain', 'filter' => '20x20x1-g13-dense', 'joining' => 'duct-tape'];

    private const BARE = ['fans' => [['free_flow_cfm' => 1000, 'shut_off_inwc' => 0.2]], 'faces' => [['layers' => [['width_in' => 20, 'height_in' => 20, 'drop' => [['velocity_fpm' => 300, 'pressure_inwc' => 0.2]], 'grade' => '13']]]]];

    private const BUILDING = [
        'kind' => 'building', 'rooms' => [['name' => 'a', 'volume_m3' => 50], ['name' => 'b', 'volume_m3' => 80]],
        'states' => [['name' => 'open', 'flows' => [['from_room' => 'outdoors', 'to_room' => 'a', 'flow_m3_h' => 40], ['from_room' => 'a', 'to_room' => 'outdoors', 'flow_m3_h' => 40]]]],
        'intervals' => [['state' => 'open', 'time_h' => 1]],
    ];

    private const SOUND = ['kind' => 'sound', 'sources' => [['level_dba' => 50]], 'seats' => [['distances_m' => [2.0]]]];

    /** @return iterable<string, array{array<string, mixed>, string, mixed, string}> document, key to change, its new value, path of the fault */
    public static function wrong(): iterable
    {
        $unit = ['unit' => self::CUBE];
        yield 'a shape that is not there' => [$unit, 'unit.shape', 'sphere', 'unit.shape'];
        yield 'a fan that is not there' => [$unit, 'unit.fan', 'whisper', 'unit.fan'];
        yield 'a filter that is not there' => [$unit, 'unit.filter', '9x9', 'unit.filter'];
        yield 'a joining that is not there' => [$unit, 'unit.joining', 'hope', 'unit.joining'];
        yield 'a filter that does not fit' => [$unit, 'unit.filter', '16x25x1-g13-dense', 'unit.filter'];
        yield 'an option that the shape does not have' => [$unit, 'unit.options', ['colour' => 'red'], 'unit.options.colour'];
        yield 'a choice that the option does not have' => [$unit, 'unit.options', ['layout' => 'spiral'], 'unit.options.layout'];
        yield 'a part like none' => [$unit, 'unit.fan', ['like' => 'whisper'], 'unit.fan'];
        yield 'a grade that is not there' => [$unit, 'unit.filter', ['like' => '20x20x1-g13-dense', 'grade' => '99'], 'unit.filter.grade'];

        $bare = ['unit' => ['bare' => self::BARE]];
        yield 'a curve that rises' => [$bare, 'unit.bare.fans.0', ['curve' => [['flow_cfm' => 100, 'pressure_inwc' => 0.1], ['flow_cfm' => 200, 'pressure_inwc' => 0.2]]], 'unit.bare.fans.0.curve'];
        yield 'no flow' => [$bare, 'unit.bare.fans.0.free_flow_cfm', 0, 'unit.bare.fans.0.free_flow_cfm'];
        yield 'a rim wider than the filter' => [$bare, 'unit.bare.faces.0.layers.0.rim_mm', 600, 'unit.bare.faces.0.layers.0.rim'];
        yield 'a share above one' => [$bare, 'unit.bare.faces.0.layers.0', ['efficiency' => ['e1' => 50, 'e2' => 85, 'e3' => 90], 'grade' => null] + self::BARE['faces'][0]['layers'][0], 'unit.bare.faces.0.layers.0.efficiency.e1'];

        $room = $unit + ['room' => ['volume_m3' => 100]];
        yield 'a pollutant that is not there' => [$room, 'room.pollutant', 'gloom', 'room.pollutant'];
        yield 'a use that is not there' => [$room, 'room.use', 'dungeon', 'room.use'];
        yield 'no volume' => [$room, 'room.volume_m3', 0, 'room.volume_m3'];
        yield 'weights that are not one in all' => [$room, 'pollutants', [['id' => 'own', 'weights' => [0.5, 0.5, 0.5]]], 'pollutants.0.weights'];

        yield 'a state that is not there' => [self::BUILDING, 'intervals.0.state', 'shut', 'intervals.0.state'];
        yield 'a room that is not there' => [self::BUILDING, 'states.0.flows.0.to_room', 'attic', 'states.0.flows.0.to_room'];
        yield 'a room without volume' => [self::BUILDING, 'rooms.1.volume_m3', -3, 'rooms.1.volume_m3'];
        yield 'no time' => [self::BUILDING, 'intervals.0.time_h', 0, 'intervals.0.time_h'];

        yield 'a seat that is told too few distances' => [self::SOUND + ['background_dba' => 30], 'sources', [['level_dba' => 50], ['level_dba' => 40]], 'seats.0.distances_m'];
        yield 'no distance to measure at' => [self::SOUND, 'sources.0.at_m', 0, 'sources.0.at_m'];
        yield 'a room without height' => [self::SOUND, 'room', ['length_m' => 5, 'width_m' => 4, 'height_m' => 0], 'room.height_m'];

        $series = ['kind' => 'room-series', 'room' => ['volume_m3' => 80], 'intervals' => [['time_h' => 1], ['time_h' => 1]]];
        yield 'a million intervals' => [$series, 'intervals.1.repeat', 1_000_000, 'intervals.1.repeat'];
        yield 'a million intervals in several rooms' => [self::BUILDING, 'intervals.0.repeat', 1_000_000, 'intervals.0.repeat'];
        yield 'a seat inside the unit' => [self::SOUND, 'seats.0.distances_m', [1e-300], 'seats.0.distances_m'];
        yield 'a level of a million decibels' => [self::SOUND, 'sources.0.level_dba', 1e6, 'sources.0.level_dba'];
        yield 'a room as large as the sun' => [['kind' => 'clearance', 'room' => ['volume_m3' => 80]], 'room.volume_m3', 1e27, 'room.volume_m3'];
        yield 'an interval that runs backwards' => [['kind' => 'room-series', 'room' => ['volume_m3' => 80], 'intervals' => [['time_h' => 1]]], 'intervals.0.time_h', -1, 'intervals.0.time_h'];
        yield 'a wish without time' => [['kind' => 'clearance', 'room' => ['volume_m3' => 80]], 'wish', ['share' => 0.9, 'time_min' => 0], 'wish.time_min'];
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('wrong')]
    public function test_it_is_told_at_its_path(array $document, string $key, mixed $value, string $path): void
    {
        // In 3D it is taken; so the fault is of the change.
        if (! str_contains($path, 'distances')) {
            self::assertNotSame([], Documents::answer($document, Sample::data()));
        }
        self::assertContains($path, self::faults(self::changed($document, $key, $value)));
    }

    public function test_several_faults_of_a_unit_are_told_at_once(): void
    {
        $faults = self::faults(['unit' => ['shape' => 'sphere', 'fan' => 'whisper', 'filter' => '9x9', 'joining' => 'hope']]);

        self::assertSame(['unit.shape', 'unit.fan', 'unit.filter', 'unit.joining'], $faults);
    }

    public function test_flows_that_do_not_close_are_told_with_the_room(): void
    {
        try {
            Documents::answer(self::changed(self::BUILDING, 'states.0.flows.1.flow_m3_h', 30), Sample::data());
            self::fail('It was taken.');
        } catch (Invalid $fault) {
            self::assertStringContainsString('“a”', $fault->getMessage());
        }
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function changed(array $document, string $key, mixed $value): array
    {
        $at = &$document;
        foreach (explode('.', $key) as $step) {
            $at = &$at[$step];
        }
        $at = $value;

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<string>
     */
    private static function faults(array $document): array
    {
        try {
            Documents::answer($document, Sample::data());
        } catch (InvalidEntries $faults) {
            return array_map(fn (Invalid $fault): string => $fault->field, $faults->faults);
        } catch (Invalid $fault) {
            return [$fault->field];
        }

        return [];
    }
}
