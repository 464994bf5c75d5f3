<?php

declare(strict_types=1);

namespace Jornel\Core\Cut;

use Closure;
use Jornel\Core\Nest\FilledSheet;
use Jornel\Core\Nest\Layout;
use Jornel\Core\Nest\Nesting;
use Jornel\Core\Nest\Piece;
use Jornel\Core\Nest\Pinned;
use Jornel\Core\Nest\PinnedBadly;
use Jornel\Core\Nest\Placement;
use Jornel\Core\Nest\SheetBound;
use Jornel\Core\Nest\StockSheet;
use Jornel\Core\Quantity\Texts;

/** Parts laid out on sheets, ready to cut. */
final readonly class CutPlan
{
    /** Wide enough that an offcut is worth keeping, m (assumed: 6 in). */
    public const USEFUL = 0.1524;

    /**
     * @param  list<CutPart>  $parts
     * @param  list<StockSheet>  $sheets
     * @param  int  $bound  so many sheets are needed at least
     */
    private function __construct(public array $parts, public array $sheets, public Layout $layout, public int $bound, public float $kerf, public float $margin)
    {
    }

    /**
     * @param  list<CutPart>  $parts
     * @param  list<StockSheet>  $sheets  those that are there in the order in which they are to be used, and those that can be bought
     * @param  float  $kerf  m
     * @param  float  $margin  m
     * @param  list<Pinned>  $pinned  parts laid down by hand, by label and number: `A.2`
     * @param  Closure(float): void|null  $meanwhile
     * @param  bool  $isStrict  whether a part laid down by hand that does not go there is refused; else it is laid with the rest
     *
     * @throws PinnedBadly
     */
    public static function of(array $parts, array $sheets, float $kerf, float $margin, array $pinned = [], ?Closure $meanwhile = null, bool $isStrict = true): self
    {
        $pieces = [];
        foreach ($parts as $part) {
            if ($part->isCutInto) {
                continue;
            }
            $first = $part->piece();
            for ($number = 1; $number <= $part->count; $number++) {
                $pieces[] = $first->labelled("{$part->label}.{$number}");
            }
        }
        $layout = Nesting::of($pieces, $sheets, $kerf, $margin, $pinned, $meanwhile, $isStrict);
        $left = array_map(fn (Piece $one): string => $one->label, $layout->left);
        $placed = array_values(array_filter($pieces, fn (Piece $one): bool => ! in_array($one->label, $left, true)));

        return new self($parts, $sheets, $layout, SheetBound::of($placed, $sheets, $kerf, $margin), $kerf, $margin);
    }

    /** The part that a placement is one of. */
    public function partOf(Placement $placement): CutPart
    {
        return $this->part($placement->piece->label);
    }

    /**
     * Parts that went on no sheet, with how many of them.
     *
     * @return list<array{CutPart, int}>
     */
    public function unplaced(): array
    {
        $counts = [];
        foreach ($this->layout->left as $piece) {
            $part = $this->part($piece->label);
            $counts[$part->label] = [$part, ($counts[$part->label][1] ?? 0) + 1];
        }

        return array_values($counts);
    }

    /** Why a part went on no sheet, a whole sentence. */
    public function why(CutPart $part): string
    {
        $piece = $part->piece();
        $for = array_values(array_filter($this->sheets, fn (StockSheet $sheet): bool => $sheet->takes($piece)));
        if ($for === []) {
            return Texts::of('cut')->tell('no-sheet', material: $part->material);
        }
        foreach ($for as $sheet) {
            if (Nesting::of([$piece], [new StockSheet($sheet->id, $sheet->width, $sheet->height, 1, $sheet->grain, $sheet->forbidden, $sheet->material)], $this->kerf, $this->margin)->left === []) {
                return Texts::of('cut')->tell('full');
            }
        }

        return Texts::of('cut')->tell('too-large');
    }

    /**
     * Sheets to buy, by id.
     *
     * @return array<string, int>
     */
    public function bought(): array
    {
        $bought = [];
        foreach ($this->layout->sheets as $sheet) {
            if ($sheet->sheet->isBought()) {
                $bought[$sheet->sheet->id] = ($bought[$sheet->sheet->id] ?? 0) + 1;
            }
        }

        return $bought;
    }

    /**
     * What is left of each sheet in one piece and worth keeping: left, low, right, high, m; null for none.
     *
     * @return array{float, float, float, float}|null
     */
    public static function offcut(FilledSheet $sheet): ?array
    {
        $box = $sheet->offcut();

        return $box !== null && min($box[2] - $box[0], $box[3] - $box[1]) >= self::USEFUL ? $box : null;
    }

    private function part(string $label): CutPart
    {
        $own = substr($label, 0, (int) strrpos($label, '.'));
        foreach ($this->parts as $part) {
            if ($part->label === $own) {
                return $part;
            }
        }

        throw new \LogicException("There is no part {$label}.");
    }
}
