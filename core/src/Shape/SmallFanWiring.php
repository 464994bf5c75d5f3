<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** What small fans on direct current are wired with. */
final class SmallFanWiring
{
    /** Sockets of a hub (typical). */
    private const HUB = 10;

    /** @return array<string, int> by id of the catalogue's materials */
    public static function for(int $fans): array
    {
        return ['supply-12v-5a' => 1, 'grille' => $fans] + ($fans > 1 ? ['fan-hub' => (int) ceil($fans / self::HUB)] : []);
    }
}
