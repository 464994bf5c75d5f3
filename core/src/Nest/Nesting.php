<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

use Closure;

/**
 * Lays parts on sheets: first what is there, then what is bought. Every part in turn goes to the best place on the first sheet
 * that takes it; many orders and rules are tried, and of the best layout two sheets at a time are cleared and laid anew (ruin
 * and recreate: Schrimpf et al., "Record breaking optimization results using the ruin and recreate principle", Journal of
 * Computational Physics 159, 2000). The same question always has the same answer. Up to six rectangles are laid exactly.
 */
final class Nesting
{
    /** Attempts to better the layout; fewer for many parts. */
    private const ATTEMPTS = 40_000;

    private const LEAST_ATTEMPTS = 60;

    /** Few parts have few orders. */
    private const FOR_EACH = 12;

    /** Share of the work that goes before the layout is bettered. */
    private const FIRST = 0.4;

    /** Share of parts that are no rectangles above which fewer rules are tried. */
    private const MANY = 0.2;

    private int $seed = 20_011;

    private readonly float $least;

    /** @var array<string, FilledSheet> */
    private array $empty = [];

    /** @var array<string, PinnedBadly> */
    private array $loose = [];

    /**
     * @param  list<Piece>  $pieces
     * @param  list<StockSheet>  $sheets  those that are there in the order in which they are to be used, then those that are bought
     * @param  float  $kerf  between any two parts, m
     * @param  float  $margin  to the edge of a sheet, m
     * @param  list<Pinned>  $pinned  parts laid down by hand
     * @param  Closure(float): void|null  $meanwhile  told how much is done, 0 to 1; what it throws ends the work
     * @param  bool  $isStrict  whether a part laid down by hand that does not go there is refused; else it is laid with the rest
     */
    private function __construct(
        private readonly array $pieces,
        private readonly array $sheets,
        private readonly float $kerf,
        private readonly float $margin,
        private array $pinned,
        private readonly ?Closure $meanwhile,
        private readonly bool $isStrict,
    ) {
        $sides = array_map(fn (Piece $piece): float => min($piece->posed(0)->width, $piece->posed(0)->height), $pieces);
        $this->least = $sides === [] ? 0.0 : min($sides);
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  list<StockSheet>  $sheets
     * @param  list<Pinned>  $pinned
     * @param  Closure(float): void|null  $meanwhile
     * @param  bool  $isStrict  else what no longer goes where it was laid by hand is told in the layout
     *
     * @throws PinnedBadly when a part laid down by hand lies off its sheet or on another
     */
    public static function of(array $pieces, array $sheets, float $kerf, float $margin, array $pinned = [], ?Closure $meanwhile = null, bool $isStrict = true): Layout
    {
        usort($sheets, fn (StockSheet $one, StockSheet $other): int => $one->isBought() <=> $other->isBought());

        return (new self(self::alikeTogether($pieces), $sheets, $kerf, $margin, $pinned, $meanwhile, $isStrict))->told();
    }

    private function told(): Layout
    {
        $layout = $this->numbered($this->best());

        return new Layout($layout->sheets, $layout->left, $this->loose);
    }

    /** Sheets of one kind are numbered from one on, in the order in which they are named. */
    private function numbered(Layout $layout): Layout
    {
        if ($this->pinned !== []) {
            return $layout;
        }
        $sheets = $layout->sheets;
        $places = array_flip(array_map(fn (StockSheet $one): string => $one->key(), $this->sheets));
        usort($sheets, fn (FilledSheet $one, FilledSheet $other): int => [$places[$one->sheet->key()], $one->number] <=> [$places[$other->sheet->key()], $other->number]);
        $counts = [];
        foreach ($sheets as $i => $sheet) {
            $number = $counts[$sheet->sheet->key()] = ($counts[$sheet->sheet->key()] ?? 0) + 1;
            $sheets[$i] = $sheet->numbered($number);
        }

        return new Layout($sheets, $layout->left);
    }

    private function best(): Layout
    {
        $begun = $this->begun();
        $best = null;
        $bound = $this->bound();
        $openings = $this->openings();
        $rules = $this->othersShare() > self::MANY ? [Rule::ShortSide, Rule::Left] : Rule::cases();
        $orders = $this->orders();
        foreach ($orders as $number => $order) {
            $this->tell(self::FIRST * $number / count($orders));
            foreach ($rules as $rule) {
                foreach ($openings as $opening) {
                    $layout = $this->laid($begun, $order, $rule, $opening);
                    $best = $best === null || $layout->worth() < $best->worth() ? $layout : $best;
                }
                if ($this->isEnough($best, $bound)) {
                    break;
                }
            }
        }
        $best ??= new Layout($begun, []);
        if (! $this->isEnough($best, $bound) && $this->pinned === []) {
            $exact = ExactLayout::of($this->pieces, $this->sheets, $this->kerf, $this->margin, fn (StockSheet $sheet, int $number): FilledSheet => $this->emptySheet($sheet, $number));
            if ($exact !== null) {
                return $exact->worth() < $best->worth() ? $exact : $best;
            }
        }

        return $this->bettered($best, $bound);
    }

    /**
     * The same parts; those of one form share what is found out about it.
     *
     * @param  list<Piece>  $pieces
     * @return list<Piece>
     */
    private static function alikeTogether(array $pieces): array
    {
        $first = [];
        foreach ($pieces as $number => $piece) {
            $form = serialize([$piece->outline, $piece->holes, $piece->mayTurn, $piece->material]);
            $first[$form] ??= $piece;
            $pieces[$number] = $first[$form] === $piece ? $piece : $first[$form]->labelled($piece->label);
        }

        return $pieces;
    }

    /** Whether no fewer sheets could do, all parts lie on them and none of them is bought without need. */
    private function isEnough(Layout $layout, int $bound): bool
    {
        $worth = $layout->worth();

        return $worth[0] === 0 && $worth[2] <= $bound && ($worth[1] === 0 || array_filter($this->sheets, fn (StockSheet $one): bool => ! $one->isBought()) === []);
    }

    private function bound(): int
    {
        return SheetBound::of($this->pieces, $this->sheets, $this->kerf, $this->margin);
    }

    private function bettered(Layout $best, int $bound): Layout
    {
        $attempts = $this->attempts();
        $current = $best;
        for ($attempt = 0; $attempt < $attempts && ! $this->isEnough($best, $bound); $attempt++) {
            $this->tell(self::FIRST + (1.0 - self::FIRST) * $attempt / $attempts);
            $next = $this->cleared($current, $attempt);
            if ($next->worth() <= $current->worth()) {
                $current = $next;
            }
            if ($next->worth() < $best->worth()) {
                $best = $next;
            }
        }

        return $best;
    }

    private function tell(float $done): void
    {
        if ($this->meanwhile !== null) {
            ($this->meanwhile)($done);
        }
    }

    /** Parts that are no rectangles take many times as long to lay. */
    private function attempts(): int
    {
        $count = count($this->pieces);

        return (int) (min(self::FOR_EACH * $count, max(self::LEAST_ATTEMPTS, self::ATTEMPTS / ($count ** 2 + 40))) / (1.0 + 12.0 * $this->othersShare()));
    }

    /** Share of the parts that are no rectangles. */
    private function othersShare(): float
    {
        return count(array_filter($this->pieces, fn (Piece $one): bool => ! $one->posed(0)->isBox)) / max(1, count($this->pieces));
    }

    /** The same with some sheets cleared and their parts laid anew in another order. */
    private function cleared(Layout $layout, int $attempt): Layout
    {
        $count = count($layout->sheets);
        $pinned = array_map(fn (Pinned $one): string => $one->label, $this->pinned);
        $clear = [];
        if ($count > 0) {
            $byUse = array_keys($layout->sheets);
            usort($byUse, fn (int $a, int $b): int => $layout->sheets[$a]->used <=> $layout->sheets[$b]->used);
            $clear[$byUse[$attempt % min(2, $count)]] = true;
            for ($more = 1 + $attempt % 3; $more > 0; $more--) {
                $clear[$this->random($count)] = true;
            }
        }
        $kept = $pieces = [];
        foreach ($layout->sheets as $number => $sheet) {
            $byHand = array_filter($sheet->placed, fn (Placement $one): bool => in_array($one->piece->label, $pinned, true));
            if (isset($clear[$number]) && $byHand === []) {
                array_push($pieces, ...array_map(fn (Placement $one): Piece => $one->piece, $sheet->placed));
            } else {
                $kept[] = $sheet;
            }
        }
        $pieces = [...$layout->left, ...$pieces];
        usort($pieces, fn (Piece $one, Piece $other): int => $other->area <=> $one->area);
        for ($swaps = $this->random(4); $swaps > 0 && count($pieces) > 1; $swaps--) {
            $at = $this->random(count($pieces) - 1);
            $to = min(count($pieces) - 1, $at + 1 + $this->random(4));
            [$pieces[$at], $pieces[$to]] = [$pieces[$to], $pieces[$at]];
        }
        $rules = Rule::cases();
        $openings = $this->openings();

        return $this->laid($kept, array_values($pieces), $rules[$this->random(count($rules))], $openings[$this->random(count($openings))]);
    }

    /**
     * @param  list<FilledSheet>  $begun
     * @param  list<Piece>  $pieces  in the order in which they are laid
     */
    private function laid(array $begun, array $pieces, Rule $rule, Opening $opening): Layout
    {
        $sheets = $begun;
        $used = [];
        foreach ($sheets as $sheet) {
            $used[$sheet->sheet->key()][$sheet->number] = true;
        }
        $left = [];
        $full = [];
        foreach ($pieces as $piece) {
            $key = spl_object_id($piece->posed(0)).' '.$piece->material.($piece->mayTurn ? ' turns' : '');
            $placed = false;
            foreach ($sheets as $number => $sheet) {
                // Where one like it did not go in, this one does not either.
                if (isset($full[$key][$number])) {
                    continue;
                }
                $found = $sheet->place($piece, $rule);
                if ($found !== null) {
                    $sheets[$number] = $sheet->with($piece, $found[1], $found[2], $found[3], $found[4], $this->least);
                    $placed = true;
                    if ($found[2]->pockets !== []) {
                        foreach ($full as $other => $numbers) {
                            unset($full[$other][$number]);
                        }
                    }
                    break;
                }
                $full[$key][$number] = true;
            }
            if ($placed) {
                continue;
            }
            $new = $this->opened($piece, $used, $rule, $opening);
            if ($new === null) {
                $left[] = $piece;

                continue;
            }
            $used[$new->sheet->key()][$new->number] = true;
            $sheets[] = $new;
        }

        return new Layout(array_values(array_filter($sheets, fn (FilledSheet $one): bool => $one->placed !== [])), $left);
    }

    /**
     * A new sheet with the part on it: of those that are there, else of those that are bought.
     *
     * @param  array<string, array<int, true>>  $used  numbers by kind
     */
    private function opened(Piece $piece, array $used, Rule $rule, Opening $opening): ?FilledSheet
    {
        $chosen = null;
        foreach ($this->sheets as $sheet) {
            if ($chosen !== null && $sheet->isBought() && ! $chosen->sheet->isBought()) {
                break;
            }
            $taken = $used[$sheet->key()] ?? [];
            if ($sheet->count !== null && count($taken) >= $sheet->count) {
                continue;
            }
            if ($chosen !== null && ! $opening->prefers($sheet, $chosen->sheet)) {
                continue;
            }
            for ($number = 1; isset($taken[$number]); $number++);
            $empty = $this->emptySheet($sheet, $number);
            $found = $empty->place($piece, $rule);
            if ($found !== null) {
                $chosen = $empty->with($piece, $found[1], $found[2], $found[3], $found[4], $this->least);
            }
        }

        return $chosen;
    }

    private function emptySheet(StockSheet $sheet, int $number): FilledSheet
    {
        return $this->empty["{$sheet->key()} {$number}"] ??= FilledSheet::empty($sheet, $number, Space::sheet($sheet, $this->kerf, $this->margin));
    }

    /**
     * Sheets with the parts that were laid down by hand.
     *
     * @return list<FilledSheet>
     *
     * @throws PinnedBadly
     */
    private function begun(): array
    {
        $sheets = $standing = [];
        foreach ($this->pinned as $pinned) {
            try {
                isset($standing[$pinned->label]) && throw PinnedBadly::again($pinned);
                $sheets = $this->pin($pinned, $sheets);
                $standing[$pinned->label] = $pinned;
            } catch (PinnedBadly $fault) {
                $this->loose[$pinned->label] = $this->isStrict ? throw $fault : $fault;
            }
        }
        $this->pinned = array_values($standing);

        return array_values($sheets);
    }

    /**
     * The same sheets with one more part laid down by hand.
     *
     * @param  array<string, FilledSheet>  $sheets
     * @return array<string, FilledSheet>
     *
     * @throws PinnedBadly
     */
    private function pin(Pinned $pinned, array $sheets): array
    {
        $piece = array_values(array_filter($this->pieces, fn (Piece $one): bool => $one->label === $pinned->label))[0] ?? throw PinnedBadly::unknown($pinned);
        $kind = array_values(array_filter($this->sheets, fn (StockSheet $one): bool => $one->id === $pinned->sheet))[0] ?? throw PinnedBadly::noSheet($pinned);
        if ($kind->count !== null && $pinned->number > $kind->count) {
            throw PinnedBadly::noSheet($pinned);
        }
        $key = "{$pinned->sheet} {$pinned->number}";
        $sheet = $sheets[$key] ?? $this->emptySheet($kind, $pinned->number);
        $placement = Placement::at($piece, $pinned->x, $pinned->y, $pinned->degrees);
        if (! $piece->mayTurn && ! in_array($pinned->degrees, $kind->grain->turns(), true)) {
            throw PinnedBadly::againstGrain($pinned);
        }
        $space = $sheet->spaceFor($placement) ?? throw PinnedBadly::noRoom($pinned);
        $sheets[$key] = $sheet->with($piece, $space, $placement->pose, $placement->x, $placement->y, $this->least);

        return $sheets;
    }

    /** @return list<list<Piece>> */
    private function orders(): array
    {
        $pinned = array_map(fn (Pinned $one): string => $one->label, $this->pinned);
        $pieces = array_values(array_filter($this->pieces, fn (Piece $one): bool => ! in_array($one->label, $pinned, true)));
        $orders = [];
        foreach ([
            fn (Piece $one): array => [$one->posed(0)->width * $one->posed(0)->height, $one->area],
            fn (Piece $one): array => [max($one->posed(0)->width, $one->posed(0)->height), $one->area],
            fn (Piece $one): array => [min($one->posed(0)->width, $one->posed(0)->height), max($one->posed(0)->width, $one->posed(0)->height)],
            fn (Piece $one): array => [$one->posed(0)->width + $one->posed(0)->height, $one->area],
        ] as $size) {
            $order = $pieces;
            usort($order, fn (Piece $one, Piece $other): int => $size($other) <=> $size($one));
            $forms = implode(' ', array_map(fn (Piece $one): int => spl_object_id($one->posed(0)), $order));
            $orders[$forms] ??= $order;
        }

        return array_values($orders);
    }

    /**
     * Where only one kind of sheet takes each part there is nothing to choose.
     *
     * @return non-empty-list<Opening>
     */
    private function openings(): array
    {
        return count($this->sheets) === count(array_unique(array_map(fn (StockSheet $one): string => $one->material, $this->sheets))) ? [Opening::FirstNamed] : [Opening::FirstNamed, Opening::Smallest];
    }

    /** A number from 0 to below so many, from a seed (Park and Miller, Communications of the ACM 31, 1988). */
    private function random(int $below): int
    {
        $this->seed = (int) ($this->seed * 48_271 % 2_147_483_647);

        return $this->seed % max(1, $below);
    }
}
