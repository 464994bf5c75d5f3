<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

/** Which parts lie where on which sheets, and which lie nowhere. */
final readonly class Layout
{
    /**
     * @param  list<FilledSheet>  $sheets  those with parts on them
     * @param  list<Piece>  $left  parts that went nowhere
     * @param  array<string, PinnedBadly>  $loose  parts laid down by hand that no longer go there and were laid elsewhere, by label
     */
    public function __construct(public array $sheets, public array $left, public array $loose = [])
    {
    }

    public function placedCount(): int
    {
        return array_sum(array_map(fn (FilledSheet $one): int => count($one->placed), $this->sheets));
    }

    /** Money for the sheets that are bought, hundredths. */
    public function price(): int
    {
        return array_sum(array_map(fn (FilledSheet $one): int => $one->sheet->isBought() ? $one->sheet->price : 0, $this->sheets));
    }

    /** @return float share of all sheets used that is board of parts; 0 where none is */
    public function usedShare(): float
    {
        $area = array_sum(array_map(fn (FilledSheet $one): float => $one->sheet->area(), $this->sheets));

        return $area > 0.0 ? array_sum(array_map(fn (FilledSheet $one): float => $one->used, $this->sheets)) / $area : 0.0;
    }

    /**
     * What is wanted of a layout, the most important first; of two the one is better whose list is smaller: parts left over,
     * sheets bought, sheets in all, their area, and board spread over many sheets instead of few.
     *
     * @return array{int, int, int, float, float}
     */
    public function worth(): array
    {
        $bought = count(array_filter($this->sheets, fn (FilledSheet $one): bool => $one->sheet->isBought()));
        $area = $together = 0.0;
        foreach ($this->sheets as $one) {
            $area += $one->sheet->area();
            $together += $one->used ** 2 + 0.1 * $one->largestOffcut() ** 2;
        }

        return [count($this->left), $bought, count($this->sheets), round($area, 6), -$together];
    }
}
