<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Fault\Invalid;
use Jornel\Core\Quantity\Provenance;

final class InvalidPart extends Invalid
{
    public static function name(): self
    {
        return new self('name', 'Give the part a name of up to 80 characters.');
    }

    public static function provenance(string $field): self
    {
        $known = array_map(fn (Provenance $from): string => $from->value, Provenance::cases());

        return new self($field, 'Say where this figure came from: '.implode(', ', $known).'.', $known);
    }

    public static function points(int $fewest, int $most): self
    {
        return new self('points', "A curve needs from {$fewest} to {$most} points.");
    }

    public static function besidePoints(string $field): self
    {
        return new self($field, 'Leave this empty: the measured points replace it.');
    }

    public static function packs(int $most): self
    {
        return new self('packs', "At most {$most} sizes of pack.");
    }

    public static function count(int $number): self
    {
        return new self("packs.{$number}.count", 'A pack holds from 1 to 1000 pieces.');
    }

    public static function price(int $number): self
    {
        return new self("packs.{$number}.price", 'Enter a price such as 12.50.');
    }
}
