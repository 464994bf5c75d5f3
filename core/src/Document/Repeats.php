<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Record;

/** How often each interval of a series in time is gone through. */
final class Repeats
{
    /** Intervals in all: those of 5 minutes in almost two years. */
    public const MOST = 200_000;

    /**
     * @param  list<Record>  $intervals
     * @return list<int> 1 or more, in the order of the intervals
     *
     * @throws BadRecord at the first with which they are too many
     */
    public static function of(array $intervals): array
    {
        $repeats = [];
        $left = self::MOST;
        foreach ($intervals as $interval) {
            $repeat = $interval->optional('repeat', 0.0)->si ?? 1.0;
            $left -= $repeat;
            $repeats[] = $left >= 0.0 ? (int) $repeat : throw BadRecord::tooMany($interval->path('repeat'), self::MOST);
        }

        return $repeats;
    }
}
