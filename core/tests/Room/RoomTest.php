<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Room;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Ledger\TargetAsk;
use Jornel\Core\Quantity\System;
use Jornel\Core\Room\InvalidRoom;
use Jornel\Core\Room\Room;
use Jornel\Core\Room\RoomEntry;
use Jornel\Core\Room\Target\UnknownTarget;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RoomTest extends TestCase
{
    private const CFM = 4.719474e-4;

    public function test_the_room_size_rule_is_four_and_five_sixths_air_changes(): void
    {
        // Source: AHAM AC-1 guidance (from memory): floor area = 1.55 x CADR under 8 ft, that is 4.84 air changes.
        $room = Sample::room(length: 20 * 0.3048, width: 15 * 0.3048, height: 8 * 0.3048);
        $asks = Sample::data()->targets()->get('room-size')->asks($room);

        self::assertEqualsWithDelta(4.84, $room->airChanges($asks ?? 0.0), 0.005);
        self::assertEqualsWithDelta(300.0 / 1.55, $asks / self::CFM, 1e-6);
    }

    #[TestWith(['air-changes-5', 600.0])]
    #[TestWith(['air-changes-7.5', 900.0])]
    #[TestWith(['two-thirds', 600.0])]
    #[TestWith(['smoke-season', 900.0])]
    #[TestWith(['room-size', 580.645])]
    #[TestWith(['per-person', 800.0])]
    public function test_each_rule_needs_its_own(string $target, float $cfm): void
    {
        // Worked by hand for 30 x 30 ft under 8 ft, 7,200 ft3, and 20 people in a classroom at 40 cfm each.
        $room = Sample::room(length: 30 * 0.3048, width: 30 * 0.3048, height: 8 * 0.3048, people: 20);

        self::assertEqualsWithDelta($cfm, (Sample::data()->targets()->get($target)->asks($room) ?? 0.0) / self::CFM, 0.01);
    }

    public function test_the_room_size_rule_grows_with_the_ceiling_and_the_others_do_not(): void
    {
        $low = Sample::room(height: 8 * 0.3048);
        $high = Sample::room(height: 16 * 0.3048);
        $ratio = fn (string $target): float => Sample::data()->targets()->get($target)->asks($high) / Sample::data()->targets()->get($target)->asks($low);

        self::assertEqualsWithDelta([2.0, 1.0, 1.0, 2.0], [$ratio('room-size'), $ratio('two-thirds'), $ratio('smoke-season'), $ratio('air-changes-5')], 1e-9);
    }

    /** Source: ANSI/ASHRAE Standard 241-2023, equivalent clean airflow per person, cfm (from memory). */
    #[TestWith(['office', 30])]
    #[TestWith(['dwelling', 30])]
    #[TestWith(['classroom', 40])]
    #[TestWith(['retail', 40])]
    #[TestWith(['exam-room', 40])]
    #[TestWith(['lecture-hall', 50])]
    #[TestWith(['auditorium', 50])]
    #[TestWith(['place-of-worship', 50])]
    #[TestWith(['restaurant', 60])]
    #[TestWith(['group-treatment', 70])]
    #[TestWith(['gym', 80])]
    #[TestWith(['waiting-room', 90])]
    public function test_clean_air_per_person_is_the_published_one(string $use, int $cfm): void
    {
        self::assertEqualsWithDelta($cfm, Sample::data()->occupancies()->get($use)->cleanAirPerPerson / self::CFM, 1e-9);
    }

    public function test_an_empty_room_is_asked_nothing_per_person(): void
    {
        self::assertNull(Sample::data()->targets()->get('per-person')->asks(Sample::room(people: 0)));
    }

    #[TestWith(['air-changes-0'])]
    #[TestWith(['air-changes-61'])]
    #[TestWith(['air-changes-many'])]
    #[TestWith(['nonsense'])]
    public function test_an_unknown_target_is_refused_at_its_field(string $id): void
    {
        try {
            Sample::data()->targets()->get($id);
            self::fail();
        } catch (UnknownTarget $refusal) {
            self::assertSame('goal', $refusal->field);
            self::assertContains('room-size', $refusal->choices);
        }
    }

    public function test_a_room_is_read_as_it_is_written(): void
    {
        $room = self::read(['length' => "27' 6\"", 'width' => '8,4 m', 'height' => '9', 'people' => '25', 'noise_limit' => '60 dBA']);

        self::assertEqualsWithDelta([8.382, 8.4, 9 * 0.3048], [...$room->plan->sides(), $room->ceiling()], 1e-9);
        self::assertSame(60.0, $room->noiseLimit);
        self::assertNull(self::read(['noise_limit' => ''])->noiseLimit);
    }

    public function test_all_faults_of_a_room_are_told_at_once(): void
    {
        try {
            self::read(['name' => ' ', 'use' => 'spaceship', 'length' => 'long', 'width' => '0', 'height' => '900 ft', 'people' => '-3', 'pollutant' => 'ozone', 'noise_limit' => '200']);
            self::fail();
        } catch (InvalidEntries $refusal) {
            self::assertSame(
                ['room.name', 'room.use', 'room.length', 'room.width', 'room.height', 'room.people', 'room.pollutant', 'room.noise_limit'],
                array_column($refusal->faults, 'field'),
            );
        }
    }

    #[TestWith([['name' => 'long long long long long long long long long long long long long long long long long '], 'room.name'])]
    #[TestWith([['people' => '2.5'], 'room.people'])]
    #[TestWith([['people' => '99999'], 'room.people'])]
    #[TestWith([['people' => ''], 'room.people'])]
    #[TestWith([['width' => ['an', 'array']], 'room.width'])]
    public function test_a_single_fault_stands_at_its_field(array $fields, string $field): void
    {
        try {
            self::read($fields);
            self::fail();
        } catch (InvalidEntries $refusal) {
            self::assertSame([$field], array_column($refusal->faults, 'field'));
        }
    }

    #[TestWith(['27.5', System::Imperial, '27.5 ft'])]
    #[TestWith(['8,4', System::Metric, '8,4 m'])]
    #[TestWith(["27' 6", System::Imperial, "27' 6"])]
    #[TestWith(['8.4 m', System::Imperial, '8.4 m'])]
    #[TestWith(['27½', System::Imperial, '27½ ft'])]
    public function test_a_bare_number_is_kept_with_the_unit_it_was_meant_in(string $text, System $system, string $kept): void
    {
        self::assertSame($kept, RoomEntry::withUnit($text, $system));
    }

    #[TestWith(['120', System::Imperial, '120 cfm'])]
    #[TestWith(['200', System::Metric, '200 m³/h'])]
    #[TestWith(['60 L/s', System::Imperial, '60 L/s'])]
    #[TestWith(['', System::Imperial, ''])]
    public function test_a_flow_is_kept_with_the_unit_it_was_meant_in(string $text, System $system, string $kept): void
    {
        self::assertSame($kept, RoomEntry::flowWithUnit($text, $system));
    }

    public function test_what_the_building_gives_counts_towards_the_target(): void
    {
        $room = self::read(['ventilation' => '120', 'central' => '300 cfm', 'central_grade' => '13']);
        $ask = TargetAsk::of(Sample::data()->targets()->get('air-changes-5'), $room);

        // 30 x 20 x 9 ft by five changes an hour is 450 cfm. Grade 13 catches 50, 85, 90 per cent (ANSI/ASHRAE 52.2-2017).
        self::assertEqualsWithDelta(450.0, ($ask->asks ?? 0.0) / self::CFM, 1e-4);
        $caught = $room->pollutant()->weigh(new PerBin(0.50, 0.85, 0.90));
        self::assertEqualsWithDelta(120.0 + 300.0 * $caught, $ask->building / self::CFM, 1e-4);
        self::assertEqualsWithDelta(330.0 - 300.0 * $caught, ($ask->remains() ?? 0.0) / self::CFM, 1e-4);
    }

    public function test_nothing_is_left_to_make_where_the_building_gives_it_all(): void
    {
        $ask = TargetAsk::of(Sample::data()->targets()->get('air-changes-5'), self::read(['ventilation' => '900 cfm']));

        self::assertSame(0.0, $ask->remains());
    }

    #[TestWith(['ventilation', '-5 cfm'])]
    #[TestWith(['ventilation', '3 ft'])]
    #[TestWith(['central', 'much'])]
    #[TestWith(['central_grade', '99'])]
    public function test_air_that_cannot_be_is_refused_at_its_field(string $field, string $text): void
    {
        try {
            self::read([$field => $text]);
            self::fail('taken');
        } catch (InvalidEntries $invalid) {
            self::assertSame(["room.{$field}"], array_map(fn ($fault): string => $fault->field, $invalid->faults));
        }
    }

    public function test_the_core_refuses_an_absurd_room_however_it_is_made(): void
    {
        $this->expectException(InvalidRoom::class);
        Sample::room(height: 274.0);
    }

    /** @param  array<string, mixed>  $fields */
    private static function read(array $fields): Room
    {
        return RoomEntry::read(
            $fields + ['name' => 'Room', 'use' => 'classroom', 'length' => '30', 'width' => '20', 'height' => '9', 'people' => '20', 'pollutant' => 'shared-air', 'noise_limit' => ''],
            System::Imperial,
            Sample::data()->occupancies(),
            Sample::data()->pollutants(),
            Sample::data()->grades(),
        );
    }
}
