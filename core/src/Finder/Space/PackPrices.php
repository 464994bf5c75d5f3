<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

use Jornel\Core\Kit\PackMix;
use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Material;

/** What so many pieces of a part cost in whole packs, each worked out once. */
final class PackPrices
{
    /** @var array<string, array<int, int>> hundredths of money, by part and pieces */
    private array $packs = [];

    /**
     * The cheapest whole packs that hold so many pieces.
     *
     * @return int hundredths of money
     */
    public function of(Fan|Filter|Material $part, int $pieces): int
    {
        return $this->packs[$part->id][$pieces] ??= PackMix::cheapest($part->packs === [] ? throw BadRecord::missing('packs') : $part->packs, $pieces)->price->hundredths;
    }
}
