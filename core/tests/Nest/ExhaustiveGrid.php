<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Nest;

/** Fewest sheets for a few rectangles with whole sides, by going through every place of every one on the grid. */
final class ExhaustiveGrid
{
    /** @param  list<array{int, int}>  $sizes */
    public static function fewestSheets(array $sizes, int $width, int $height): int
    {
        $count = count($sizes);
        if ($count === 0) {
            return 0;
        }
        $fits = [];
        for ($set = 1; $set < 1 << $count; $set++) {
            $chosen = array_values(array_filter($sizes, fn (int $i): bool => ($set & (1 << $i)) !== 0, ARRAY_FILTER_USE_KEY));
            $fits[$set] = array_sum(array_map(fn (array $size): int => $size[0] * $size[1], $chosen)) <= $width * $height
                && self::fit($chosen, array_fill(0, $height, 0), $width, $height);
        }
        /** @var array<int, int> $fewest */
        $fewest = [0 => 0];
        for ($set = 1; $set < 1 << $count; $set++) {
            $fewest[$set] = PHP_INT_MAX;
            for ($part = $set; $part > 0; $part = ($part - 1) & $set) {
                if ($fits[$part]) {
                    $fewest[$set] = min($fewest[$set], $fewest[$set & ~$part] + 1);
                }
            }
        }

        return $fewest[(1 << $count) - 1];
    }

    /**
     * @param  list<array{int, int}>  $sizes  still to lay
     * @param  array<int, int>  $rows  cells taken in each row, as bits
     */
    private static function fit(array $sizes, array $rows, int $width, int $height): bool
    {
        if ($sizes === []) {
            return true;
        }
        [$long, $short] = array_pop($sizes);
        foreach ($long === $short ? [[$long, $short]] : [[$long, $short], [$short, $long]] as [$across, $up]) {
            for ($y = 0; $y + $up <= $height; $y++) {
                for ($x = 0; $x + $across <= $width; $x++) {
                    $bits = ((1 << $across) - 1) << $x;
                    $next = $rows;
                    for ($row = $y; $row < $y + $up; $row++) {
                        if (($next[$row] & $bits) !== 0) {
                            continue 2;
                        }
                        $next[$row] |= $bits;
                    }
                    if (self::fit($sizes, $next, $width, $height)) {
                        return true;
                    }
                }
            }
        }

        return false;
    }
}
