<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Fan;

/** What small fans on direct current are wired with: a supply for their amperes, and a splitter or hubs for their plugs. */
final class SmallFanWiring
{
    /** Fans that a splitter takes, and a hub (typical). */
    private const SPLITTER = 4;

    private const HUB = 10;

    /** Amperes of a supply, of which so much is used at most (assumed). */
    private const SUPPLY = 5.0;

    private const USED = 0.8;

    /** Voltages below the fans' own for which a supply can be bought, V. */
    private const LOW = [5, 9];

    /** Screws that hold a fan, and its guard with it. */
    private const SCREWS = 4;

    /** Side from which a fan takes the larger grille, m. */
    private const LARGE = 0.130;

    /**
     * Supply of the voltage that gives the speed, hub or splitter, grilles and screws. Between the voltages of the supplies it
     * takes a controller.
     *
     * @param  int  $fans  1 or more
     * @param  string|null  $speed  name of the speed at which they will run; null for the top speed
     * @return array<string, int> by id of the catalogue's materials
     */
    public static function for(int $fans, Fan $fan, ?string $speed = null): array
    {
        return self::supply($fans, $fan, $speed) + [self::grille($fan) => $fans, 'fan-screws' => self::SCREWS * $fans]
            + match (true) {
                $fans === 1 => [],
                $fans <= self::SPLITTER => ['fan-splitter' => 1],
                default => ['fan-hub' => (int) ceil($fans / self::HUB)],
            };
    }

    /**
     * What the fans draw, added up.
     *
     * @return float A
     */
    public static function amperes(int $fans, Fan $fan, ?string $speed = null): float
    {
        $runs = $fan->speed($speed);

        return $fans * $runs->watts / ($runs->volts ?? $fan->volts ?? 12.0);
    }

    /** Id of the grille that fits a fan. */
    public static function grille(Fan $fan): string
    {
        return $fan->body->side >= self::LARGE ? 'grille-140' : 'grille-120';
    }

    /** Whether a material of the catalogue feeds fans: a supply or a controller. */
    public static function isSupply(string $material): bool
    {
        return str_starts_with($material, 'supply-') || $material === 'fan-controller';
    }

    /**
     * What feeds the fans at a speed.
     *
     * @return array<string, int> by id of the catalogue's materials
     */
    public static function supply(int $fans, Fan $fan, ?string $speed): array
    {
        $full = $fan->volts ?? 12.0;
        $volts = $fan->speed($speed)->volts ?? $full;
        $low = array_values(array_filter(self::LOW, fn (int $one): bool => abs($one - $volts) < 0.05));
        $isFull = abs($volts - $full) < 0.05;
        // A controller takes what the fans draw from a supply of their own voltage.
        $amperes = $low === [] ? $fans * $fan->speed($speed)->watts / $full : self::amperes($fans, $fan, $speed);
        $count = max(1, (int) ceil($amperes / (self::SUPPLY * self::USED) - 1e-9));

        return $low === []
            ? ['supply-12v-5a' => $count] + ($isFull ? [] : ['fan-controller' => $count])
            : ["supply-{$low[0]}v-5a" => $count];
    }
}
