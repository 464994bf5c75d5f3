<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Entry;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;
use Jornel\Core\Quantity\UnreadableEntry;

/** What is in the air of a room when one begins to look at it, as a person wrote it. */
final class StartEntry
{
    /** That is allowed, ug/m3. */
    private const RANGE = [0.1, 10000.0];

    /** Taken where neither a start nor the air outdoors is told: the curve then reads as per cent of it, ug/m3. */
    public const USUAL = 100.0;

    /**
     * @param  string  $text  empty for the concentration outdoors
     * @return float ug/m3
     *
     * @throws UnreadableEntry
     */
    public static function read(string $text, Space $room, System $system): float
    {
        return trim($text) === ''
            ? max($room->outdoor() ?? self::USUAL, self::RANGE[0])
            : (new Entry('start', 'A concentration', UnitOfMeasure::MicrogramPerCubicMetre, Display::Concentration, self::RANGE[0], self::RANGE[1], $system))->read($text);
    }
}
