<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Airflow\LeakFlow;
use Jornel\Core\Airflow\Restriction;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Room\Room;
use Jornel\Core\Room\Target\Target;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\LeakKind;
use Jornel\Core\Shape\Measurements;

/** The rules that a build is held against, each said with its figures and what would mend it. */
final class Verdict
{
    /** Bypass beyond this share is worth a word (assumed). */
    private const MUCH_BYPASS = 0.10;

    /**
     * @param  non-empty-list<SpeedLine>  $speeds
     * @param  int  $needed  units that would reach the goal at the line's speed
     * @return list<Finding>
     */
    public static function findings(Design $design, Room $room, Target $goal, int $units, array $speeds, SpeedLine $line, int $needed, Measurements $measurements): array
    {
        return array_values(array_filter([
            self::cleanAir($goal, $units, $speeds, $line, $needed),
            self::noise($room, $speeds, $line),
            self::grade($design, $room),
            self::velocity($line),
            self::restriction($line),
            self::bypass($line),
            self::stand($measurements),
        ]));
    }

    /** @param  non-empty-list<SpeedLine>  $speeds */
    private static function cleanAir(Target $goal, int $units, array $speeds, SpeedLine $line, int $needed): Finding
    {
        $name = lcfirst($goal->name());
        [$asks, $judged] = [$line->asks(), $line->judged()];
        if ($asks <= 0.0) {
            return Finding::kept('clean air', Sentence::of('The room keeps to this by itself: %s. What a unit gives comes on top: %s.', $name, [Display::Flow, $judged]));
        }
        if ($line->reachesGoal()) {
            return Finding::kept('clean air', Sentence::of(
                'Reaches %s with %s to spare (%s).',
                $name, [Display::Flow, $judged - $asks], [Display::Share, $judged / $asks - 1.0],
            ));
        }
        if (is_infinite($asks)) {
            return Finding::broken(
                'clean air',
                Sentence::of('No number of these units reaches %s: the filter lets through what it is about.', $name),
                Sentence::of('Take a finer filter.'),
            );
        }
        $short = Sentence::of(
            'Falls short of %s by %s (%s).',
            $name, [Display::Flow, $asks - $judged], [Display::Share, 1.0 - $judged / $asks],
        );
        $faster = array_values(array_filter($speeds, fn (SpeedLine $other): bool => $other->reachesGoal()));
        $mend = $faster === []
            ? Sentence::of($needed - $units === 1 ? 'One unit more would reach it (%s in all).' : 'It takes %s units at this speed.', $needed)
            : Sentence::of('Speed %s would reach it, at %s; or %s units at this speed.', $faster[0]->performance->speed->name, [Display::Level, $faster[0]->level], $needed);

        return Finding::broken('clean air', $short, $mend);
    }

    /** @param  non-empty-list<SpeedLine>  $speeds */
    private static function noise(Room $room, array $speeds, SpeedLine $line): ?Finding
    {
        if ($room->noiseLimit === null) {
            return null;
        }
        if ($line->keepsQuiet) {
            return Finding::kept('noise', Sentence::of('Keeps to the noise limit: %s against %s.', [Display::Level, $line->level], [Display::Level, $room->noiseLimit]));
        }
        $quiet = array_values(array_filter($speeds, fn (SpeedLine $other): bool => $other->keepsQuiet));

        return Finding::broken(
            'noise',
            Sentence::of('Louder than the room allows by %s dB: %s against %s.', (int) round($line->level - $room->noiseLimit), [Display::Level, $line->level], [Display::Level, $room->noiseLimit]),
            $quiet === []
                ? Sentence::of('No speed of this fan is quiet enough; take a quieter fan and more units of it.')
                : Sentence::of('Speed %s keeps to it, at %s.', $quiet[count($quiet) - 1]->performance->speed->name, [Display::Level, $quiet[count($quiet) - 1]->level]),
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
            Sentence::of('%s is below grade %s: it lets most of what matters in %s through.', $design->filter->grade->name, $least, lcfirst($room->pollutant->name)),
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
