<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Quantity;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Entry;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;
use Jornel\Core\Quantity\UnreadableEntry;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class EntryTest extends TestCase
{
    /** @return list<array{string, float}> */
    public static function lengths(): array
    {
        $foot = 0.3048;
        $inch = 0.0254;

        return [
            ['27\' 6"', 27.5 * $foot], ['27′ 6″', 27.5 * $foot], ['27’6”', 27.5 * $foot], ['27ft 6in', 27.5 * $foot], ['27 feet 6 inches', 27.5 * $foot],
            ['27.5 ft', 27.5 * $foot], ['27.5', 27.5 * $foot], ['27,5', 27.5 * $foot], ["27' 6", 27.5 * $foot], ['27 1/2 ft', 27.5 * $foot],
            ['27½ ft', 27.5 * $foot], ["9' 10 1/2\"", 9.0 * $foot + 10.5 * $inch], ['8.4 m', 8.4], ['8,4 m', 8.4], ['8,4m', 8.4], ['840 cm', 8.4],
            ['8400 mm', 8.4], ['8 m 40', 8.4], ['8m40cm', 8.4], ['8.40 metres', 8.4], [' 12 FT ', 12.0 * $foot], ["12'", 12.0 * $foot], ['330 in', 330.0 * $inch],
            ['8,40 m', 8.4], ['8.400 m', 8.4],
        ];
    }

    #[DataProvider('lengths')]
    public function test_it_reads_a_length_as_people_write_it(string $text, float $metres): void
    {
        self::assertEqualsWithDelta($metres, self::length()->read($text), 1e-12);
    }

    #[TestWith(['19 1/2', 0.4953])]
    #[TestWith(['19-1/2 in', 0.4953])]
    #[TestWith(['19.5 in', 0.4953])]
    #[TestWith(['495mm', 0.495])]
    #[TestWith(['7/8', 0.022225])]
    public function test_it_reads_the_size_of_a_part_in_inches_or_millimetres(string $text, float $metres): void
    {
        $entry = new Entry('part.width', 'A width', UnitOfMeasure::Inch, Display::PartLength, 0.005, 3.0, System::Imperial);

        self::assertEqualsWithDelta($metres, $entry->read($text), 1e-12);
    }

    public function test_it_reads_flows_and_pressures(): void
    {
        $flow = new Entry('fan.flow', 'A flow', UnitOfMeasure::CubicFootPerMinute, Display::Flow, 0.01, 5.0, System::Imperial);
        $pressure = new Entry('fan.pressure', 'A pressure', UnitOfMeasure::InchOfWater, Display::Pressure, 0.1, 1000.0, System::Imperial);

        self::assertEqualsWithDelta(1200.0 * 4.719474e-4, $flow->read('1,200 cfm'), 1e-12);
        self::assertEqualsWithDelta(0.05 * 249.089, $pressure->read('0.05 inwc'), 1e-12);
        self::assertEqualsWithDelta(12.0, $pressure->read('12 Pa'), 1e-12);
    }

    #[TestWith(['1,250 cfm', 1250 * 4.719474e-4])]
    #[TestWith(['1,250', 1250 * 4.719474e-4])]
    #[TestWith(['1,870 m3/h', 1870 / 3600])]
    #[TestWith(['1.870 m³/h', 1.87 / 3600])]
    #[TestWith(['0,52 m3/s', 0.52])]
    #[TestWith(['520 l/s', 0.52])]
    public function test_a_comma_in_a_flow_groups_thousands_and_a_power_need_not_be_raised(string $text, float $si): void
    {
        $flow = new Entry('fan.flow', 'A flow', UnitOfMeasure::CubicFootPerMinute, Display::Flow, 0.0, 10.0, System::Imperial);

        self::assertEqualsWithDelta($si, $flow->read($text), 1e-12);
    }

    #[TestWith(['45 in2', UnitOfMeasure::SquareInch, Display::SmallArea, 45 * 0.0254 ** 2])]
    #[TestWith(['290 cm2', UnitOfMeasure::SquareInch, Display::SmallArea, 0.029])]
    #[TestWith(['0.05 inH2O', UnitOfMeasure::InchOfWater, Display::Pressure, 0.05 * 249.089])]
    #[TestWith(['3 mmH2O', UnitOfMeasure::InchOfWater, Display::Pressure, 3 * 9.80665])]
    #[TestWith(['35 ug/m3', UnitOfMeasure::MicrogramPerCubicMetre, Display::Concentration, 35.0])]
    public function test_powers_and_formulas_are_read_as_they_are_typed(string $text, UnitOfMeasure $unit, Display $display, float $si): void
    {
        self::assertEqualsWithDelta($si, (new Entry('x', 'It', $unit, $display, 0.0, 1e4, System::Imperial))->read($text), 1e-9);
    }

    #[TestWith(['8,400 m', ['8.4 m', '8400 m']])]
    #[TestWith(['1,250', ['1.25 ft', '1250 ft']])]
    #[TestWith(['12,500mm', ['12.5 mm', '12500 mm']])]
    public function test_it_asks_back_where_a_comma_can_mean_two_things(string $text, array $readings): void
    {
        try {
            self::length()->read($text);
            self::fail('It should have asked.');
        } catch (UnreadableEntry $asks) {
            self::assertSame('room.length', $asks->field);
            self::assertSame($readings, $asks->choices);
        }
    }

    #[TestWith(['8.4 m', 8.4])]
    #[TestWith(['12500 mm', 12.5])]
    public function test_what_it_offers_can_be_read(string $offer, float $metres): void
    {
        self::assertEqualsWithDelta($metres, self::length()->read($offer), 1e-12);
    }

    #[TestWith([''])]
    #[TestWith(['   '])]
    #[TestWith(['wide'])]
    #[TestWith(['9 furlongs'])]
    #[TestWith(['0'])]
    #[TestWith(['-5 m'])]
    #[TestWith(['900 ft'])]
    #[TestWith(['1e3'])]
    #[TestWith(['12 1/0'])]
    #[TestWith(['8 cfm'])]
    #[TestWith(['3 4 5'])]
    #[TestWith(['9999999999999999999999'])]
    #[TestWith(["5 m'"])]
    #[TestWith(['NaN'])]
    #[TestWith(["1' <script>"])]
    public function test_it_refuses_what_is_no_length_of_a_room_at_its_field(string $text): void
    {
        try {
            $read = self::length()->read($text);
            self::fail("It read {$read}.");
        } catch (UnreadableEntry $refusal) {
            self::assertSame('room.length', $refusal->field);
            self::assertNotSame('', $refusal->getMessage());
        }
    }

    public function test_a_refused_range_says_what_is_allowed_in_the_measure_of_the_screen(): void
    {
        $ceiling = new Entry('room.height', 'A ceiling height', UnitOfMeasure::Foot, Display::RoomLength, 1.5, 15.0, System::Metric);
        $this->expectExceptionMessage('A ceiling height of 274.32 m is outside what is allowed: from 1.50 m to 15.00 m.');
        $ceiling->read('900 ft');
    }

    private static function length(): Entry
    {
        return new Entry('room.length', 'A length', UnitOfMeasure::Foot, Display::RoomLength, 1.0, 100.0, System::Imperial);
    }
}
