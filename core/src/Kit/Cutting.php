<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

/**
 * Which panels come out of which sheets: in rows, the longest first, each in the first row that still takes it, turned if
 * need be. Never fewer sheets than that takes; a person with a pencil may save one.
 */
final class Cutting
{
    /** Lost along every cut, m (assumed); it falls off at a sheet's own edge. */
    public const KERF = 0.003;

    /** @var list<array{width: float, height: float, used: float, rows: list<array{y: float, height: float, used: float}>}> */
    private array $sheets = [];

    /** @var list<Placed> in the order in which they were placed */
    public array $placed = [];

    /** Sheets that panels larger than one are joined from. */
    private int $joined = 0;

    /**
     * @param  int  $free  sheets that are there anyway, such as faces of a carton
     * @param  array{float, float}  $freeSize  m
     * @param  array{float, float}  $size  of a bought sheet, m
     */
    private function __construct(private readonly int $free, array $freeSize, private readonly array $size)
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
        return self::of($panels, $size, $free, $freeSize)->bought();
    }

    /**
     * @param  list<array{float, float}>  $panels  m
     * @param  array{float, float}  $size  of a bought sheet, m
     * @param  array{float, float}  $freeSize  m
     */
    public static function of(array $panels, array $size, int $free = 0, array $freeSize = [0.0, 0.0]): self
    {
        $cutting = new self($free, $freeSize, $size);
        $sides = array_map(fn (array $panel): array => [max($panel), min($panel)], $panels);
        uasort($sides, fn (array $one, array $other): int => [$other[1], $other[0]] <=> [$one[1], $one[0]]);
        foreach ($sides as $number => [$long, $short]) {
            if (! $cutting->place($number, $long, $short)) {
                // Larger than a sheet: joined from several, nothing of which is counted on for another panel.
                $cutting->joined += (int) (ceil(($long + self::KERF) / max($size)) * ceil(($short + self::KERF) / min($size)));
            }
        }

        return $cutting;
    }

    /** Sheets to buy: those laid out on, and those that larger panels are joined from. */
    public function bought(): int
    {
        return count($this->sheets) - $this->free + $this->joined;
    }

    /**
     * Sides of a sheet: one that is there, or one that is bought.
     *
     * @return array{float, float} m
     */
    public function sizeOf(int $sheet): array
    {
        return [$this->sheets[$sheet]['width'], $this->sheets[$sheet]['height']];
    }

    private function place(int $panel, float $long, float $short): bool
    {
        foreach ([[$long, $short], [$short, $long]] as [$across, $up]) {
            foreach ($this->sheets as $number => $sheet) {
                foreach ($sheet['rows'] as $row => $of) {
                    if ($of['height'] >= $up && $sheet['width'] >= $of['used'] + $across) {
                        $this->placed[] = new Placed($panel, $number, $of['used'], $of['y'], $across, $up);
                        $sheet['rows'][$row]['used'] += $across + self::KERF;
                        $this->sheets[$number] = $sheet;

                        return true;
                    }
                }
            }
        }
        foreach (array_keys($this->sheets) as $number) {
            foreach ([[$long, $short], [$short, $long]] as [$across, $up]) {
                if ($this->putInNewRow($panel, $number, $across, $up)) {
                    return true;
                }
            }
        }
        $this->sheets[] = self::sheet($this->size);
        $last = count($this->sheets) - 1;
        if ($this->putInNewRow($panel, $last, $long, $short) || $this->putInNewRow($panel, $last, $short, $long)) {
            return true;
        }
        array_pop($this->sheets);

        return false;
    }

    private function putInNewRow(int $panel, int $number, float $across, float $up): bool
    {
        $sheet = $this->sheets[$number];
        if ($across > $sheet['width'] || $sheet['height'] < $sheet['used'] + $up) {
            return false;
        }
        $this->placed[] = new Placed($panel, $number, 0.0, $sheet['used'], $across, $up);
        $sheet['rows'][] = ['y' => $sheet['used'], 'height' => $up, 'used' => $across + self::KERF];
        $sheet['used'] += $up + self::KERF;
        $this->sheets[$number] = $sheet;

        return true;
    }

    /**
     * @param  array{float, float}  $size
     * @return array{width: float, height: float, used: float, rows: list<array{y: float, height: float, used: float}>}
     */
    private static function sheet(array $size): array
    {
        return ['width' => max($size), 'height' => min($size), 'used' => 0.0, 'rows' => []];
    }
}
