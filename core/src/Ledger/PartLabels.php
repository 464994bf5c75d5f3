<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Airflow\LeakFlow;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\Hole;
use Jornel\Core\Shape\Panel;

/** The numbers that stand on the parts of a unit's drawing, at the speed that is judged. */
final class PartLabels
{
    /** @return array<string, array{name: string, lines: non-empty-list<Sentence>}> by part */
    public static function of(UnitLedger $unit): array
    {
        $performance = $unit->line()->performance;
        $balance = $performance->balance;
        $filter = $unit->design->filter;
        $labels = [
            'fan' => ['name' => self::fan($unit->design).', speed '.$performance->speed->name, 'lines' => [
                Sentence::of('moves %s', [Display::Flow, $balance->fanFlow]),
                Sentence::of('%s at 1 m', [Display::Level, $performance->level]),
            ]],
            'box' => ['name' => 'Inside the box', 'lines' => [Sentence::of($unit->design->direction() === Direction::Pull ? '%s below room' : '%s above room', [Display::Pressure, $balance->pressure])]],
        ];
        foreach ($performance->faces as $face) {
            $labels[$face->id] = ['name' => $filter->grade->name, 'lines' => [
                Sentence::of('%s through it', [Display::Flow, $face->flow]),
                Sentence::of('%s at the face', [Display::Velocity, $face->velocity]),
                Sentence::of('%s of finest caught', [Display::Share, $face->efficiency->e1]),
            ]];
        }
        $flow = fn (bool $seams): float => array_sum(array_map(fn (LeakFlow $leak): float => $leak->leak->isSeam() === $seams ? $leak->flow : 0.0, $performance->leaks));
        $labels['seam'] = ['name' => $unit->design->joining->name, 'lines' => [
            Sentence::of('%s bypass at the seams', [Display::Flow, $flow(true)]),
            Sentence::of('gaps of %s in all', [Display::SmallArea, $unit->assembly->seamLength() * $unit->design->joining->residualGap]),
        ]];
        $labels['corners'] = ['name' => 'At the corners', 'lines' => [
            Sentence::of('%s bypass', [Display::Flow, $flow(false)]),
        ]];
        foreach ($unit->assembly->panels as $panel) {
            $labels[$panel->id] ??= ['name' => $panel->name, 'lines' => [
                Sentence::of($panel->isRectangle() ? '%s × %s' : 'inside %s × %s', [Display::PartLength, $panel->width], [Display::PartLength, $panel->height]),
                ...self::holes($panel),
            ]];
        }

        $scene = $unit->design->scene();
        foreach ($scene->anchors as $anchor) {
            $labels[$anchor->part] ??= self::solid($scene->part($anchor->part));
        }

        return $labels;
    }

    /**
     * The holes of a panel that are alike with its first; those for screws are on the cut list.
     *
     * @return list<Sentence>
     */
    private static function holes(Panel $panel): array
    {
        $first = $panel->holes[0] ?? null;
        if ($first === null) {
            return [];
        }
        $alike = count(array_filter($panel->holes, fn (Hole $hole): bool => $hole->width === $first->width));
        $size = [[Display::PartLength, $first->width], [Display::PartLength, $first->height]];

        return [match (true) {
            ! $first->isRound => Sentence::of('opening %s × %s', ...$size),
            $alike > 1 => Sentence::of('%s holes %s', $alike, $size[0]),
            default => Sentence::of('hole %s', $size[0]),
        }];
    }

    /**
     * What is neither cut nor bought by its size: how far it reaches.
     *
     * @return array{name: string, lines: non-empty-list<Sentence>}
     */
    private static function solid(Scene $part): array
    {
        [$low, $high] = $part->reach();

        return ['name' => $part->solids === [] ? '' : $part->solids[0]->label(), 'lines' => [Sentence::of(
            '%s × %s, %s high',
            [Display::PartLength, $high->x - $low->x], [Display::PartLength, $high->y - $low->y], [Display::PartLength, $high->z - $low->z],
        )]];
    }

    private static function fan(Design $design): string
    {
        $count = $design->shape->fanCount($design);

        return $count === 1 ? 'Fan' : "{$count} fans";
    }
}
