<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Fan;

/** What small fans on direct current are wired with: a supply for their amperes, and a splitter or hubs for their plugs. */
final class SmallFanWiring
{
    /** Plugs that a splitter cable and a hub take (typical). */
    private const SPLITTER = 4;

    private const HUB = 10;

    /** Amperes of a supply, of which so much is used at most (assumed). */
    private const SUPPLY = 5.0;

    private const USED = 0.8;

    /**
     * @param  int  $fans  1 or more
     * @return array<string, int> by id of the catalogue's materials
     */
    public static function for(int $fans, Fan $fan): array
    {
        $top = $fan->speeds[count($fan->speeds) - 1];
        $amperes = $fans * $top->watts / ($fan->volts ?? 12.0);

        return ['supply-12v-5a' => max(1, (int) ceil($amperes / (self::SUPPLY * self::USED) - 1e-9)), 'grille' => $fans]
            + match (true) {
                $fans === 1 => [],
                $fans <= self::SPLITTER => ['fan-splitter' => 1],
                default => ['fan-hub' => (int) ceil($fans / self::HUB)],
            };
    }
}
