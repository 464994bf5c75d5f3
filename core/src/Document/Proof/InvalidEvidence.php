<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Proof;

use Jornel\Core\Fault\Invalid;

/** Evidence of a document that does not go together. */
final class InvalidEvidence extends Invalid
{
    public static function lengths(string $path, int $times, int $values): self
    {
        return new self($path, "There are {$times} times and {$values} readings: each reading needs its time.");
    }

    public static function ends(string $path): self
    {
        return new self($path, 'The stretch must end after it begins.');
    }

    public static function name(string $path): self
    {
        return new self($path, 'Another run has this name.');
    }

    public static function noFile(string $path, string $file): self
    {
        return new self($path, 'There is no such file: '.mb_strimwidth($file, 0, 200, '…'));
    }

    /** @param  list<string>  $points */
    public static function noPoint(string $path, array $points): self
    {
        return new self($path, 'This unit has no such point; it has: '.implode(', ', $points).'.', $points);
    }

    /** @param  list<string>  $speeds */
    public static function noSpeed(string $path, array $speeds): self
    {
        return new self($path, 'The unit has no such speed; it has: '.implode(', ', $speeds).'.', $speeds);
    }

    public static function bare(string $path): self
    {
        return new self($path, 'Points are those of a shape: describe the unit by shape and parts.');
    }

    /** @param  list<string>  $keys */
    public static function incomplete(string $path, array $keys): self
    {
        return new self($path, 'This kind of evidence needs: '.implode(', ', $keys).'.');
    }

    public static function nothingTold(string $path, string $why): self
    {
        return new self($path, "This says nothing sure: {$why}");
    }
}
