<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Airflow\LeakFlow;
use Jornel\Core\Airflow\Restriction;
use Jornel\Core\Part\ShaftPosition;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Room\Room;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\LeakKind;
use Jornel\Core\Shape\Measurements;

/** The rules that a build is held against, each said with its figures and what would mend it. */
final class Verdict
{
    /** Bypass beyond this share is worth a word (assumed). */
    private const MUCH_BYPASS = 0.10;

    /** @return list<Finding> */
    public static function findings(UnitLedger $unit): array
    {
        $line = $unit->line();

        return array_values(array_filter([
            self::cleanAir($unit),
            self::wayOut($unit->design, $unit->assembly),
            self::noise($unit->room, $unit->speeds, $line),
            self::grade($unit->design, $unit->room),
            self::velocity($line),
            self::restriction($line),
            self::bypass($line),
            self::shaft($unit->design),
            self::cord($unit),
            self::stand($unit->measurements),
        ]));
    }

    private static function cleanAir(UnitLedger $unit): Finding
    {
        $line = $unit->line();
        $name = $unit->goal->name();
        [$asks, $judged] = [$line->asks(), $line->judged()];
        if ($asks <= 0.0) {
            return Finding::kept('clean air', Sentence::of('%s: the building alone is enough. The units add %s.', $name, [Display::Flow, $judged]));
        }
        if (is_infinite($asks)) {
            return Finding::broken(
                'clean air',
                Sentence::of('%s: no number of these units is enough, because the filter does not catch this pollutant.', $name),
                Sentence::of('Take a finer filter.'),
            );
        }
        $text = $line->reachesGoal()
            ? Sentence::of('%s: %s, %s more than it needs (%s).', $name, [Display::Flow, $judged], [Display::Flow, $judged - $asks], [Display::Share, $judged / $asks - 1.0])
            : Sentence::of('%s: %s, %s less than it needs (%s).', $name, [Display::Flow, $judged], [Display::Flow, $asks - $judged], [Display::Share, 1.0 - $judged / $asks]);

        return match (true) {
            $unit->likelihood->isEnough && $unit->likelihood->isSure => Finding::kept('clean air', $text),
            $unit->likelihood->isEnough => Finding::warning('clean air', $text, self::surely($unit)),
            default => Finding::broken('clean air', $text, self::more($unit)),
        };
    }

    /** What would make it sure that the goal is reached. */
    private static function surely(UnitLedger $unit): ?Sentence
    {
        $sure = $unit->neededSurely();

        return $sure === null ? null : Sentence::of(
            $sure - $unit->units === 1 ? 'One unit more would make it sure (%s, a chance of %s).' : '%s units would make it sure (a chance of %s).',
            ...($sure - $unit->units === 1 ? ["{$sure} in all"] : [$sure]), ...[[Display::Chance, $unit->chanceOf($sure)]],
        );
    }

    /** What would reach the goal by the figures as told. */
    private static function more(UnitLedger $unit): Sentence
    {
        $faster = array_values(array_filter($unit->speeds, fn (SpeedLine $other): bool => $other->reachesGoal()));
        $more = $unit->needed - $unit->units;

        return match (true) {
            $faster !== [] && $more > 0 => Sentence::of('Speed %s would reach it, at %s; or %s units at this speed.', $faster[0]->performance->speed->name, [Display::Level, $faster[0]->level], $unit->needed),
            $more === 1 => Sentence::of('One unit more would reach it (%s in all).', $unit->needed),
            default => Sentence::of('It takes %s units at this speed.', max($unit->needed, $unit->units + 1)),
        };
    }

    /** Air that is blown in must leave again. */
    private static function wayOut(Design $design, Assembly $assembly): ?Finding
    {
        return ! $assembly->isIntake || $design->option('way-out') !== 'none' ? null : Finding::warning(
            'way out',
            Sentence::of('Air blown in must be able to leave on the far side of the room. Without a way out little comes in, and how much is not known.'),
            Sentence::of('Open a window, a door or a vent there, and choose it with the shape.'),
        );
    }

    private static function shaft(Design $design): ?Finding
    {
        $position = $design->shape->shaft($design);

        return $design->fan->handling->allows($position) ? null : Finding::warning(
            'shaft',
            $position === ShaftPosition::Vertical
                ? Sentence::of('This fan must not lie flat: its bearings are made for a horizontal shaft.')
                : Sentence::of('This fan must not stand on edge: its bearings are not made for a horizontal shaft.'),
            Sentence::of('Take a fan that may run so, or a shape in which it does not have to.'),
        );
    }

    /** The cord against the nearest outlet on the plan. */
    private static function cord(UnitLedger $unit): ?Finding
    {
        $cable = $unit->design->fan->handling->cable;
        $away = $unit->design->fan->volts === null ? $unit->room->plan->farthestFromOutlet($unit->units) : null;

        return $cable === null || $away === null || $away <= $cable ? null : Finding::warning(
            'cord',
            Sentence::of('The nearest outlet is %s away; the cord is %s long.', [Display::RoomLength, $away], [Display::RoomLength, $cable]),
            Sentence::of('Place it nearer to an outlet. Never run an extension cord under a rug.'),
        );
    }

    /** @param  non-empty-list<SpeedLine>  $speeds */
    private static function noise(Room $room, array $speeds, SpeedLine $line): ?Finding
    {
        if ($room->noiseLimit === null) {
            return null;
        }
        if ($line->keepsQuiet) {
            return Finding::kept('noise', Sentence::of('Meets the noise limit: %s against %s.', [Display::Level, $line->level], [Display::Level, $room->noiseLimit]));
        }
        $quiet = array_values(array_filter($speeds, fn (SpeedLine $other): bool => $other->keepsQuiet));

        return Finding::broken(
            'noise',
            Sentence::of('Louder than the room allows by %s dB: %s against %s.', (int) round($line->level - $room->noiseLimit), [Display::Level, $line->level], [Display::Level, $room->noiseLimit]),
            $quiet === []
                ? Sentence::of('No speed of this fan is quiet enough; take a quieter fan and more units of it.')
                : Sentence::of('Speed %s meets it, at %s.', $quiet[count($quiet) - 1]->performance->speed->name, [Display::Level, $quiet[count($quiet) - 1]->level]),
        );
    }

    private static function grade(Design $design, Room $room): ?Finding
    {
        $least = $room->pollutant->leastGrade;
        $number = $design->filter->grade->number;
        if ($least === null || $design->filter->grade->hepa || ($number !== null && $number >= $least)) {
            return null;
        }

        return Finding::warning(
            'grade',
            Sentence::of('%s is below grade %s: most of %s passes through it.', $design->filter->grade->name, $least, $room->pollutant->within),
            Sentence::of('Take grade %s or better.', $least),
        );
    }

    private static function velocity(SpeedLine $line): ?Finding
    {
        $face = $line->performance->hardestFace();
        if ($face->isWithinRating()) {
            return null;
        }

        return Finding::warning(
            'face velocity',
            Sentence::of('Air meets the filter at %s, above its rating of %s: dust is driven through.', [Display::Velocity, $face->hardestVelocity], [Display::Velocity, $face->ratedVelocity]),
            Sentence::of('Run it slower, or give it %s faces.', $line->performance->facesWithinRating()),
        );
    }

    private static function restriction(SpeedLine $line): ?Finding
    {
        $restriction = $line->performance->restriction();
        if ($restriction === Restriction::Free || $restriction === Restriction::Fair) {
            return null;
        }

        return Finding::warning(
            'restriction',
            Sentence::of('The fan is %s: only %s of its free flow goes through the filters.', $restriction->value, [Display::Share, $line->performance->freeShare()]),
            Sentence::of('More filter area, deeper or more densely pleated filters, or fewer leaks.'),
        );
    }

    private static function bypass(SpeedLine $line): ?Finding
    {
        $balance = $line->performance->balance;
        $share = $balance->bypassShare() ?? 0.0;
        if ($share < self::MUCH_BYPASS) {
            return null;
        }
        $leaks = $line->performance->leaks;
        usort($leaks, fn (LeakFlow $one, LeakFlow $other): int => $other->flow <=> $one->flow);
        $worst = $leaks[0];
        $what = match ($worst->leak->kind) {
            LeakKind::UncoveredRing => 'Most of it: the ring of the filter that the fan does not cover, %s. Only a collar closes it.',
            LeakKind::CornerWindows => 'Most of it: windows at the fan’s corners, %s. Tape the front corners or add a shroud.',
            LeakKind::Recirculation => 'Most of it: back through the fan’s corners, %s. A shroud cut to the blade circle closes them.',
            LeakKind::Seam => 'Most of it: the seams, %s. A tighter joining closes them.',
            LeakKind::Other => 'Most of it: other openings, %s. Close them.',
        };

        return Finding::warning(
            'bypass',
            Sentence::of('%s of the air passes no filter (%s).', [Display::Share, $share], [Display::Flow, $balance->leakFlow]),
            Sentence::of($what, [Display::Flow, $worst->flow]),
        );
    }

    private static function stand(Measurements $measurements): ?Finding
    {
        $degrees = (int) round($measurements->tipping ?? 0.0);

        return $measurements->tipsOver() ? Finding::warning(
            'stand',
            $degrees < 1 ? Sentence::of('Tips over as it stands: its weight hangs out over its foot.') : Sentence::of('Tips over when it leans %s degrees.', $degrees),
            Sentence::of('Give it a wider foot, or tie it to something that stands.'),
        ) : null;
    }
}
