<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Cut\CutList;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Panel;
use Jornel\Core\Shape\Sheet;

/** Cutting parts from sheets: one step for each kind of sheet. */
final class CutSteps
{
    /** Side below which a part is small, m. */
    private const SMALL = 0.15;

    /**
     * @param  string  ...$besides  ids of panels that have a step of their own
     * @return list<Step>
     */
    public static function of(Design $design, string ...$besides): array
    {
        $assembly = $design->assemble();
        $sheets = [];
        foreach ($assembly->panels as $panel) {
            if ($panel->sheet !== Panel::FAN_CARTON && ! isset($assembly->hardware[$panel->sheet]) && ! in_array($panel->id, $besides, true)) {
                $sheets[$panel->sheet][] = $panel;
            }
        }
        if (CutList::hasCornerPieces($design, $design->assemble())) {
            $sheets[Panel::CARTON] ??= [];
        }
        $steps = [];
        foreach ($sheets as $sheet => $panels) {
            $steps[] = self::cut($design, (string) $sheet, $panels);
        }

        return $steps;
    }

    /** @param  list<Panel>  $panels  of one sheet */
    private static function cut(Design $design, string $sheet, array $panels): Step
    {
        $isSawn = str_starts_with($sheet, 'plywood') || str_starts_with($sheet, 'rod');
        $ids = [];
        $minutes = 4.0;
        foreach ($panels as $panel) {
            $isSmall = max($panel->width, $panel->height) < self::SMALL;
            $first = ! isset($ids[$panel->id]);
            $ids[$panel->id] = true;
            // The stop is set once for parts that are alike.
            $minutes += $isSmall ? 1.0 : ($isSawn ? ($first ? 6.0 : 2.0) : ($first ? 3.0 : 2.0));
        }
        if ($sheet === Panel::CARTON && CutList::hasCornerPieces($design, $design->assemble())) {
            $ids['corner'] = true;
            $minutes += 2.0;
        }
        $isFilm = str_starts_with($sheet, 'film');

        return new Step(
            "cut-{$sheet}",
            self::action($sheet),
            $isSawn ? 'Cut in one go, parts that are alike come out alike.' : 'Cut first, the filters then go together in one go.',
            $minutes,
            ['Each part measured after cutting and labelled'],
            uses: [...array_map(fn (string|int $id): PartUse => PartUse::cut((string) $id), array_keys($ids)), PartUse::material($sheet)],
            tools: $isFilm ? ['scissors', 'tape measure'] : ['tape measure', 'straightedge', $isSawn ? 'saw' : 'knife', 'marker'],
            skill: $isSawn ? 'sawing' : 'cutting',
            isCutting: true,
        );
    }

    private static function action(string $sheet): string
    {
        return match (true) {
            str_starts_with($sheet, 'rod') => 'Saw the rod to its length. Write its label on it.',
            str_starts_with($sheet, 'film') => 'Cut the film to its size, its hole a little smaller than the sheets together.',
            default => sprintf('%s Write its label on each.', self::sheetOf($sheet)->cutting()),
        };
    }

    private static function sheetOf(string $sheet): Sheet
    {
        foreach (Sheet::cases() as $one) {
            if ($one->material() === $sheet) {
                return $one;
            }
        }

        return str_starts_with($sheet, 'plywood') ? Sheet::Plywood : Sheet::Carton;
    }
}
