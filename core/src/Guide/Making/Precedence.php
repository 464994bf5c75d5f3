<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use LogicException;

/**
 * Which step comes before which: by the rules of the craft, by what a step says it waits for, and by the parts that are cut
 * before they are used. Of steps that may come next, the one named first does.
 *
 * Source: A. B. Kahn, "Topological sorting of large networks", Communications of the ACM 5 (1962), for the order; the rules
 * themselves are common practice, no source.
 */
final class Precedence
{
    /** What comes before what, wherever a unit has both. */
    private const RULES = [
        [Milestone::FanMarked, Milestone::GrilleOff],
        [Milestone::FanMarked, Milestone::Fitted],
        [Milestone::FanMarked, Milestone::FanSet],
        [Milestone::Unplugged, Milestone::GrilleOff],
        [Milestone::SpeedSet, Milestone::FanSet],
        [Milestone::StandOff, Milestone::Fitted],
        [Milestone::StandOff, Milestone::FanSet],
        [Milestone::Unplugged, Milestone::CornersClosed],
        [Milestone::Unplugged, Milestone::FanSet],
        [Milestone::ArrowsChecked, Milestone::Standing],
        [Milestone::Paired, Milestone::FirstCorner],
        [Milestone::Paired, Milestone::Standing],
        [Milestone::ArrowsChecked, Milestone::Stiffened],
        [Milestone::ArrowsChecked, Milestone::Sealed],
        [Milestone::Standing, Milestone::Square],
        [Milestone::Square, Milestone::Fitted],
        [Milestone::Square, Milestone::Sealed],
        [Milestone::Square, Milestone::Closed],
        [Milestone::Fitted, Milestone::Sealed],
        [Milestone::BoardFits, Milestone::Sealed],
        [Milestone::Fitted, Milestone::Closed],
        [Milestone::Stiffened, Milestone::Sealed],
        [Milestone::Guarded, Milestone::FanSet],
        [Milestone::CornersClosed, Milestone::FanSet],
        [Milestone::BladesFree, Milestone::FirstRun],
        [Milestone::FirstRun, Milestone::TissueTested],
        [Milestone::TissueTested, Milestone::Patched],
        [Milestone::Patched, Milestone::Labelled],
    ];

    /** Milestones that come after the first run. Every step that leads to none of them is done before the blades are looked at. */
    private const AFTER_RUNNING = [Milestone::BladesFree, Milestone::FirstRun, Milestone::Blowing, Milestone::TissueTested, Milestone::Patched, Milestone::Labelled];

    /**
     * Steps in order.
     *
     * @param  non-empty-list<Step>  $steps  in any order
     * @return non-empty-list<Step>
     *
     * @throws LogicException where steps wait for each other
     */
    public static function order(array $steps): array
    {
        $waits = self::waits($steps);
        $order = [];
        while ($waits !== []) {
            $next = null;
            foreach ($waits as $number => $for) {
                if ($for === []) {
                    $next = $number;
                    break;
                }
            }
            if ($next === null) {
                throw new LogicException('Steps wait for each other: '.implode(', ', array_map(fn (int $number): string => $steps[$number]->id, array_keys($waits))).'.');
            }
            unset($waits[$next]);
            foreach ($waits as $number => $for) {
                unset($waits[$number][$next]);
            }
            $order[] = $steps[$next];
        }

        return $order === [] ? $steps : $order;
    }

    /**
     * The steps that each waits for directly: those that it waits for by way of another are left out.
     *
     * @param  non-empty-list<Step>  $steps
     * @return list<list<int>> numbers of steps, by number
     */
    public static function direct(array $steps): array
    {
        $waits = self::waits($steps);
        $before = [];
        $all = function (int $number) use (&$all, &$before, $waits): array {
            if (! isset($before[$number])) {
                $before[$number] = $waits[$number];
                foreach (array_keys($waits[$number]) as $one) {
                    $before[$number] += $all($one);
                }
            }

            return $before[$number];
        };
        $direct = [];
        foreach ($waits as $number => $for) {
            $further = [];
            foreach (array_keys($for) as $one) {
                $further += $all($one);
            }
            $direct[] = array_keys(array_diff_key($for, $further));
        }

        return $direct;
    }

    /**
     * @param  non-empty-list<Step>  $steps
     * @return array<int, array<int, true>> numbers of the steps that a step waits for, by its number
     */
    private static function waits(array $steps): array
    {
        $reached = $cut = [];
        foreach ($steps as $number => $step) {
            foreach ($step->reaches as $milestone) {
                $reached[$milestone->value][] = $number;
            }
            if ($step->isCutting) {
                foreach ($step->uses as $use) {
                    if ($use->kind === UseKind::Cut) {
                        $cut[$use->id] = $number;
                    }
                }
            }
        }
        $waits = array_fill(0, count($steps), []);
        $wait = function (int $number, Milestone $for) use (&$waits, $reached): void {
            foreach ($reached[$for->value] ?? [] as $one) {
                if ($one !== $number) {
                    $waits[$number][$one] = true;
                }
            }
        };
        foreach ($steps as $number => $step) {
            foreach ($step->after as $milestone) {
                $wait($number, $milestone);
            }
            foreach ($step->uses as $use) {
                if ($use->kind === UseKind::Cut && isset($cut[$use->id]) && $cut[$use->id] !== $number) {
                    $waits[$number][$cut[$use->id]] = true;
                }
            }
            foreach (self::RULES as [$first, $then]) {
                if (in_array($then, $step->reaches, true)) {
                    $wait($number, $first);
                }
            }
            if (! in_array(Milestone::KitCounted, $step->reaches, true)) {
                $wait($number, Milestone::KitCounted);
            }
            if (in_array(Milestone::BladesFree, $step->reaches, true)) {
                foreach ($steps as $other => $one) {
                    if (! $one->reachesAnyOf(self::AFTER_RUNNING)) {
                        $waits[$number][$other] = true;
                    }
                }
            }
        }

        return $waits;
    }
}
