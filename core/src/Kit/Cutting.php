<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

/**
 * Which panels come out of which sheets: in rows, the longest first, each in the first row that still takes it, turned if need
 * be. Rows run along the sheets or across them, and panels come by their long side, their short side or their area, whichever
 * takes the fewest sheets. What is left in a round hole is cut from, too. A person with a pencil may save a sheet.
 */
final class Cutting
{
    /** Lost along every cut, m (assumed); it falls off at a sheet's own edge. */
    public const KERF = 0.003;

    /** @var list<array{width: float, height: float, along: bool, used: float, rows: list<array{y: float, height: float, used: float}>}> */
    private array $sheets = [];

    /** @var list<Placed> in the order in which they were placed */
    public array $placed = [];

    /** Sheets that are bought. */
    private int $bought = 0;

    /** Sheets that panels larger than one are joined from. */
    private int $joined = 0;

    /**
     * @param  list<array{float, float}>  $free  areas that are there anyway, such as walls of cartons, their flutes along the second side, m
     * @param  array{float, float}  $size  of a bought sheet, its flutes along the first side, m
     * @param  bool  $isTurned  whether rows run along the second sides
     */
    private function __construct(array $free, private readonly array $size, private readonly bool $isTurned)
    {
        foreach ($free as [$width, $height]) {
            $this->sheets[] = $this->sheet($width, $height, false);
        }
    }

    /**
     * Sheets to buy.
     *
     * @param  list<CutPiece>  $pieces
     * @param  array{float, float}  $size  of a bought sheet, its flutes along the first side, m
     * @param  list<array{float, float}>  $free  areas that are there anyway, their flutes along the second side, m
     */
    public static function sheets(array $pieces, array $size, array $free = []): int
    {
        return self::of($pieces, $size, $free)->bought();
    }

    /**
     * So many sheets are bought at least: by area, and for what goes on nothing that is there.
     *
     * @param  list<CutPiece>  $pieces
     * @param  array{float, float}  $size  m
     * @param  list<array{float, float}>  $free  m
     */
    public static function atLeast(array $pieces, array $size, array $free = []): int
    {
        $area = 0.0;
        foreach ($pieces as $piece) {
            if (! $piece->fitsAny($free)) {
                $area += $piece->area;
            }
        }

        return (int) ceil($area / ($size[0] * $size[1]) - 1e-9);
    }

    /**
     * @param  list<CutPiece>  $pieces
     * @param  array{float, float}  $size  of a bought sheet, its flutes along the first side, m
     * @param  list<array{float, float}>  $free  areas that are there anyway, their flutes along the second side, m
     */
    public static function of(array $pieces, array $size, array $free = []): self
    {
        $free = self::ofUse($pieces, $free);
        // What is small is cut from small areas first.
        usort($free, fn (array $one, array $other): int => $one[0] * $one[1] <=> $other[0] * $other[1]);
        $least = self::atLeast($pieces, $size, $free);
        $best = null;
        foreach ([fn (CutPiece $one): array => [$one->long, $one->short], fn (CutPiece $one): array => [$one->short, $one->long], fn (CutPiece $one): array => [$one->width * $one->height, $one->long]] as $by) {
            $order = $pieces;
            uasort($order, fn (CutPiece $one, CutPiece $other): int => $by($other) <=> $by($one));
            foreach ([false, true] as $isTurned) {
                $cutting = new self($free, $size, $isTurned);
                foreach ($order as $number => $piece) {
                    $cutting->take((int) $number, $piece);
                }
                $best = $best === null || $cutting->bought() < $best->bought() ? $cutting : $best;
                if ($best->bought() <= $least) {
                    return $best;
                }
            }
        }

        return $best;
    }

    /**
     * Areas that some piece goes on.
     *
     * @param  list<CutPiece>  $pieces
     * @param  list<array{float, float}>  $free  m
     * @return list<array{float, float}> m
     */
    private static function ofUse(array $pieces, array $free): array
    {
        if ($free === [] || $pieces === []) {
            return [];
        }
        [$long, $short] = [min(array_column($pieces, 'long')), min(array_column($pieces, 'short'))];

        return array_values(array_filter($free, fn (array $area): bool => max($area) >= $long && min($area) >= $short));
    }

    /** Sheets to buy: those laid out on, and those that larger panels are joined from. */
    public function bought(): int
    {
        return $this->bought + $this->joined;
    }

    /**
     * Sides of a sheet as panels lie on it: one that is there, or one that is bought.
     *
     * @return array{float, float} m
     */
    public function sizeOf(int $sheet): array
    {
        return [$this->sheets[$sheet]['width'], $this->sheets[$sheet]['height']];
    }

    private function take(int $number, CutPiece $piece): void
    {
        if (! $this->place($number, $piece)) {
            // Larger than a sheet: joined from several, nothing of which is counted on for another panel.
            $this->joined += (int) (ceil(($piece->long + self::KERF) / max($this->size)) * ceil(($piece->short + self::KERF) / min($this->size)));
        }
    }

    private function place(int $number, CutPiece $piece): bool
    {
        foreach (array_keys($this->sheets) as $sheet) {
            if ($this->putInRow($number, $piece, $sheet) || $this->putInNewRow($number, $piece, $sheet)) {
                return true;
            }
        }
        $this->sheets[] = $this->sheet($this->size[0], $this->size[1], true);
        $last = count($this->sheets) - 1;
        if ($this->putInNewRow($number, $piece, $last)) {
            $this->bought++;

            return true;
        }
        array_pop($this->sheets);

        return false;
    }

    private function putInRow(int $number, CutPiece $piece, int $at): bool
    {
        $sheet = $this->sheets[$at];
        foreach ($sheet['rows'] === [] ? [] : $piece->waysOn($sheet['along']) as [$across, $up]) {
            foreach ($sheet['rows'] as $row => $of) {
                if ($of['height'] >= $up && $sheet['width'] >= $of['used'] + $across) {
                    $this->placed[] = new Placed($number, $at, $of['used'], $of['y'], $across, $up);
                    $this->sheets[$at]['rows'][$row]['used'] += $across + self::KERF;
                    $this->addHole($piece, $sheet['along']);

                    return true;
                }
            }
        }

        return false;
    }

    private function putInNewRow(int $number, CutPiece $piece, int $at): bool
    {
        $sheet = $this->sheets[$at];
        foreach ($piece->short > $sheet['height'] - $sheet['used'] ? [] : $piece->waysOn($sheet['along']) as [$across, $up]) {
            if ($across <= $sheet['width'] && $sheet['height'] >= $sheet['used'] + $up) {
                $this->placed[] = new Placed($number, $at, 0.0, $sheet['used'], $across, $up);
                $row = ['y' => $sheet['used'], 'height' => $up, 'used' => $across + self::KERF];
                $this->sheets[$at] = ['rows' => [...$sheet['rows'], $row], 'used' => $sheet['used'] + $up + self::KERF] + $sheet;
                $this->addHole($piece, $sheet['along']);

                return true;
            }
        }

        return false;
    }

    /** What falls out of a round hole is cut from as a square. */
    private function addHole(CutPiece $piece, bool $along): void
    {
        $side = $piece->hole / M_SQRT2 - 2.0 * self::KERF;
        if ($side > 0.0) {
            $this->sheets[] = ['width' => $side, 'height' => $side, 'along' => $along, 'used' => 0.0, 'rows' => []];
        }
    }

    /**
     * @param  bool  $along  whether its flutes run along its first side
     * @return array{width: float, height: float, along: bool, used: float, rows: list<array{y: float, height: float, used: float}>}
     */
    private function sheet(float $width, float $height, bool $along): array
    {
        return $this->isTurned
            ? ['width' => $height, 'height' => $width, 'along' => ! $along, 'used' => 0.0, 'rows' => []]
            : ['width' => $width, 'height' => $height, 'along' => $along, 'used' => 0.0, 'rows' => []];
    }
}
