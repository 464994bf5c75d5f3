<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

/**
 * Units that are entered, stored in data files or shown; everything inside the core is SI.
 *
 * Factors: NIST SP 811 (1 ft = 0.3048 m, 1 cfm = 4.719474e-4 m3/s, 1 fpm = 0.00508 m/s, 1 inH2O = 249.089 Pa).
 */
enum UnitOfMeasure: string
{
    case Metre = 'm';
    case Centimetre = 'cm';
    case Millimetre = 'mm';
    case Inch = 'in';
    case Foot = 'ft';
    case SquareMetre = 'm2';
    case SquareFoot = 'ft2';
    case SquareInch = 'in2';
    case SquareCentimetre = 'cm2';
    case CubicMetre = 'm3';
    case CubicFoot = 'ft3';
    case CubicMetrePerSecond = 'm3_s';
    case CubicMetrePerHour = 'm3_h';
    case CubicFootPerMinute = 'cfm';
    case LitrePerSecond = 'l_s';
    case Pascal = 'pa';
    case InchOfWater = 'inwc';
    case MillimetreOfWater = 'mmwc';
    case MetrePerSecond = 'm_s';
    case FootPerMinute = 'fpm';
    case DecibelA = 'dba';
    case Watt = 'w';
    case Kilogram = 'kg';
    case Gram = 'g';
    case Pound = 'lb';
    case Second = 's';
    case Minute = 'min';
    case Hour = 'h';
    case Kelvin = 'k';
    case Celsius = 'c';
    case Fahrenheit = 'f';
    case MicrogramPerCubicMetre = 'ug_m3';
    case MilligramPerCubicMetre = 'mg_m3';
    case MicrogramPerSecond = 'ug_s';
    case MilligramPerHour = 'mg_h';
    case Percent = 'pct';

    /** SI units in one of this unit: metre, square metre, cubic metre per second, pascal, ...; of dust, micrograms. */
    public function factor(): float
    {
        return match ($this) {
            self::Metre, self::SquareMetre, self::CubicMetre, self::CubicMetrePerSecond, self::Pascal,
            self::MetrePerSecond, self::DecibelA, self::Watt, self::Kilogram, self::Second, self::Kelvin, self::Celsius,
            self::MicrogramPerCubicMetre, self::MicrogramPerSecond => 1.0,
            self::Centimetre => 0.01,
            self::Millimetre, self::Gram => 0.001,
            self::Inch => 0.0254,
            self::Foot => 0.3048,
            self::SquareFoot => 0.3048 ** 2,
            self::SquareInch => 0.0254 ** 2,
            self::SquareCentimetre => 1e-4,
            self::CubicFoot => 0.3048 ** 3,
            self::CubicMetrePerHour => 1.0 / 3600.0,
            self::CubicFootPerMinute => 4.719474e-4,
            self::InchOfWater => 249.089,
            self::FootPerMinute => 0.00508,
            self::Minute => 60.0,
            self::Hour => 3600.0,
            self::LitrePerSecond => 0.001,
            self::MillimetreOfWater => 9.80665,
            self::Pound => 0.45359237,
            self::Fahrenheit => 5.0 / 9.0,
            self::MilligramPerCubicMetre => 1000.0,
            self::MilligramPerHour => 1000.0 / 3600.0,
            self::Percent => 0.01,
        };
    }

    /** What is added before the factor: only temperatures have one. */
    private function offset(): float
    {
        return match ($this) {
            self::Celsius => 273.15,
            self::Fahrenheit => 459.67,
            default => 0.0,
        };
    }

    public function dimension(): Dimension
    {
        return match ($this) {
            self::Metre, self::Centimetre, self::Millimetre, self::Inch, self::Foot => Dimension::Length,
            self::SquareMetre, self::SquareFoot, self::SquareInch, self::SquareCentimetre => Dimension::Area,
            self::CubicMetre, self::CubicFoot => Dimension::Volume,
            self::CubicMetrePerSecond, self::CubicMetrePerHour, self::CubicFootPerMinute, self::LitrePerSecond => Dimension::Flow,
            self::Pascal, self::InchOfWater, self::MillimetreOfWater => Dimension::Pressure,
            self::MetrePerSecond, self::FootPerMinute => Dimension::Velocity,
            self::DecibelA => Dimension::Level,
            self::Watt => Dimension::Power,
            self::Kilogram, self::Gram, self::Pound => Dimension::Mass,
            self::Second, self::Minute, self::Hour => Dimension::Time,
            self::Kelvin, self::Celsius, self::Fahrenheit => Dimension::Temperature,
            self::MicrogramPerCubicMetre, self::MilligramPerCubicMetre => Dimension::Concentration,
            self::MicrogramPerSecond, self::MilligramPerHour => Dimension::Emission,
            self::Percent => Dimension::Share,
        };
    }

    public function toSi(float $value): float
    {
        return ($value + $this->offset()) * $this->factor();
    }

    public function fromSi(float $value): float
    {
        return $value / $this->factor() - $this->offset();
    }

    /**
     * How people write this unit at the end of a number, in lower case.
     *
     * @return list<string>
     */
    public function spellings(): array
    {
        return match ($this) {
            self::Metre => ['m', 'metre', 'metres', 'meter', 'meters'],
            self::Centimetre => ['cm'],
            self::Millimetre => ['mm'],
            self::Inch => ['in', 'in.', 'inch', 'inches', '"', '″', '”', "''"],
            self::Foot => ['ft', 'ft.', 'foot', 'feet', "'", '′', '’'],
            self::SquareMetre => ['m2', 'm²'],
            self::SquareFoot => ['ft2', 'ft²', 'sq ft'],
            self::SquareInch => ['in2', 'in²', 'sq in'],
            self::SquareCentimetre => ['cm2', 'cm²'],
            self::CubicMetre => ['m3', 'm³'],
            self::CubicFoot => ['ft3', 'ft³', 'cu ft'],
            self::CubicMetrePerSecond => ['m3/s', 'm³/s'],
            self::CubicMetrePerHour => ['m3/h', 'm³/h'],
            self::CubicFootPerMinute => ['cfm'],
            self::Pascal => ['pa'],
            self::InchOfWater => ['inwc', 'inh2o', 'in wc'],
            self::MetrePerSecond => ['m/s'],
            self::FootPerMinute => ['fpm', 'ft/min'],
            self::DecibelA => ['dba', 'db(a)', 'db'],
            self::Watt => ['w', 'watt', 'watts'],
            self::Kilogram => ['kg'],
            self::Gram => ['g'],
            self::Minute => ['min', 'minutes'],
            self::Second => ['s', 'seconds'],
            self::Hour => ['h', 'hours'],
            self::LitrePerSecond => ['l/s'],
            self::MillimetreOfWater => ['mmwc', 'mmh2o'],
            self::Pound => ['lb', 'lbs'],
            self::Kelvin => ['k'],
            self::Celsius => ['c', '°c'],
            self::Fahrenheit => ['f', '°f'],
            self::MicrogramPerCubicMetre => ['µg/m³', 'ug/m³', 'ug/m3'],
            self::MilligramPerCubicMetre => ['mg/m³', 'mg/m3'],
            self::MicrogramPerSecond => ['µg/s', 'ug/s'],
            self::MilligramPerHour => ['mg/h'],
            self::Percent => ['%', 'percent', 'per cent'],
        };
    }

    /** As it is written in print. */
    public function symbol(): string
    {
        return match ($this) {
            self::Pascal => 'Pa',
            self::InchOfWater => 'inWC',
            self::DecibelA => 'dBA',
            self::Watt => 'W',
            self::Celsius => '°C',
            self::Fahrenheit => '°F',
            self::SquareInch => 'in²',
            self::SquareCentimetre => 'cm²',
            self::CubicMetrePerHour => 'm³/h',
            default => $this->spellings()[0],
        };
    }

    /** The unit that a spelling means within a dimension, or null when nobody writes it so. */
    public static function spelled(string $spelling, Dimension $dimension): ?self
    {
        foreach (self::cases() as $unit) {
            if ($unit->dimension() === $dimension && in_array($spelling, $unit->spellings(), true)) {
                return $unit;
            }
        }

        return null;
    }
}
