<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Part\Pack;
use Jornel\Core\Quantity\Money;

/** The cheapest whole packs that hold at least so many pieces; of equally cheap ones, those with the least left over. */
final readonly class PackMix
{
    /**
     * @param  list<array{pack: Pack, times: int}>  $packs
     * @param  int  $leftOver  pieces more than needed
     */
    private function __construct(public array $packs, public Money $price, public int $leftOver)
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
        $prices = array_map(fn (Pack $pack): int => $pack->price->hundredths, $packs);
        $most = $needed + max(array_map(fn (Pack $pack): int => $pack->count, $packs)) - 1;
        /** @var array<int, int> $best price by pieces, hundredths */
        $best = [0 => 0];
        /** @var array<int, int> $last pack that came last, by pieces */
        $last = [];
        for ($pieces = 1; $pieces <= $most; $pieces++) {
            foreach ($packs as $index => $pack) {
                $before = $best[$pieces - $pack->count] ?? null;
                if ($before !== null && $before + $prices[$index] < ($best[$pieces] ?? PHP_INT_MAX)) {
                    $best[$pieces] = $before + $prices[$index];
                    $last[$pieces] = $index;
                }
            }
        }

        $chosen = $needed;
        for ($pieces = $needed; $pieces <= $most; $pieces++) {
            if (isset($best[$pieces]) && $best[$pieces] < ($best[$chosen] ?? PHP_INT_MAX)) {
                $chosen = $pieces;
            }
        }
        $times = [];
        for ($pieces = $chosen; isset($last[$pieces]); $pieces -= $packs[$last[$pieces]]->count) {
            $times[$last[$pieces]] = ($times[$last[$pieces]] ?? 0) + 1;
        }
        ksort($times);

        return new self(
            array_map(fn (int $index, int $count): array => ['pack' => $packs[$index], 'times' => $count], array_keys($times), array_values($times)),
            Money::ofHundredths($best[$chosen] ?? 0),
            $chosen - $needed,
        );
    }

    /** `2 × pack of 4 + 1 × pack of 1`; empty where nothing is bought. */
    public function text(): string
    {
        return implode(' + ', array_map(fn (array $pack): string => "{$pack['times']} × pack of {$pack['pack']->count}", $this->packs));
    }
}
