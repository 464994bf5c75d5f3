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
     * @param  string  $part  its id
     * @param  int  $needed  pieces
     * @param  int  $fromStock  pieces that are there already
     * @param  PackMix  $packs  that are bought
     * @param  string  $note  how the number comes about, or where else it may come from
     * @param  non-empty-list<Pack>  $offers
     */
    private function __construct(
        public LineKind $kind,
        public string $part,
        public string $name,
        public int $needed,
        public int $fromStock,
        public PackMix $packs,
        public string $note,
        private array $offers,
    ) {
    }

    /**
     * All of it bought.
     *
     * @param  int  $needed  pieces, 0 or more
     */
    public static function of(LineKind $kind, Fan|Filter|Material $part, int $needed, string $note): self
    {
        $offers = $part->packs === [] ? throw BadRecord::missing('packs') : $part->packs;

        return new self($kind, $part->id, $part->name, $needed, 0, PackMix::cheapest($offers, $needed), $note, $offers);
    }

    /** The same pieces with so many of them from stock as there are. */
    public function takingFrom(Stock $stock): self
    {
        $missing = $stock->missing($this->part, $this->needed);

        return new self($this->kind, $this->part, $this->name, $this->needed, $this->needed - $missing, PackMix::cheapest($this->offers, $missing), $this->note, $this->offers);
    }

    /** Pieces in the packs that are bought. */
    public function bought(): int
    {
        return $this->needed - $this->fromStock + $this->packs->leftOver;
    }

    /** The same pieces with nothing from stock. */
    public function allBought(): PackMix
    {
        return $this->fromStock === 0 ? $this->packs : PackMix::cheapest($this->offers, $this->needed);
    }
}
