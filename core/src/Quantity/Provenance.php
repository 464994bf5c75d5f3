<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

/** Where a figure came from, the most trustworthy first. */
enum Provenance: string
{
    case Measured = 'measured';
    case Rated = 'rated';
    case Typical = 'typical';
    case Assumed = 'assumed';

    /** The less trustworthy of the two: a result is no surer than what it was made from. */
    public function weaker(self $other): self
    {
        $rank = array_flip(array_map(fn (self $case): string => $case->value, self::cases()));

        return $rank[$this->value] >= $rank[$other->value] ? $this : $other;
    }
}
