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
        return $this->rank() >= $other->rank() ? $this : $other;
    }

    /**
     * The most trustworthy of several.
     *
     * @param  non-empty-list<self>  $several
     */
    public static function surest(array $several): self
    {
        usort($several, fn (self $one, self $other): int => $one->rank() <=> $other->rank());

        return $several[0];
    }

    private function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
