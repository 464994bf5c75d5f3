<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Part\Record;
use Jornel\Core\Room\Sound;
use Jornel\Core\Room\Space;

/** Surface of a room for its sound: of its sides where they are known, else of a square room of its floor and height. */
final class RoomSurface
{
    /** @return float|null m2; null where too little is known */
    public static function of(Record $record, Space $room): ?float
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
