<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\UnitOfMeasure;

/** Which figures of each kind of part a person may replace by their own: a new one is a line here. */
final class EditableFigures
{
    /** @return list<EditableFigure> */
    public static function of(PartKind $kind): array
    {
        return match ($kind) {
            PartKind::Fan => self::fan(),
            PartKind::Filter => self::filter(),
            PartKind::Joining => [new EditableFigure('residual_gap', 'residual gap', Display::Gap, UnitOfMeasure::Millimetre, UnitOfMeasure::Millimetre, UnitOfMeasure::Millimetre, 0.0, 0.01)],
            PartKind::Material => [],
        };
    }

    /** @return list<EditableFigure> */
    private static function fan(): array
    {
        return [
            new EditableFigure('free_flow', 'free flow', Display::Flow, UnitOfMeasure::CubicFootPerMinute, UnitOfMeasure::CubicMetrePerHour, UnitOfMeasure::CubicMetrePerSecond, 0.0005, 10.0),
            new EditableFigure('shut_off', 'shut-off pressure', Display::Pressure, UnitOfMeasure::InchOfWater, UnitOfMeasure::Pascal, UnitOfMeasure::Pascal, 0.5, 5000.0),
            new EditableFigure('power', 'power at the plug', Display::Power, UnitOfMeasure::Watt, UnitOfMeasure::Watt, UnitOfMeasure::Watt, 0.1, 3000.0),
            new EditableFigure('level', 'level at 1 m', Display::Level, UnitOfMeasure::DecibelA, UnitOfMeasure::DecibelA, UnitOfMeasure::DecibelA, 5.0, 110.0),
            new EditableFigure('guard_loss', 'loss of the guard', Display::Pressure, UnitOfMeasure::InchOfWater, UnitOfMeasure::Pascal, UnitOfMeasure::Pascal, 0.0, 200.0),
            new EditableFigure('pushing_factor', 'share left when pushing', Display::Share, UnitOfMeasure::Percent, UnitOfMeasure::Percent, null, 0.05, 1.0),
            self::length('body.side', 'side of the body'),
            self::length('body.blade_circle', 'blade circle'),
            self::length('body.depth', 'depth of the body'),
            new EditableFigure('body.corner_radius', 'corner radius', Display::PartLength, UnitOfMeasure::Inch, UnitOfMeasure::Millimetre, UnitOfMeasure::Metre, 0.0, 0.2),
            self::length('carton_width', 'width of the carton'),
            self::length('carton_height', 'height of the carton'),
            self::length('carton_depth', 'depth of the carton'),
            new EditableFigure('recirculation_open', 'recirculation, corners open', Display::SmallArea, UnitOfMeasure::SquareInch, UnitOfMeasure::SquareCentimetre, UnitOfMeasure::SquareMetre, 0.0, 0.2),
            new EditableFigure('recirculation_shrouded', 'recirculation, shrouded', Display::SmallArea, UnitOfMeasure::SquareInch, UnitOfMeasure::SquareCentimetre, UnitOfMeasure::SquareMetre, 0.0, 0.2),
            new EditableFigure('mass', 'weight', Display::Mass, UnitOfMeasure::Pound, UnitOfMeasure::Kilogram, UnitOfMeasure::Kilogram, 0.005, 60.0),
        ];
    }

    /** @return list<EditableFigure> */
    private static function filter(): array
    {
        return [
            self::length('width', 'actual width'),
            self::length('height', 'actual height'),
            new EditableFigure('depth', 'actual depth', Display::PartLength, UnitOfMeasure::Inch, UnitOfMeasure::Millimetre, UnitOfMeasure::Metre, 0.0005, 0.4),
            new EditableFigure('drop.pressure', 'drop when clean', Display::Pressure, UnitOfMeasure::InchOfWater, UnitOfMeasure::Pascal, UnitOfMeasure::Pascal, 0.5, 2000.0),
            new EditableFigure('drop.velocity', 'velocity of that drop', Display::Velocity, UnitOfMeasure::FootPerMinute, UnitOfMeasure::MetrePerSecond, UnitOfMeasure::MetrePerSecond, 0.02, 5.0),
            self::share('efficiency.e1', 'efficiency, 0.3 to 1 µm'),
            self::share('efficiency.e2', 'efficiency, 1 to 3 µm'),
            self::share('efficiency.e3', 'efficiency, 3 to 10 µm'),
            new EditableFigure('rated_velocity', 'rated velocity', Display::Velocity, UnitOfMeasure::FootPerMinute, UnitOfMeasure::MetrePerSecond, UnitOfMeasure::MetrePerSecond, 0.05, 5.0),
            new EditableFigure('capacity', 'dust capacity', Display::Dust, UnitOfMeasure::Gram, UnitOfMeasure::Gram, UnitOfMeasure::Gram, 0.00001, 5.0),
            new EditableFigure('mass', 'weight', Display::Mass, UnitOfMeasure::Pound, UnitOfMeasure::Kilogram, UnitOfMeasure::Kilogram, 0.0005, 20.0),
        ];
    }

    private static function share(string $path, string $name): EditableFigure
    {
        return new EditableFigure($path, $name, Display::Share, UnitOfMeasure::Percent, UnitOfMeasure::Percent, null, 0.0, 1.0);
    }

    private static function length(string $path, string $name): EditableFigure
    {
        return new EditableFigure($path, $name, Display::PartLength, UnitOfMeasure::Inch, UnitOfMeasure::Millimetre, UnitOfMeasure::Metre, 0.02, 1.5);
    }
}
