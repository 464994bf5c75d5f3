<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Fault\Invalid;

final class InvalidStock extends Invalid
{
    public static function pieces(): self
    {
        return new self('pieces', 'Enter at least one piece.');
    }

    public static function forNothing(): self
    {
        return new self('build', 'Choose the build to reserve them for.');
    }

    /** Of a whole kit. */
    public static function nothingToMove(StockMove $move): self
    {
        return new self('move', $move === StockMove::Reserved ? 'No piece that it still needs is available in stock.' : 'Nothing is reserved for this build.');
    }

    /** @param  string  $which  of what there are too few: `Available in stock` */
    public static function tooFew(int $asked, int $there, string $which): self
    {
        return new self('pieces', sprintf('%s: %d. You entered %d.', $which, $there, $asked));
    }
}
