<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Traverse;

use Jornel\Core\Fault\Invalid;
use Jornel\Core\Quantity\Texts;

final class InvalidTraverse extends Invalid
{
    /** @param  list<int>  $counts  numbers of points that the grid is made for */
    public static function count(string $field, string $key, int $given, array $counts): self
    {
        return new self($field, Texts::of('traverse')->tell($key, given: $given, counts: implode(', ', $counts)));
    }

    public static function of(string $field, string $key): self
    {
        return new self($field, Texts::of('traverse')->tell($key));
    }
}
