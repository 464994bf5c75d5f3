<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

use Closure;

/**
 * The best layout of a few rectangles, found by looking at all of them: every share of the parts among the sheets, and for
 * each sheet every order in which parts can be pushed into a lower left corner. In the plane some such order reaches every
 * layout whose parts are pushed left and down (Pisinger and Sigurd, INFORMS Journal on Computing 19, 2007, of robot packings).
 */
final class ExactLayout
{
    public const MOST = 6;

    /** Partial layouts of one sheet that are looked at before it gives up. */
    private const LIMIT = 60_000;

    private const SAME = 1e-7;

    private int $looked = 0;

    /** @var array<string, list<array{int, Pose, float, float}>|null> by kind of sheet and parts */
    private array $known = [];

    /** @var array<string, true> partial layouts that were looked at */
    private array $seen = [];

    /**
     * @param  list<Piece>  $pieces
     * @param  list<StockSheet>  $sheets
     */
    private function __construct(private readonly array $pieces, private readonly array $sheets, private readonly float $kerf, private readonly float $margin)
    {
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  list<StockSheet>  $sheets
     * @param  Closure(StockSheet, int): FilledSheet  $empty
     * @return Layout|null null where they are too many, no rectangles, or too much to look at
     */
    public static function of(array $pieces, array $sheets, float $kerf, float $margin, Closure $empty): ?Layout
    {
        $isPlain = count($pieces) <= self::MOST
            && array_filter($pieces, fn (Piece $one): bool => ! $one->posed(0)->isBox || $one->holes !== []) === []
            && array_filter($sheets, fn (StockSheet $one): bool => $one->forbidden !== []) === [];
        if (! $isPlain) {
            return null;
        }

        return (new self($pieces, $sheets, $kerf, $margin))->best($empty);
    }

    /** @param  Closure(StockSheet, int): FilledSheet  $empty */
    private function best(Closure $empty): ?Layout
    {
        $best = null;
        foreach ($this->shares((1 << count($this->pieces)) - 1, array_map(fn (StockSheet $one): int => $one->count ?? self::MOST, $this->sheets)) as $share) {
            if ($this->looked > self::LIMIT) {
                return null;
            }
            $layout = $this->filled($share, $empty);
            if ($best === null || $layout->worth() < $best->worth()) {
                $best = $layout;
            }
        }

        return $best;
    }

    /**
     * Every way to share parts out to sheets, some left over where they go nowhere.
     *
     * @param  int  $left  parts, as bits
     * @param  array<int, int>  $there  sheets of each kind
     * @return iterable<list<array{int, int}>>  kind of sheet and parts as bits; kind -1 for what is left over
     */
    private function shares(int $left, array $there): iterable
    {
        if ($left === 0) {
            yield [];

            return;
        }
        $first = $left & -$left;
        $rest = $left & ~$first;
        // Every set with the first part that is left in it.
        for ($others = $rest; ; $others = ($others - 1) & $rest) {
            $set = $first | $others;
            foreach ($there as $kind => $count) {
                if ($count > 0 && $this->arranged($kind, $set) !== null) {
                    foreach ($this->shares($left & ~$set, [$kind => $count - 1] + $there) as $share) {
                        yield [[$kind, $set], ...$share];
                    }
                }
            }
            if ($others === 0) {
                break;
            }
        }
        foreach ($this->shares($rest, $there) as $share) {
            yield [[-1, $first], ...$share];
        }
    }

    /**
     * @param  list<array{int, int}>  $share
     * @param  Closure(StockSheet, int): FilledSheet  $empty
     */
    private function filled(array $share, Closure $empty): Layout
    {
        $sheets = $left = $numbers = [];
        foreach ($share as [$kind, $set]) {
            if ($kind < 0) {
                foreach ($this->pieces as $i => $piece) {
                    if (($set & (1 << $i)) !== 0) {
                        $left[] = $piece;
                    }
                }

                continue;
            }
            $numbers[$kind] = ($numbers[$kind] ?? 0) + 1;
            $sheet = $empty($this->sheets[$kind], $numbers[$kind]);
            foreach ($this->arranged($kind, $set) ?? [] as [$i, $pose, $x, $y]) {
                $sheet = $sheet->with($this->pieces[$i], 0, $pose, $x, $y, INF);
            }
            $sheets[] = $sheet;
        }

        return new Layout($sheets, $left);
    }

    /**
     * How parts lie on one sheet together; null where they do not.
     *
     * @return list<array{int, Pose, float, float}>|null
     */
    private function arranged(int $kind, int $set): ?array
    {
        $key = "{$kind} {$set}";
        if (! array_key_exists($key, $this->known)) {
            $this->seen = [];
            $this->known[$key] = $this->fits($this->sheets[$kind], $set) ? $this->arrange($this->sheets[$kind], $set, []) : null;
        }

        return $this->known[$key];
    }

    private function fits(StockSheet $sheet, int $set): bool
    {
        $area = 0.0;
        foreach ($this->pieces as $i => $piece) {
            if (($set & (1 << $i)) !== 0) {
                if (! $sheet->takes($piece)) {
                    return false;
                }
                $area += ($piece->posed(0)->width + $this->kerf) * ($piece->posed(0)->height + $this->kerf);
            }
        }

        return $area <= ($sheet->width - 2.0 * $this->margin + $this->kerf) * ($sheet->height - 2.0 * $this->margin + $this->kerf) + self::SAME;
    }

    /**
     * @param  list<array{int, Pose, float, float}>  $placed
     * @return list<array{int, Pose, float, float}>|null
     */
    private function arrange(StockSheet $sheet, int $set, array $placed): ?array
    {
        if ($set === 0) {
            return $placed;
        }
        $state = array_map(fn (array $one): string => sprintf('%d %d %.6f %.6f', $one[0], $one[1]->degrees, $one[2], $one[3]), $placed);
        sort($state);
        $state = implode(';', $state);
        if (isset($this->seen[$state]) || ++$this->looked > self::LIMIT) {
            return null;
        }
        $this->seen[$state] = true;
        foreach ($this->pieces as $i => $piece) {
            if (($set & (1 << $i)) === 0) {
                continue;
            }
            foreach ($piece->poses($sheet->grain) as $pose) {
                foreach ($this->corners($sheet, $pose, $placed) as [$x, $y]) {
                    $found = $this->arrange($sheet, $set & ~(1 << $i), [...$placed, [$i, $pose, $x, $y]]);
                    if ($found !== null) {
                        return $found;
                    }
                }
            }
        }

        return null;
    }

    /**
     * Places where a rectangle can go neither left nor down any further.
     *
     * @param  list<array{int, Pose, float, float}>  $placed
     * @return list<array{float, float}>
     */
    private function corners(StockSheet $sheet, Pose $pose, array $placed): array
    {
        [$right, $high] = [$sheet->width - $this->margin + self::SAME, $sheet->height - $this->margin + self::SAME];
        $xs = $ys = [$this->margin];
        foreach ($placed as [, $other, $x, $y]) {
            $xs[] = $x + $other->width + $this->kerf;
            $ys[] = $y + $other->height + $this->kerf;
        }
        $corners = [];
        foreach ($xs as $x) {
            foreach ($ys as $y) {
                if ($x + $pose->width > $right || $y + $pose->height > $high) {
                    continue;
                }
                [$stopsLeft, $stopsDown] = [$x <= $this->margin, $y <= $this->margin];
                foreach ($placed as [, $other, $u, $v]) {
                    $besides = $x < $u + $other->width + $this->kerf - self::SAME && $u < $x + $pose->width + $this->kerf - self::SAME;
                    $above = $y < $v + $other->height + $this->kerf - self::SAME && $v < $y + $pose->height + $this->kerf - self::SAME;
                    if ($besides && $above) {
                        continue 2;
                    }
                    $stopsLeft = $stopsLeft || ($above && abs($u + $other->width + $this->kerf - $x) < self::SAME);
                    $stopsDown = $stopsDown || ($besides && abs($v + $other->height + $this->kerf - $y) < self::SAME);
                }
                if ($stopsLeft && $stopsDown) {
                    $corners[] = [$x, $y];
                }
            }
        }

        return $corners;
    }
}
