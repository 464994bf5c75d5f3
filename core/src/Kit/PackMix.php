<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Brick\Math\BigDecimal;
use Jornel\Core\Part\Pack;

/** The cheapest whole packs that hold at least so many pieces; of equally cheap ones, those with the least left over. */
final readonly class PackMix
{
    /**
     * @param  list<array{pack: Pack, times: int}>  $packs
     * @param  int  $leftOver  pieces more than needed
     */
    private function __construct(public array $packs, public BigDecimal $price, public int $leftOver)
    {
    }

    /**
     * Exact, by dynamic programming over the number of pieces.
     *
     * @param  non-empty-list<Pack>  $packs
     * @param  int  $needed  pieces, 0 or more
     */
    public static function cheapest(array $packs, int $needed): self
    {
        $most = $needed + max(array_map(fn (Pack $pack): int => $pack->count, $packs)) - 1;
        /** @var array<int, array{price: BigDecimal, packs: list<int>}> $best by pieces */
        $best = [0 => ['price' => BigDecimal::zero(), 'packs' => []]];
        for ($pieces = 1; $pieces <= $most; $pieces++) {
            foreach ($packs as $index => $pack) {
                $before = $best[$pieces - $pack->count] ?? null;
                if ($before === null) {
                    continue;
                }
                $price = $before['price']->plus($pack->price);
                if (! isset($best[$pieces]) || $price->isLessThan($best[$pieces]['price'])) {
                    $best[$pieces] = ['price' => $price, 'packs' => [...$before['packs'], $index]];
                }
            }
        }

        $chosen = null;
        for ($pieces = $needed; $pieces <= $most; $pieces++) {
            if (isset($best[$pieces]) && ($chosen === null || $best[$pieces]['price']->isLessThan($best[$chosen]['price']))) {
                $chosen = $pieces;
            }
        }
        $chosen ??= 0;
        $times = array_count_values($best[$chosen]['packs']);
        ksort($times);

        return new self(
            array_map(fn (int $index, int $count): array => ['pack' => $packs[$index], 'times' => $count], array_keys($times), array_values($times)),
            $best[$chosen]['price']->toScale(2),
            $chosen - $needed,
        );
    }
}
