<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

/** What happens to pieces of a part. */
enum StockMove: string
{
    /** They come to the shelf. */
    case Bought = 'bought';
    /** They are reserved for a build and stay in stock. */
    case Reserved = 'reserved';
    /** They go into a build: those reserved for it first, then free ones. */
    case Used = 'used';
    /** They come back from a build: what is still reserved for it becomes free, what went into it comes back to the shelf. */
    case Returned = 'returned';

    public function label(): string
    {
        return match ($this) {
            self::Bought => 'Bought',
            self::Reserved => 'Reserved',
            self::Used => 'Used',
            self::Returned => 'Returned',
        };
    }
}
