<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

/**
 * So many sheets are needed at least: by area, the kerf counted, and by parts of which no two go on one sheet (after Martello
 * and Vigo, "Exact solution of the two-dimensional finite bin packing problem", Management Science 44, 1998). Counted for each
 * material by itself where no sheet takes two.
 */
final class SheetBound
{
    private const SAME = 1e-7;

    /**
     * @param  list<Piece>  $pieces  that go on some sheet
     * @param  list<StockSheet>  $sheets
     * @param  float  $kerf  m
     * @param  float  $margin  m
     */
    public static function of(array $pieces, array $sheets, float $kerf, float $margin): int
    {
        $bound = 0;
        $sheets = self::ofUse($pieces, $sheets, $kerf, $margin);
        foreach (self::groups($pieces, $sheets) as [$group, $for]) {
            $bound += max(self::byArea($group, $for, $kerf, $margin), self::byConflict($group, $for, $kerf, $margin));
        }

        return $bound;
    }

    /**
     * Sheets that the smallest part goes on, zones that are kept clear counted; one on which only some go keeps its whole size.
     *
     * @param  list<Piece>  $pieces
     * @param  list<StockSheet>  $sheets
     * @return list<StockSheet>
     */
    private static function ofUse(array $pieces, array $sheets, float $kerf, float $margin): array
    {
        $forms = [];
        foreach ($pieces as $piece) {
            $forms[spl_object_id($piece->posed(0)).$piece->material] ??= $piece;
        }

        return array_values(array_filter($sheets, function (StockSheet $sheet) use ($forms, $kerf, $margin): bool {
            $empty = FilledSheet::empty($sheet, 1, Space::sheet($sheet, $kerf, $margin));

            return array_filter($forms, fn (Piece $piece): bool => $empty->place($piece, Rule::Low) !== null) !== [];
        }));
    }

    /**
     * Parts by material, put together where a sheet takes several.
     *
     * @param  list<Piece>  $pieces
     * @param  list<StockSheet>  $sheets
     * @return list<array{list<Piece>, list<StockSheet>}>
     */
    private static function groups(array $pieces, array $sheets): array
    {
        $byMaterial = [];
        foreach ($pieces as $piece) {
            $byMaterial[$piece->material][] = $piece;
        }
        $isShared = array_filter($sheets, fn (StockSheet $one): bool => $one->material === '') !== [] || isset($byMaterial['']);
        if ($isShared) {
            return $pieces === [] ? [] : [[$pieces, $sheets]];
        }

        return array_map(
            fn (string|int $material, array $group): array => [$group, array_values(array_filter($sheets, fn (StockSheet $one): bool => $one->material === (string) $material))],
            array_keys($byMaterial), array_values($byMaterial),
        );
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  list<StockSheet>  $sheets
     */
    private static function byArea(array $pieces, array $sheets, float $kerf, float $margin): int
    {
        $needed = 0.0;
        $smallest = array_reduce($pieces, fn (float $least, Piece $one): float => min($least, $one->posed(0)->width, $one->posed(0)->height), INF);
        foreach ($pieces as $piece) {
            $pose = $piece->posed(0);
            // A part takes its kerf along with it on two sides; of one with slanting edges, or with holes that another part goes
            // into, only its board counts.
            $needed += $pose->isBox && self::holesAreWaste($piece, $smallest) ? ($pose->width + $kerf) * ($pose->height + $kerf) : $piece->area;
        }
        $areas = [];
        foreach ($sheets as $sheet) {
            $area = max(0.0, $sheet->width - 2.0 * $margin + $kerf) * max(0.0, $sheet->height - 2.0 * $margin + $kerf);
            for ($number = 0; $number < min($sheet->count ?? count($pieces), count($pieces)); $number++) {
                $areas[] = $area;
            }
        }
        rsort($areas);
        $count = 0;
        foreach ($areas as $area) {
            if ($needed <= self::SAME) {
                break;
            }
            $needed -= $area;
            $count++;
        }

        return $count;
    }

    /** @param  float  $smallest  narrowest side of all parts, m */
    private static function holesAreWaste(Piece $piece, float $smallest): bool
    {
        foreach ($piece->posed(0)->pockets as $hole) {
            if (max(max(array_column($hole, 0)) - min(array_column($hole, 0)), max(array_column($hole, 1)) - min(array_column($hole, 1))) > $smallest) {
                return false;
            }
        }

        return count($piece->posed(0)->pockets) === count($piece->holes);
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  list<StockSheet>  $sheets
     */
    private static function byConflict(array $pieces, array $sheets, float $kerf, float $margin): int
    {
        $boxes = array_values(array_filter($pieces, fn (Piece $one): bool => $one->posed(0)->isBox));
        usort($boxes, fn (Piece $one, Piece $other): int => $other->area <=> $one->area);
        $apart = [];
        foreach ($boxes as $piece) {
            foreach ($apart as $other) {
                if (self::goTogether($piece, $other, $sheets, $kerf, $margin)) {
                    continue 2;
                }
            }
            $apart[] = $piece;
        }

        return max(count($apart), $pieces === [] ? 0 : 1);
    }

    /** @param  list<StockSheet>  $sheets */
    private static function goTogether(Piece $one, Piece $other, array $sheets, float $kerf, float $margin): bool
    {
        foreach ([[$one, $other], [$other, $one]] as [$outer, $inner]) {
            foreach ($outer->posed(0)->pockets as $hole) {
                $widest = max(max(array_column($hole, 0)) - min(array_column($hole, 0)), max(array_column($hole, 1)) - min(array_column($hole, 1)));
                if (min($inner->posed(0)->width, $inner->posed(0)->height) < $widest) {
                    return true;
                }
            }
        }
        foreach ($sheets as $sheet) {
            [$width, $height] = [$sheet->width - 2.0 * $margin + self::SAME, $sheet->height - 2.0 * $margin + self::SAME];
            foreach ($one->poses($sheet->grain) as $a) {
                foreach ($other->poses($sheet->grain) as $b) {
                    if ($a->width > $width || $b->width > $width || $a->height > $height || $b->height > $height) {
                        continue;
                    }
                    if ($a->width + $kerf + $b->width <= $width || $a->height + $kerf + $b->height <= $height) {
                        return true;
                    }
                }
            }
        }

        return false;
    }
}
