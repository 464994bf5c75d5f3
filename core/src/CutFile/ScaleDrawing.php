<?php

declare(strict_types=1);

namespace Jornel\Core\CutFile;

use Jornel\Core\Cut\CutHole;
use Jornel\Core\Cut\CutPart;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Quantity\TapeFraction;

/**
 * All parts at a small scale with their dimensions, as a draughtsman draws them: extension lines clear of the part, arrows,
 * figures above the line, centre lines through holes, a title block. Several pages where they are many. Sizes on paper, mm.
 */
final readonly class ScaleDrawing
{
    private const EDGE = 10.0;

    private const TITLE = 18.0;

    /** Room for dimensions and words beside, above and below a part, mm. */
    private const BESIDE = 20.0;

    private const ABOVE = 10.0;

    private const BELOW = 26.0;

    /** Holes up to which each is told where its middle is. */
    private const FEW_HOLES = 4;

    private const LETTERS = 2.6;

    private const ARROW = 2.2;

    private const ON_A_PAGE = 6;

    /** From this height on a figure is written along its line, mm. */
    private const UPRIGHT = 22.0;

    /** Scales that are read off easily, one to so many. */
    private const SCALES = [1.0, 2.0, 2.5, 4.0, 5.0, 8.0, 10.0, 12.0, 15.0, 20.0, 25.0, 40.0, 50.0];

    /** @param  list<CutDrawing>  $pages  in m on paper, from its lower left corner */
    private function __construct(public Paper $paper, public array $pages)
    {
    }

    /** @param  list<CutPart>  $parts */
    public static function of(array $parts, Paper $paper, Heading $heading): self
    {
        $pages = [];
        $sheets = array_chunk($parts, self::ON_A_PAGE);
        foreach ($sheets as $number => $chunk) {
            $pages[] = self::page($chunk, $paper, $heading, $number + 1, count($sheets));
        }

        return new self($paper, $pages);
    }

    /** @return array{float, float} of a page, lying, mm */
    public function size(): array
    {
        return array_reverse($this->paper->size());
    }

    /** @param  non-empty-list<CutPart>  $parts */
    private static function page(array $parts, Paper $paper, Heading $heading, int $number, int $of): CutDrawing
    {
        [$height, $width] = $paper->size();
        $drawing = new CutDrawing([]);
        $drawing->line(Layer::Text, self::points([[self::EDGE, self::EDGE], [$width - self::EDGE, self::EDGE], [$width - self::EDGE, $height - self::EDGE], [self::EDGE, $height - self::EDGE]]), true);
        $columns = min(3, count($parts));
        $rows = (int) ceil(count($parts) / $columns);
        $cellWidth = ($width - 2.0 * self::EDGE) / $columns;
        $cellHeight = ($height - 2.0 * self::EDGE - self::TITLE) / $rows;
        $scale = 1.0;
        foreach (self::SCALES as $scale) {
            $fits = fn (CutPart $part): bool => 1000.0 * $part->width() / $scale <= $cellWidth - 2.0 * self::BESIDE && 1000.0 * $part->height() / $scale <= $cellHeight - self::ABOVE - self::BELOW;
            if (array_filter($parts, fn (CutPart $part): bool => ! $fits($part)) === []) {
                break;
            }
        }
        foreach ($parts as $i => $part) {
            $middle = [self::EDGE + ($i % $columns + 0.5) * $cellWidth, $height - self::EDGE - (intdiv($i, $columns) + 0.5) * $cellHeight + (self::BELOW - self::ABOVE) / 2.0];
            self::part($drawing, $part, $middle, $scale);
        }
        self::title($drawing, $width, $heading, $scale, $number, $of);

        return $drawing;
    }

    /** @param  array{float, float}  $middle  mm */
    private static function part(CutDrawing $drawing, CutPart $part, array $middle, float $scale): void
    {
        $low = new PlanePoint(min(array_column($part->outline, 'x')), min(array_column($part->outline, 'y')));
        [$w, $h] = [1000.0 * $part->width() / $scale, 1000.0 * $part->height() / $scale];
        [$x0, $y0] = [$middle[0] - $w / 2.0, $middle[1] - $h / 2.0];
        $lie = fn (PlanePoint $at): PlanePoint => new PlanePoint(($x0 + 1000.0 * ($at->x - $low->x) / $scale) / 1000.0, ($y0 + 1000.0 * ($at->y - $low->y) / $scale) / 1000.0);
        $drawing->line(Layer::Cut, array_map($lie, $part->outline), true);
        foreach ($part->folds as $fold) {
            $drawing->line(Layer::Fold, array_map($lie, $fold));
        }
        foreach ($part->holes as $hole) {
            $drawing->hole($hole->middle === null ? CutHole::polygon(array_map($lie, $hole->corners())) : CutHole::round($lie($hole->middle), $hole->radius / $scale));
            if ($hole->middle !== null) {
                $drawing->cross($lie($hole->middle), $hole->radius / $scale + 0.0015);
            }
        }
        self::across($drawing, $x0, $x0 + $w, $y0, $y0 - 6.0, self::told($part->width()));
        self::up($drawing, $y0, $y0 + $h, $x0, $x0 + $w, self::told($part->height()));
        foreach (self::holes($part, $low) as $number => $words) {
            $drawing->text(self::point($middle[0], $y0 - 13.5 - 4.2 * $number), self::LETTERS / 1000.0 * 0.9, $words);
        }
        $drawing->text(self::point($middle[0], $middle[1] + $h / 2.0 + 5.0), self::LETTERS / 1000.0 * 1.25, sprintf('%s  %s, %d of them', $part->label, $part->name, $part->count));
    }

    /**
     * Holes in words, those of one size together: sizes, and where the middle of a single one is from the lower left corner.
     *
     * @return list<string>
     */
    private static function holes(CutPart $part, PlanePoint $low): array
    {
        $alike = [];
        foreach ($part->holes as $hole) {
            $alike[sprintf('%.5f %.5f', $hole->area(), $hole->radius)][] = $hole;
        }
        $lines = [];
        foreach ($alike as $holes) {
            $hole = $holes[0];
            [$xs, $ys] = [array_column($hole->corners(), 'x'), array_column($hole->corners(), 'y')];
            $size = $hole->middle !== null
                ? 'dia. '.self::told(2.0 * $hole->radius)
                : sprintf('%s × %s in', TapeFraction::nearest(max($xs) - min($xs))->text(), TapeFraction::nearest(max($ys) - min($ys))->text());
            $lines[] = count($holes) === 1 ? "hole {$size}" : sprintf('%d holes %s', count($holes), $size);
            if (count($holes) <= self::FEW_HOLES) {
                $lines[] = (count($holes) === 1 ? 'its middle ' : 'middles ').implode('; ', array_map(
                    fn (CutHole $one): string => TapeFraction::nearest($one->centre()->x - $low->x)->text().' and '.TapeFraction::nearest($one->centre()->y - $low->y)->text(), $holes,
                )).' in';
            }
        }

        return $lines;
    }

    private static function across(CutDrawing $drawing, float $from, float $to, float $edge, float $at, string $words): void
    {
        foreach ([$from, $to] as $x) {
            $drawing->line(Layer::Text, self::points([[$x, $edge - 1.5], [$x, $at - 1.5]]));
        }
        $drawing->line(Layer::Text, self::points([[$from, $at], [$to, $at]]));
        foreach ([[$from, 1.0], [$to, -1.0]] as [$tip, $way]) {
            $drawing->line(Layer::Text, self::points([[$tip + $way * self::ARROW, $at + 0.6], [$tip, $at], [$tip + $way * self::ARROW, $at - 0.6]]), true);
        }
        $drawing->text(self::point(($from + $to) / 2.0, $at - 3.0), self::LETTERS / 1000.0, $words);
    }

    /** To the left of the part, its figure along the line; to the right where the part is lower than its figure is long. */
    private static function up(CutDrawing $drawing, float $from, float $to, float $left, float $right, string $words): void
    {
        $isLow = $to - $from < self::UPRIGHT;
        [$edge, $way] = $isLow ? [$right, 1.0] : [$left, -1.0];
        $at = $edge + $way * 6.0;
        foreach ([$from, $to] as $y) {
            $drawing->line(Layer::Text, self::points([[$edge + $way * 1.5, $y], [$at + $way * 1.5, $y]]));
        }
        $drawing->line(Layer::Text, self::points([[$at, $from], [$at, $to]]));
        foreach ([[$from, 1.0], [$to, -1.0]] as [$tip, $sign]) {
            $length = $sign * min(self::ARROW, ($to - $from) / 2.5);
            $drawing->line(Layer::Text, self::points([[$at + 0.6, $tip + $length], [$at, $tip], [$at - 0.6, $tip + $length]]), true);
        }
        if ($isLow) {
            $drawing->text(self::point($at + 2.5, ($from + $to) / 2.0), self::LETTERS / 1000.0, $words, false);
        } else {
            $drawing->text(self::point($at - 3.0, ($from + $to) / 2.0), self::LETTERS / 1000.0, $words, true, true);
        }
    }

    private static function title(CutDrawing $drawing, float $width, Heading $heading, float $scale, int $number, int $of): void
    {
        $top = self::EDGE + self::TITLE;
        $left = $width - self::EDGE - 120.0;
        $drawing->line(Layer::Text, self::points([[$left, self::EDGE], [$left, $top], [$width - self::EDGE, $top]]));
        $drawing->line(Layer::Text, self::points([[$left, self::EDGE + 6.0], [$width - self::EDGE, self::EDGE + 6.0]]));
        $drawing->line(Layer::Text, self::points([[$left, self::EDGE + 12.0], [$width - self::EDGE, self::EDGE + 12.0]]));
        foreach ([
            [$left + 2.0, 15.0, $heading->project],
            [$left + 2.0, 9.0, $heading->isMeasured ? 'Sizes measured' : 'Check sizes before you cut'],
            [$left + 2.0, 3.0, $heading->date],
            [$left + 66.0, 9.0, sprintf('Scale 1 : %g', $scale)],
            [$left + 66.0, 3.0, "Page {$number} of {$of}"],
            [self::EDGE + 3.0, 3.0, 'Inches to the sixteenth (millimetres). Middles of holes from the lower left.'],
            [self::EDGE + 3.0, 9.0, 'As drawn, the outside faces you.'],
        ] as [$x, $y, $words]) {
            $drawing->text(self::point($x, self::EDGE + $y), self::LETTERS / 1000.0, $words, false);
        }
    }

    private static function told(float $metres): string
    {
        return sprintf('%s in (%.0f)', TapeFraction::nearest($metres)->text(), 1000.0 * $metres);
    }

    private static function point(float $x, float $y): PlanePoint
    {
        return new PlanePoint($x / 1000.0, $y / 1000.0);
    }

    /**
     * @param  list<array{float, float}>  $points  mm
     * @return list<PlanePoint>
     */
    private static function points(array $points): array
    {
        return array_map(fn (array $at): PlanePoint => self::point(...$at), $points);
    }
}
