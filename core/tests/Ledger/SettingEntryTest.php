<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Ledger;

use Jornel\Core\Fault\Invalid;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Ledger\SettingEntry;
use Jornel\Core\Quantity\System;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SettingEntryTest extends TestCase
{
    private const USUAL = ['currency' => 'eur', 'tariff' => '0,30', 'hours_per_day' => '8', 'years' => '2', 'changes' => '4', 'altitude' => '', 'temperature' => ''];

    public function test_what_is_not_told_stays_open(): void
    {
        $setting = SettingEntry::read(self::USUAL, System::Metric);

        self::assertSame(['EUR', null, null], [$setting->currency, $setting->altitude, $setting->temperature]);
        self::assertSame(1.2, SettingEntry::air(null, null)->density);
    }

    #[TestWith(['1600 m', System::Imperial, 1600.0])]
    #[TestWith(['5249', System::Imperial, 1599.8952])]
    #[TestWith(['1600', System::Metric, 1600.0])]
    #[TestWith(['5,249 ft', System::Metric, 1599.8952])]
    public function test_an_altitude_is_read_in_either_measure(string $written, System $system, float $metres): void
    {
        self::assertEqualsWithDelta($metres, SettingEntry::read(['altitude' => $written] + self::USUAL, $system)->altitude, 1e-6);
    }

    #[TestWith(['68', System::Imperial, 293.15])]
    #[TestWith(['20', System::Metric, 293.15])]
    #[TestWith(['32 °F', System::Metric, 273.15])]
    public function test_a_temperature_too(string $written, System $system, float $kelvin): void
    {
        self::assertEqualsWithDelta($kelvin, SettingEntry::read(['temperature' => $written] + self::USUAL, $system)->temperature, 1e-6);
    }

    public function test_one_that_is_told_brings_the_usual_other(): void
    {
        // ISO 2533 pressure over 287.05 J/(kg K) and the temperature: 101325 Pa and 293.15 K are 1.2041, 83524 Pa 0.9926.
        self::assertEqualsWithDelta(1.2041, SettingEntry::air(null, 293.15)->density, 1e-4);
        self::assertEqualsWithDelta(0.9926, SettingEntry::air(1600.0, null)->density, 1e-4);
        self::assertEqualsWithDelta(0.9926 * 293.15 / 303.15, SettingEntry::air(1600.0, 303.15)->density, 1e-4);
    }

    #[TestWith(['currency', 'euro'])]
    #[TestWith(['tariff', 'free'])]
    #[TestWith(['tariff', '101'])]
    #[TestWith(['hours_per_day', '25'])]
    #[TestWith(['years', '0'])]
    #[TestWith(['changes', '-1'])]
    #[TestWith(['altitude', '9000 m'])]
    #[TestWith(['temperature', '80 °C'])]
    public function test_what_cannot_be_is_told_at_its_field(string $field, string $written): void
    {
        self::assertSame([$field], self::faults([$field => $written] + self::USUAL));
    }

    public function test_all_at_once(): void
    {
        self::assertSame(['currency', 'hours_per_day', 'altitude'], self::faults(['currency' => '', 'hours_per_day' => 'all', 'altitude' => 'high'] + self::USUAL));
    }

    /**
     * @param  array<string, string>  $fields
     * @return list<string>
     */
    private static function faults(array $fields): array
    {
        try {
            SettingEntry::read($fields, System::Metric);
        } catch (InvalidEntries $faults) {
            return array_map(fn (Invalid $fault): string => $fault->field, $faults->faults);
        }

        return [];
    }
}
