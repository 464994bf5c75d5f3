<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Brick\Math\BigDecimal;
use Jornel\Core\Air\Air;
use Jornel\Core\Fault\Faults;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Entry;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;

/** What holds for a programme, as a person wrote it: currency, tariff, hours, changes, altitude and temperature. */
final readonly class SettingEntry
{
    private const ALTITUDE = [0.0, 4500.0];

    /** K: 0 to 50 degrees Celsius. */
    private const TEMPERATURE = [273.15, 323.15];

    /**
     * @param  string  $currency  three letters, ISO 4217
     * @param  float|null  $altitude  m; null where it is not told
     * @param  float|null  $temperature  K; null where it is not told
     * @param  string  $altitudeEntry  as it was written, with its unit; empty where it is not told
     * @param  string  $temperatureEntry  the same
     */
    private function __construct(
        public string $currency, public Economy $economy, public ?float $altitude, public ?float $temperature,
        public string $altitudeEntry, public string $temperatureEntry,
    ) {
    }

    /**
     * @param  array<string, mixed>  $fields  currency, tariff, hours_per_day, years, changes, altitude, temperature
     *
     * @throws InvalidEntries with every field that is at fault
     */
    public static function read(array $fields, System $system): self
    {
        $faults = new Faults;
        $text = fn (string $field): string => is_scalar($fields[$field] ?? null) ? trim((string) $fields[$field]) : '';
        $currency = $faults->take(fn (): string => preg_match('/^[A-Z]{3}$/', strtoupper($text('currency'))) === 1 ? strtoupper($text('currency')) : throw InvalidSetting::currency());
        $tariff = $faults->take(fn (): BigDecimal => BigDecimal::of(self::number('tariff', $text('tariff'), 0.0, 100.0)));
        $hours = $faults->take(fn (): float => (float) self::number('hours_per_day', $text('hours_per_day'), 0.0, 24.0));
        $years = $faults->take(fn (): float => (float) self::number('years', $text('years'), 0.5, 20.0));
        $changes = $faults->take(fn (): float => (float) self::number('changes', $text('changes'), 0.0, 200.0));
        [$height, $warmth] = $system === System::Imperial ? [UnitOfMeasure::Foot, UnitOfMeasure::Fahrenheit] : [UnitOfMeasure::Metre, UnitOfMeasure::Celsius];
        $altitude = $faults->take(fn (): ?float => $text('altitude') === '' ? null : (new Entry('altitude', 'An altitude', $height, Display::Altitude, ...[...self::ALTITUDE, $system]))->read($text('altitude')));
        $temperature = $faults->take(fn (): ?float => $text('temperature') === '' ? null : (new Entry('temperature', 'A temperature', $warmth, Display::Temperature, ...[...self::TEMPERATURE, $system]))->read($text('temperature')));
        if ($faults->any() || $currency === null || $tariff === null || $hours === null || $years === null || $changes === null) {
            throw $faults->thrown();
        }

        return new self($currency, Economy::of($tariff, $hours, $years, (int) $changes), $altitude, $temperature, Entry::withUnit($text('altitude'), $height), Entry::withUnit($text('temperature'), $warmth));
    }

    /** 1.2 kg/m3 until an altitude or a temperature is told; then 0 m and 20 degrees stand in for what is missing. */
    public static function air(?float $altitude, ?float $temperature): Air
    {
        return $altitude === null && $temperature === null ? Air::reference() : Air::at($altitude ?? 0.0, $temperature ?? 293.15);
    }

    /** @throws InvalidSetting */
    private static function number(string $field, string $text, float $least, float $most): string
    {
        $text = str_replace(',', '.', $text);

        return preg_match('/^\d{1,4}(\.\d{1,4})?$/', $text) === 1 && (float) $text >= $least && (float) $text <= $most
            ? $text
            : throw InvalidSetting::number($field, $least, $most);
    }
}
