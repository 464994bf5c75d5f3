<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Part\Record;
use Jornel\Core\Room\Space;
use Jornel\Core\Sound\Seat;
use Jornel\Core\Sound\Sound;

/** Reads where units are heard in a room: its surface from its sides where they are known, else of a square room. */
final class SeatReader
{
    /** Null where no seat is told. */
    public static function of(Record $record, Space $room): ?Seat
    {
        $distance = $record->optional('seat', 0.0)?->si;

        return $distance === null ? null : Seat::at(
            $distance, self::surface($record, $room),
            $record->optional('absorption', 0.0)->si ?? Sound::ABSORPTION, $record->optional('directivity', 0.0)->si ?? Sound::ON_FLOOR,
        );
    }

    /** @return float|null m2; null where too little is known */
    private static function surface(Record $record, Space $room): ?float
    {
        $height = $room->ceiling();
        $length = $record->optional('length', 0.0)?->si;
        $width = $record->optional('width', 0.0)?->si;
        if ($height !== null && $length !== null && $width !== null) {
            return Sound::surface($length, $width, $height);
        }
        $area = $room->floorArea();

        return $area === null || $height === null ? null : Sound::surface(sqrt($area), sqrt($area), $height);
    }
}
