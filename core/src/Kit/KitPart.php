<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Part\PartKind;

/** One part of the kit of a build against the shelf: how many it takes, has, is reserved, and could still be reserved. */
final readonly class KitPart
{
    /**
     * @param  PartKind  $kind  under which its pieces are kept
     * @param  string  $part  its id
     * @param  int  $needed  pieces for all units
     * @param  int  $used  of those, gone into the build
     * @param  int  $reserved  to the build, on the shelf
     * @param  int  $free  on the shelf, not reserved
     * @param  int  $secured  the build's whatever others take
     */
    private function __construct(
        public PartKind $kind,
        public string $part,
        public string $name,
        public int $needed,
        public int $used,
        public int $reserved,
        public int $free,
        private int $secured,
    ) {
    }

    /**
     * All of a kit, a part that it takes in two places once.
     *
     * @param  array<string, StockLine>  $shelf  by kind and id
     * @param  int  $build  its number
     * @return list<self>
     */
    public static function list(ShoppingList $kit, array $shelf, int $build): array
    {
        $parts = [];
        foreach ($kit->lines as $line) {
            $key = $line->kind->part()->key($line->part);
            $kept = $shelf[$key] ?? StockLine::empty();
            $parts[$key] = new self(
                $line->kind->part(), $line->part, $line->name, $line->needed + ($parts[$key]->needed ?? 0),
                $kept->used[$build] ?? 0, $kept->reserved[$build] ?? 0, $kept->free(), $kept->securedFor($build),
            );
        }

        return array_values($parts);
    }

    /**
     * What a build may count on: what is reserved for it or in it already. Free pieces may go to another.
     *
     * @param  list<self>  $parts
     */
    public static function secured(array $parts): Stock
    {
        return Stock::of(array_combine(array_map(fn (self $one): string => $one->part, $parts), array_map(fn (self $one): int => $one->secured, $parts)));
    }

    /** Pieces that a movement of the whole kit moves of this part: all that are free and wanted, or all that are reserved. */
    public function moved(StockMove $move): int
    {
        return match ($move) {
            StockMove::Bought => 0,
            StockMove::Reserved => max(0, min($this->free, $this->needed - $this->used - $this->reserved)),
            StockMove::Used, StockMove::Returned => $this->reserved,
        };
    }
}
