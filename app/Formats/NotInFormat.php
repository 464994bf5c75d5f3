<?php

namespace App\Formats;

use RuntimeException;

final class NotInFormat extends RuntimeException
{
    /** @param  array<string, string>  $faults by path */
    private function __construct(public readonly array $faults)
    {
        parent::__construct(implode("\n", array_map(fn (string $path, string $said): string => ($path === '' ? 'the document' : $path).": {$said}", array_keys($faults), $faults)));
    }

    /** @param  array<string, string>  $faults by path */
    public static function of(array $faults): self
    {
        return new self($faults);
    }
}
