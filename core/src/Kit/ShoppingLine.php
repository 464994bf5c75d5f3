<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

/** One thing to buy. */
final readonly class ShoppingLine
{
    /**
     * @param  string  $kind  `fan`, `filter`, `joining`, `sheet`, `feet`
     * @param  int  $needed  pieces
     * @param  string  $note  how the number comes about, or where else it may come from
     */
    public function __construct(
        public string $kind,
        public string $name,
        public int $needed,
        public PackMix $packs,
        public string $note,
    ) {
    }
}
