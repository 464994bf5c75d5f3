<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Material;
use Jornel\Core\Part\Pack;

/** One thing that a kit takes: so much from stock, the rest bought in whole packs. */
final readonly class ShoppingLine
{
    /**
     * @param  string  $kind  `fan`, `filter`, `prefilter`, `joining`, `sheet`, `hardware`
     * @param  string  $part  its id
     * @param  int  $needed  pieces
     * @param  int  $fromStock  pieces that are there already
     * @param  PackMix  $packs  that are bought
     * @param  string  $note  how the number comes about, or where else it may come from
     * @param  non-empty-list<Pack>  $offers
     */
    private function __construct(
        public string $kind,
        public string $part,
        public string $name,
        public int $needed,
        public int $fromStock,
        public PackMix $packs,
        public string $note,
        private array $offers,
    ) {
    }

    /** @param  int  $needed  pieces, 0 or more */
    public static function of(string $kind, Fan|Filter|Material $part, int $needed, string $note, Stock $stock): self
    {
        $offers = $part->packs === [] ? throw BadRecord::missing('packs') : $part->packs;
        $missing = $stock->missing($part->id, $needed);

        return new self($kind, $part->id, $part->name, $needed, $needed - $missing, PackMix::cheapest($offers, $missing), $note, $offers);
    }

    /** The same pieces with nothing from stock. */
    public function allBought(): PackMix
    {
        return $this->fromStock === 0 ? $this->packs : PackMix::cheapest($this->offers, $this->needed);
    }
}
