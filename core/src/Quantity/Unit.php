<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

/**
 * Units that are entered, stored in data files or shown; everything inside the core is SI.
 *
 * Factors: NIST SP 811 (1 ft = 0.3048 m, 1 cfm = 4.719474e-4 m3/s, 1 fpm = 0.00508 m/s, 1 inH2O = 249.089 Pa).
 */
enum Unit: string
{
    case Metre = 'm';
    case Centimetre = 'cm';
    case Millimetre = 'mm';
    case Inch = 'in';
    case Foot = 'ft';
    case SquareMetre = 'm2';
    case SquareFoot = 'ft2';
    case SquareInch = 'in2';
    case CubicMetre = 'm3';
    case CubicFoot = 'ft3';
    case CubicMetrePerSecond = 'm3_s';
    case CubicMetrePerHour = 'm3_h';
    case CubicFootPerMinute = 'cfm';
    case Pascal = 'pa';
    case InchOfWater = 'inwc';
    case MetrePerSecond = 'm_s';
    case FootPerMinute = 'fpm';
    case DecibelA = 'dba';
    case Watt = 'w';
    case Kilogram = 'kg';
    case Gram = 'g';
    case Minute = 'min';

    /** SI units in one of this unit: metre, square metre, cubic metre per second, pascal, ... */
    public function factor(): float
    {
        return match ($this) {
            self::Metre, self::SquareMetre, self::CubicMetre, self::CubicMetrePerSecond, self::Pascal,
            self::MetrePerSecond, self::DecibelA, self::Watt, self::Kilogram => 1.0,
            self::Centimetre => 0.01,
            self::Millimetre, self::Gram => 0.001,
            self::Inch => 0.0254,
            self::Foot => 0.3048,
            self::SquareFoot => 0.3048 ** 2,
            self::SquareInch => 0.0254 ** 2,
            self::CubicFoot => 0.3048 ** 3,
            self::CubicMetrePerHour => 1.0 / 3600.0,
            self::CubicFootPerMinute => 4.719474e-4,
            self::InchOfWater => 249.089,
            self::FootPerMinute => 0.00508,
            self::Minute => 60.0,
        };
    }

    public function dimension(): Dimension
    {
        return match ($this) {
            self::Metre, self::Centimetre, self::Millimetre, self::Inch, self::Foot => Dimension::Length,
            self::SquareMetre, self::SquareFoot, self::SquareInch => Dimension::Area,
            self::CubicMetre, self::CubicFoot => Dimension::Volume,
            self::CubicMetrePerSecond, self::CubicMetrePerHour, self::CubicFootPerMinute => Dimension::Flow,
            self::Pascal, self::InchOfWater => Dimension::Pressure,
            self::MetrePerSecond, self::FootPerMinute => Dimension::Velocity,
            self::DecibelA => Dimension::Level,
            self::Watt => Dimension::Power,
            self::Kilogram, self::Gram => Dimension::Mass,
            self::Minute => Dimension::Time,
        };
    }

    public function toSi(float $value): float
    {
        return $value * $this->factor();
    }

    public function fromSi(float $value): float
    {
        return $value / $this->factor();
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
