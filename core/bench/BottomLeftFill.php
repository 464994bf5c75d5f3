<?php

declare(strict_types=1);

use Jornel\Core\Nest\Piece;
use Jornel\Core\Nest\StockSheet;

/**
 * The plain way to lay parts out, to measure the nesting against: the extent of each, the largest first, as low and then as
 * far left as it goes on the first sheet that takes it; not turned, nothing in holes, no second attempt.
 */
final class BottomLeftFill
{
    /** @param  list<Piece>  $pieces */
    public static function sheets(array $pieces, StockSheet $sheet, float $kerf): int
    {
        usort($pieces, fn (Piece $one, Piece $other): int => $other->posed(0)->width * $other->posed(0)->height <=> $one->posed(0)->width * $one->posed(0)->height);
        $sheets = [];
        foreach ($pieces as $piece) {
            [$width, $height] = [$piece->posed(0)->width, $piece->posed(0)->height];
            for ($number = 0; ; $number++) {
                $place = self::place($sheets[$number] ?? [], $width, $height, $sheet, $kerf);
                if ($place !== null) {
                    $sheets[$number][] = [...$place, $width, $height];
                    break;
                }
                if (! isset($sheets[$number])) {
                    // Too large for an empty sheet as it is: turned after all.
                    $sheets[$number][] = [0.0, 0.0, $height, $width];
                    break;
                }
            }
        }

        return count($sheets);
    }

    /**
     * @param  list<array{float, float, float, float}>  $placed
     * @return array{float, float}|null
     */
    private static function place(array $placed, float $width, float $height, StockSheet $sheet, float $kerf): ?array
    {
        $ys = [0.0, ...array_map(fn (array $one): float => $one[1] + $one[3] + $kerf, $placed)];
        $xs = [0.0, ...array_map(fn (array $one): float => $one[0] + $one[2] + $kerf, $placed)];
        sort($ys);
        sort($xs);
        foreach ($ys as $y) {
            foreach ($xs as $x) {
                if ($x + $width > $sheet->width + 1e-9 || $y + $height > $sheet->height + 1e-9) {
                    continue;
                }
                foreach ($placed as [$u, $v, $w, $h]) {
                    if ($x < $u + $w + $kerf - 1e-9 && $u < $x + $width + $kerf - 1e-9 && $y < $v + $h + $kerf - 1e-9 && $v < $y + $height + $kerf - 1e-9) {
                        continue 2;
                    }
                }

                return [$x, $y];
            }
        }

        return null;
    }
}
