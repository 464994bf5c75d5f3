<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Invalid;

final class InvalidStock extends Invalid
{
    public static function pieces(): self
    {
        return new self('pieces', 'At least one piece must move.');
    }

    public static function forNothing(): self
    {
        return new self('build', 'Say which build they are promised to.');
    }

    /** Of a whole kit. */
    public static function nothingToMove(StockMove $move): self
    {
        return new self('move', $move === StockMove::Reserved ? 'Nothing that it still takes is free on the shelf.' : 'Nothing is promised to this build.');
    }

    /** @param  string  $which  `free` */
    public static function tooFew(int $asked, int $there, string $which): self
    {
        return new self('pieces', $there === 0 ? "None is {$which}." : "Only {$there} ".($there === 1 ? 'is' : 'are')." {$which}, not {$asked}.");
    }
}
