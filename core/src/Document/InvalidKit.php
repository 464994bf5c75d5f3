<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Fault\Invalid;

final class InvalidKit extends Invalid
{
    public static function bare(string $path): self
    {
        return new self($path, 'A bare unit says nothing of what it is made from: there is nothing to buy or cut.');
    }

    public static function again(string $path, string $name): self
    {
        return new self($path, "“{$name}” is named twice.");
    }

    public static function noSize(string $path, string $material): self
    {
        return new self($path, "“{$material}” is not in the catalogue: tell its width and height.");
    }

    public static function noQuarter(string $path): self
    {
        return new self($path, 'A part is turned by quarters: 0, 90, 180 or 270 degrees.');
    }

    public static function noPolygon(string $path): self
    {
        return new self($path, 'These corners are no outline: it takes three at least, not in one line, and its sides must not cross.');
    }

    public static function holeOutside(string $path): self
    {
        return new self($path, 'This hole is not inside its part.');
    }
}
