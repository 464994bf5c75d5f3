<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Airflow\LeakFlow;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Texts;
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
            'fan' => ['name' => self::fan($unit->design, $performance->speed->name), 'lines' => [
                self::say('fan.moves', flow: [Display::Flow, $balance->fanFlow]),
                self::say('fan.level', level: [Display::Level, $performance->level]),
            ]],
            'box' => ['name' => self::texts()->text('box'), 'lines' => [self::say($unit->design->direction() === Direction::Pull ? 'box.below' : 'box.above', pressure: [Display::Pressure, $balance->pressure])]],
        ];
        foreach ($performance->faces as $face) {
            $labels[$face->id] = ['name' => $filter->grade->name, 'lines' => [
                self::say('face.flow', flow: [Display::Flow, $face->flow]),
                self::say('face.velocity', velocity: [Display::Velocity, $face->velocity]),
                self::say('face.caught', share: [Display::Share, $face->efficiency->e1]),
            ]];
        }
        $flow = fn (bool $seams): float => array_sum(array_map(fn (LeakFlow $leak): float => $leak->leak->isSeam() === $seams ? $leak->flow : 0.0, $performance->leaks));
        $labels['seam'] = ['name' => $unit->design->joining->name, 'lines' => [
            self::say('seam.bypass', flow: [Display::Flow, $flow(true)]),
            self::say('seam.gaps', area: [Display::SmallArea, $unit->assembly->seamLength() * $unit->design->joining->residualGap]),
        ]];
        $labels['corners'] = ['name' => self::texts()->text('corners'), 'lines' => [
            self::say('corners.bypass', flow: [Display::Flow, $flow(false)]),
        ]];
        foreach ($unit->assembly->panels as $panel) {
            $labels[$panel->id] ??= ['name' => $panel->name, 'lines' => [
                self::say($panel->isRectangle() ? 'panel.size' : 'panel.inside', width: [Display::PartLength, $panel->width], height: [Display::PartLength, $panel->height]),
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
        $key = match (true) {
            ! $first->isRound => 'panel.opening',
            $alike > 1 => 'panel.holes',
            default => 'panel.hole',
        };

        return [self::say($key, count: $alike, width: [Display::PartLength, $first->width], height: [Display::PartLength, $first->height])];
    }

    /**
     * What is neither cut nor bought by its size: how far it reaches.
     *
     * @return array{name: string, lines: non-empty-list<Sentence>}
     */
    private static function solid(Scene $part): array
    {
        [$low, $high] = $part->reach();

        return ['name' => $part->solids === [] ? '' : $part->solids[0]->label(), 'lines' => [self::say(
            'solid.reach',
            width: [Display::PartLength, $high->x - $low->x], depth: [Display::PartLength, $high->y - $low->y], height: [Display::PartLength, $high->z - $low->z],
        )]];
    }

    private static function fan(Design $design, string $speed): string
    {
        $count = $design->shape->fanCount($design);

        return self::texts()->tell($count === 1 ? 'fan' : 'fans', count: $count, speed: $speed);
    }

    private static function texts(): Texts
    {
        return Texts::of('part-labels');
    }

    /** @param  array{Display, float}|string|int  ...$gaps */
    private static function say(string $key, array|string|int ...$gaps): Sentence
    {
        return self::texts()->say($key, ...$gaps);
    }
}
