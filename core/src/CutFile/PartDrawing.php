<?php

declare(strict_types=1);

namespace Jornel\Core\CutFile;

use Jornel\Core\Cut\CutHole;
use Jornel\Core\Cut\CutPart;
use Jornel\Core\Cut\CutPlan;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Polygon;
use Jornel\Core\Nest\FilledSheet;
use Jornel\Core\Nest\Grain;
use Jornel\Core\Quantity\TapeFraction;

/** A part, or a sheet with all its parts, at full size. */
final class PartDrawing
{
    /** Arm of the cross in the middle of a hole, m. */
    private const CROSS = 0.006;

    /** Letters on the part, m; smaller on small parts. */
    private const LETTERS = 0.008;

    private const FLUTES = 0.03;

    public static function of(CutPart $part, Heading $heading): CutDrawing
    {
        $drawing = new CutDrawing($heading->lines(sprintf('%s %s, %d to cut, %s', $part->label, $part->name, $part->count, self::sides($part))));
        self::onto($drawing, $part, fn (PlanePoint $at): PlanePoint => $at, 0);

        return $drawing;
    }

    /** One sheet as it is laid out. */
    public static function sheet(FilledSheet $sheet, CutPlan $plan, Heading $heading): CutDrawing
    {
        $of = $sheet->sheet;
        $drawing = new CutDrawing($heading->lines(sprintf('Sheet %s %d, %d parts', $of->id, $sheet->number, count($sheet->placed))));
        $drawing->line(Layer::Mark, [new PlanePoint(0.0, 0.0), new PlanePoint($of->width, 0.0), new PlanePoint($of->width, $of->height), new PlanePoint(0.0, $of->height)], true);
        foreach ($of->forbidden as $zone) {
            $drawing->line(Layer::Mark, $zone, true);
        }
        foreach ($sheet->placed as $placement) {
            [$x, $y] = $placement->origin();
            $turn = deg2rad($placement->pose->degrees);
            self::onto($drawing, $plan->partOf($placement), fn (PlanePoint $at): PlanePoint => $at->turned($turn)->plus(new PlanePoint($x, $y)), $placement->pose->degrees);
        }
        if ($of->grain !== Grain::None) {
            self::flutes($drawing, new PlanePoint(0.02, $of->height - 0.02), $of->grain === Grain::Across);
        }

        return $drawing;
    }

    public static function sides(CutPart $part): string
    {
        return sprintf('%s × %s in', TapeFraction::nearest($part->width())->text(), TapeFraction::nearest($part->height())->text());
    }

    /** @param  callable(PlanePoint): PlanePoint  $lie */
    private static function onto(CutDrawing $drawing, CutPart $part, callable $lie, int $degrees): void
    {
        $drawing->line(Layer::Cut, array_map($lie, $part->outline), true);
        foreach ($part->holes as $hole) {
            $moved = $hole->middle === null ? CutHole::polygon(array_map($lie, $hole->corners())) : CutHole::round($lie($hole->middle), $hole->radius);
            $drawing->hole($moved);
            $drawing->cross($moved->centre(), min(self::CROSS, 2.0 * max($hole->radius, 0.002)));
        }
        if (self::isInMiddle($part)) {
            foreach (self::diagonals($part) as $line) {
                $drawing->line(Layer::Mark, array_map($lie, $line));
            }
        }
        foreach ($part->folds as $fold) {
            $drawing->line(Layer::Fold, array_map($lie, $fold));
        }
        $letters = min(self::LETTERS, min($part->width(), $part->height()) / 6.0);
        $drawing->text($lie(self::free($part, $letters)), $letters, $part->label);
        if (! $part->mayTurn) {
            $middle = $lie((new Polygon($part->outline))->centroid());
            self::flutes($drawing, $middle, $degrees % 180 !== 0);
        }
    }

    /** Whether its one large hole has its middle where the diagonals cross. */
    private static function isInMiddle(CutPart $part): bool
    {
        $hole = $part->holes[0] ?? null;
        $low = new PlanePoint(min(array_column($part->outline, 'x')), min(array_column($part->outline, 'y')));

        return $hole?->middle !== null && count($part->outline) === 4 && count($part->holes) === 1
            && $hole->middle->distanceTo($low->plus(new PlanePoint($part->width() / 2.0, $part->height() / 2.0))) < 1e-6;
    }

    /**
     * From each corner to the hole, and across it.
     *
     * @return list<array{PlanePoint, PlanePoint}>
     */
    private static function diagonals(CutPart $part): array
    {
        [$a, $b, $c, $d] = [$part->outline[0], $part->outline[1] ?? $part->outline[0], $part->outline[2] ?? $part->outline[0], $part->outline[3] ?? $part->outline[0]];

        return [[$a, $c], [$b, $d]];
    }

    /** Where a label stands on board: not in a hole. */
    private static function free(CutPart $part, float $letters): PlanePoint
    {
        $polygon = new Polygon($part->outline);
        $low = new PlanePoint(min(array_column($part->outline, 'x')), min(array_column($part->outline, 'y')));
        $best = $polygon->centroid();
        foreach ([[0.5, 0.5], [0.5, 0.25], [0.06, 0.08], [0.5, 0.06], [0.06, 0.5], [0.15, 0.15], [0.5, 0.12], [0.03, 0.05]] as [$x, $y]) {
            $at = $low->plus(new PlanePoint($x * $part->width(), $y * $part->height()));
            $isClear = $polygon->contains($at);
            foreach ($part->holes as $hole) {
                $isClear = $isClear && ! (new Polygon($hole->corners()))->contains($at) && ($hole->middle === null || $hole->middle->distanceTo($at) > $hole->radius + $letters / 2.0);
            }
            if ($isClear) {
                return $at;
            }
        }

        return $best;
    }

    /** An arrow with two heads the way that flutes or grain run. */
    private static function flutes(CutDrawing $drawing, PlanePoint $middle, bool $isUpright): void
    {
        $way = $isUpright ? new PlanePoint(0.0, self::FLUTES / 2.0) : new PlanePoint(self::FLUTES / 2.0, 0.0);
        $side = (new PlanePoint(-$way->y, $way->x))->scaled(0.2);
        [$from, $to] = [$middle->minus($way), $middle->plus($way)];
        $drawing->line(Layer::Mark, [$from, $to]);
        foreach ([[$from, 1.0], [$to, -1.0]] as [$tip, $sign]) {
            $back = $tip->plus($way->scaled(0.35 * $sign));
            $drawing->line(Layer::Mark, [$back->plus($side), $tip, $back->minus($side)]);
        }
    }
}
