<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

/**
 * Which panels come out of which sheets: in rows, the longest first, each in the first row that still takes it, turned if
 * need be. Never fewer sheets than that takes; a person with a pencil may save one.
 */
final class Cutting
{
    /** Lost along every cut, m (assumed). */
    public const KERF = 0.003;

    /** @var list<array{width: float, left: float, rows: list<array{height: float, left: float}>}> */
    private array $sheets = [];

    /**
     * @param  int  $free  sheets that are there anyway, such as faces of a carton
     * @param  array{float, float}  $freeSize  m
     * @param  array{float, float}  $size  of a bought sheet, m
     */
    private function __construct(int $free, array $freeSize, private readonly array $size)
    {
        for ($number = 0; $number < $free; $number++) {
            $this->sheets[] = self::sheet($freeSize);
        }
    }

    /**
     * Sheets to buy.
     *
     * @param  list<array{float, float}>  $panels  m
     * @param  array{float, float}  $size  of a bought sheet, m
     * @param  array{float, float}  $freeSize  m
     */
    public static function sheets(array $panels, array $size, int $free = 0, array $freeSize = [0.0, 0.0]): int
    {
        $cutting = new self($free, $freeSize, $size);
        $sides = array_map(fn (array $panel): array => [max($panel) + self::KERF, min($panel) + self::KERF], $panels);
        usort($sides, fn (array $one, array $other): int => [$other[1], $other[0]] <=> [$one[1], $one[0]]);
        $joined = 0;
        foreach ($sides as [$long, $short]) {
            if ($cutting->place($long, $short)) {
                continue;
            }
            // Larger than a sheet: joined from several, nothing of which is counted on for another panel.
            $joined += (int) (ceil($long / max($size)) * ceil($short / min($size)));
        }

        return count($cutting->sheets) - $free + $joined;
    }

    private function place(float $long, float $short): bool
    {
        foreach ([[$long, $short], [$short, $long]] as [$across, $up]) {
            foreach ($this->sheets as $number => $sheet) {
                foreach ($sheet['rows'] as $row => $of) {
                    if ($of['height'] >= $up && $of['left'] >= $across) {
                        $sheet['rows'][$row]['left'] -= $across;
                        $this->sheets[$number] = $sheet;

                        return true;
                    }
                }
            }
        }
        foreach ($this->sheets as $number => $sheet) {
            foreach ([[$long, $short], [$short, $long]] as [$across, $up]) {
                if ($this->addRow($number, $across, $up)) {
                    return true;
                }
            }
        }
        $this->sheets[] = self::sheet($this->size);
        $last = count($this->sheets) - 1;
        if ($this->addRow($last, $long, $short) || $this->addRow($last, $short, $long)) {
            return true;
        }
        array_pop($this->sheets);

        return false;
    }

    private function addRow(int $number, float $across, float $up): bool
    {
        $sheet = $this->sheets[$number];
        if ($sheet['width'] < $across || $sheet['left'] < $up) {
            return false;
        }
        $sheet['left'] -= $up;
        $sheet['rows'][] = ['height' => $up, 'left' => $sheet['width'] - $across];
        $this->sheets[$number] = $sheet;

        return true;
    }

    /**
     * The kerf falls off at the sheet's own edge.
     *
     * @param  array{float, float}  $size
     * @return array{width: float, left: float, rows: list<array{height: float, left: float}>}
     */
    private static function sheet(array $size): array
    {
        return ['width' => max($size) + self::KERF, 'left' => min($size) + self::KERF, 'rows' => []];
    }
}
