<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Part\PartKind;

/** Pieces of each part that are there and not reserved for anything else. */
final readonly class Stock
{
    /** @param  array<string, int>  $pieces  by id of the part */
    private function __construct(private array $pieces)
    {
    }

    /** @param  array<string, int>  $pieces  by id of the part; below zero counts as none */
    public static function of(array $pieces): self
    {
        return new self($pieces);
    }

    /**
     * What a build may count on whatever others take: what is reserved for it or in it already. Free pieces may go to another.
     *
     * @param  array<string, StockLine>  $shelf  by kind and id
     * @param  int  $build  its number
     */
    public static function securedFor(int $build, array $shelf): self
    {
        $pieces = [];
        foreach ($shelf as $part => $line) {
            $pieces[PartKind::ofKey($part)[1]] = $line->securedFor($build);
        }

        return new self(array_filter($pieces));
    }

    public static function none(): self
    {
        return new self([]);
    }

    public function pieces(string $part): int
    {
        return max(0, $this->pieces[$part] ?? 0);
    }

    /** How many of so many pieces must still be bought. */
    public function missing(string $part, int $needed): int
    {
        return max(0, $needed - $this->pieces($part));
    }

    /** The same with some pieces gone. */
    public function less(string $part, int $pieces): self
    {
        return $pieces === 0 ? $this : new self([$part => $this->pieces($part) - $pieces] + $this->pieces);
    }

    /**
     * The same with no more than so many pieces of some parts.
     *
     * @param  list<array-key>  $parts  their ids
     */
    public function upTo(int $most, array $parts): self
    {
        $pieces = $this->pieces;
        foreach ($parts as $part) {
            if (isset($pieces[$part])) {
                $pieces[$part] = min($most, $pieces[$part]);
            }
        }

        return new self($pieces);
    }

    public function isEmpty(): bool
    {
        return $this->pieces === [];
    }
}
