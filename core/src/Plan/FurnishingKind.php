<?php

declare(strict_types=1);

namespace Jornel\Core\Plan;

/** What can be set on the plan of a room. */
enum FurnishingKind: string
{
    case BuiltIn = 'built-in';
    case Door = 'door';
    case Window = 'window';
    case Outlet = 'outlet';
    case Seat = 'seat';
    /** A heater, stove or furnace that burns fuel. */
    case Appliance = 'appliance';
    /** Where a purifier stands. */
    case Unit = 'unit';

    public function label(): string
    {
        return match ($this) {
            self::BuiltIn => 'Built-in',
            self::Appliance => 'Fuel-burning appliance',
            self::Unit => 'Purifier',
            self::Door => 'Door',
            self::Window => 'Window',
            self::Outlet => 'Outlet',
            self::Seat => 'Seat',
        };
    }

    /** Whether it is set in a wall; everything else stands on the floor. */
    public function isInWall(): bool
    {
        return $this === self::Door || $this === self::Window || $this === self::Outlet;
    }

    /** Whether it has a size of its own to be measured; height only where it takes room from the air. */
    public function isSized(): bool
    {
        return $this === self::BuiltIn || $this === self::Door || $this === self::Window;
    }

    /**
     * Width along the wall or the plan, depth and height until they are measured (assumed).
     *
     * @return array{float, float, float} m
     */
    public function usual(): array
    {
        return match ($this) {
            self::BuiltIn => [1.2, 0.6, 2.0],
            self::Door => [0.9, 0.1, 2.0],
            self::Window => [1.2, 0.1, 1.2],
            self::Outlet => [0.1, 0.05, 0.1],
            self::Seat => [0.45, 0.45, 0.45],
            self::Appliance => [0.6, 0.5, 0.9],
            self::Unit => [0.53, 0.53, 0.7],
        };
    }
}
