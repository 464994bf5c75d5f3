<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

/** One sheet with what lies on it. */
final readonly class FilledSheet
{
    /**
     * @param  int  $number  which of its kind, from 1
     * @param  list<Placement>  $placed
     * @param  list<Space>  $spaces  the sheet, then the waste of holes
     * @param  float  $used  board of its parts, m2
     */
    private function __construct(public StockSheet $sheet, public int $number, public array $placed, private array $spaces, public float $used)
    {
    }

    public static function empty(StockSheet $sheet, int $number, Space $space): self
    {
        return new self($sheet, $number, [], [$space], 0.0);
    }

    /**
     * The best place for a part, the waste of holes first.
     *
     * @return array{float, int, Pose, float, float}|null the lower the first the better; which space; how and where it lies
     */
    public function place(Piece $piece, Rule $rule): ?array
    {
        if (! $this->sheet->takes($piece) || $this->sheet->area() - $this->used < $piece->area) {
            return null;
        }
        $best = null;
        $poses = $piece->poses($this->sheet->grain);
        for ($number = count($this->spaces) - 1; $number >= 0; $number--) {
            foreach ($poses as $pose) {
                $found = $this->spaces[$number]->place($pose, $rule);
                if ($found !== null && ($best === null || $found[0] < $best[0])) {
                    $best = [$found[0], $number, $pose, $found[1], $found[2]];
                }
            }
            if ($best !== null && $number > 0) {
                return $best;
            }
        }

        return $best;
    }

    /** The space that a part laid down by hand lies in; null where it may not lie there. */
    public function spaceFor(Placement $placement): ?int
    {
        if (! $this->sheet->takes($placement->piece)) {
            return null;
        }
        foreach ($this->spaces as $number => $space) {
            if ($space->takes($placement->pose, $placement->x, $placement->y)) {
                return $number;
            }
        }

        return null;
    }

    /**
     * @param  int  $number  of the space that it lies in
     * @param  float  $least  narrow side of the smallest part, m: holes below it are no use
     */
    public function with(Piece $piece, int $number, Pose $pose, float $x, float $y, float $least): self
    {
        $spaces = [...$this->spaces, ...($pose->pockets === [] ? [] : $this->spaces[$number]->pockets($pose, $x, $y, $least))];
        array_splice($spaces, $number, 1, [$spaces[$number]->with($pose, $x, $y)]);

        return new self($this->sheet, $this->number, [...$this->placed, new Placement($piece, $pose, $x, $y)], $spaces, $this->used + $piece->area);
    }

    public function numbered(int $number): self
    {
        return new self($this->sheet, $number, $this->placed, $this->spaces, $this->used);
    }

    /** @return float share of the sheet that is board of parts */
    public function usedShare(): float
    {
        return $this->used / $this->sheet->area();
    }

    /** @return float area of the largest box that is left in one piece, m2 */
    public function largestOffcut(): float
    {
        return $this->spaces[0]->largestBox();
    }

    /**
     * The largest box that is left in one piece: left, low, right, high, m; null where nothing is left.
     *
     * @return array{float, float, float, float}|null
     */
    public function offcut(): ?array
    {
        $largest = null;
        foreach ($this->spaces[0]->free as $box) {
            if ($largest === null || ($box[2] - $box[0]) * ($box[3] - $box[1]) > ($largest[2] - $largest[0]) * ($largest[3] - $largest[1])) {
                $largest = $box;
            }
        }

        return $largest;
    }
}
