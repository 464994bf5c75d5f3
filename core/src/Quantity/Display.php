<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

use LogicException;

/**
 * How each kind of figure is written for people, in either measure. Values come in as SI.
 */
enum Display
{
    /** Lengths of rooms: feet and inches, or metres. */
    case RoomLength;
    /** Lengths to cut and to check with a tape: inches and sixteenths, or millimetres. */
    case PartLength;
    case Area;
    case SmallArea;
    case Volume;
    case Flow;
    /** The same with a decimal, for arithmetic that is shown. */
    case FineFlow;
    /** The same as it stands in a formula for what passes in an hour. */
    case FlowPerHour;
    case Pressure;
    case Velocity;
    case Level;
    case Power;
    /** Seconds in, minutes out. */
    case Minutes;
    /** Air changes per hour. */
    case AirChanges;
    /** A share of one, as per cent. */
    case Share;
    /** Of something to happen: never told as certain unless it is. */
    case Chance;
    /** Mean open width along a seam: hundredths of a millimetre in either measure. */
    case Gap;
    case Mass;
    /** Dust in a filter: grams in either measure. */
    case Dust;
    /** Kelvin in, degrees out. */
    case Temperature;
    /** Height above the sea: whole feet or metres. */
    case Altitude;
    /** Micrograms in a cubic metre. */
    case Concentration;
    /** Kilograms in a cubic metre. */
    case Density;
    /** Degrees of an angle. */
    case Angle;

    public function text(float $si, System $system): string
    {
        $imperial = $system === System::Imperial;

        return match ($this) {
            self::RoomLength => $imperial ? self::feetAndInches($si) : self::number($si, 2).' m',
            self::PartLength => $imperial ? TapeFraction::nearest($si)->text().' in' : self::number($si * 1000.0, 0).' mm',
            self::Area => $imperial
                ? self::number(UnitOfMeasure::SquareFoot->fromSi($si), 0).' ft²'
                : self::number($si, 1).' m²',
            self::SmallArea => $imperial
                ? self::number(UnitOfMeasure::SquareInch->fromSi($si), 1).' in²'
                : self::number($si * 1e4, 0).' cm²',
            self::Volume => $imperial
                ? self::number(UnitOfMeasure::CubicFoot->fromSi($si), 0).' ft³'
                : self::number($si, 1).' m³',
            self::Flow => $imperial
                ? self::number(UnitOfMeasure::CubicFootPerMinute->fromSi($si), 0).' cfm'
                : self::number(UnitOfMeasure::CubicMetrePerHour->fromSi($si), 0).' m³/h',
            self::FineFlow => $imperial
                ? self::number(UnitOfMeasure::CubicFootPerMinute->fromSi($si), 1).' cfm'
                : self::number(UnitOfMeasure::CubicMetrePerHour->fromSi($si), 1).' m³/h',
            self::FlowPerHour => $imperial
                ? '60 × '.self::number(UnitOfMeasure::CubicFootPerMinute->fromSi($si), 1).' cfm'
                : self::number(UnitOfMeasure::CubicMetrePerHour->fromSi($si), 1).' m³/h',
            self::Pressure => $imperial
                ? self::number(UnitOfMeasure::InchOfWater->fromSi($si), 3).' inWC'
                : self::number($si, 1).' Pa',
            self::Velocity => $imperial
                ? self::number(UnitOfMeasure::FootPerMinute->fromSi($si), 0).' fpm'
                : self::number($si, 2).' m/s',
            self::Level => self::number($si, 0).' dBA',
            self::Power => self::number($si, $si < 10.0 ? 1 : 0).' W',
            self::Minutes => $si < 600.0 ? self::number($si / 60.0, 1).' min' : self::number($si / 60.0, 0).' min',
            self::AirChanges => self::number($si, 1).' /h',
            self::Share => self::number($si * 100.0, $si < 0.1 ? 1 : 0).' %',
            self::Chance => match (true) {
                $si > 0.99 && $si < 1.0 => 'over 99 %',
                $si < 0.01 && $si > 0.0 => 'under 1 %',
                default => self::number($si * 100.0, 0).' %',
            },
            self::Gap => self::number($si * 1000.0, 2).' mm',
            self::Mass => $imperial ? self::number(UnitOfMeasure::Pound->fromSi($si), 1).' lb' : self::number($si, 2).' kg',
            self::Dust => self::number($si * 1000.0, 1).' g',
            self::Temperature => $imperial ? self::number(UnitOfMeasure::Fahrenheit->fromSi($si), 0).' °F' : self::number(UnitOfMeasure::Celsius->fromSi($si), 0).' °C',
            self::Altitude => $imperial ? self::number(UnitOfMeasure::Foot->fromSi($si), 0).' ft' : self::number($si, 0).' m',
            self::Concentration => self::number($si, 1).' µg/m³',
            self::Density => self::number($si, 3).' kg/m³',
            self::Angle => self::number($si, 0).'°',
        };
    }

    /** Unit of its numbers along an axis. */
    public function unit(System $system): UnitOfMeasure
    {
        $imperial = $system === System::Imperial;

        return match ($this) {
            self::Flow => $imperial ? UnitOfMeasure::CubicFootPerMinute : UnitOfMeasure::CubicMetrePerHour,
            self::Pressure => $imperial ? UnitOfMeasure::InchOfWater : UnitOfMeasure::Pascal,
            self::Velocity => $imperial ? UnitOfMeasure::FootPerMinute : UnitOfMeasure::MetrePerSecond,
            self::Concentration => UnitOfMeasure::MicrogramPerCubicMetre,
            self::Share, self::Chance => UnitOfMeasure::Percent,
            self::Minutes => UnitOfMeasure::Minute,
            default => throw new LogicException('Nothing is drawn along an axis of this.'),
        };
    }

    private static function number(float $value, int $decimals): string
    {
        if (is_infinite($value)) {
            return '∞';
        }
        $text = number_format($value, $decimals, '.', ',');

        return preg_match('/^-0(\.0*)?$/', $text) === 1 ? substr($text, 1) : $text;
    }

    private static function feetAndInches(float $metres): string
    {
        $eighths = (int) round(UnitOfMeasure::Inch->fromSi($metres) * 8.0);
        $feet = intdiv($eighths, 96);
        $inches = TapeFraction::nearest(UnitOfMeasure::Inch->toSi(($eighths % 96) / 8.0))->text();

        return $inches === '0' ? "{$feet}′" : "{$feet}′ {$inches}″";
    }
}
