<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Airflow\LeakFlow;
use Jornel\Core\Airflow\Restriction;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Texts;
use Jornel\Core\Room\Room;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;
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
            self::cord($unit),
            self::stand($unit->measurements),
            ...AsBuilt::findings($unit->design, $unit->assembly, $line->performance),
        ]));
    }

    private static function cleanAir(UnitLedger $unit): Finding
    {
        $line = $unit->line();
        $name = $unit->goal->name();
        [$asks, $judged] = [$line->asks(), $line->judged()];
        if ($asks <= 0.0) {
            return Finding::kept('clean air', self::say('clean-air.building-is-enough', goal: $name, flow: [Display::Flow, $judged]));
        }
        if (is_infinite($asks)) {
            return Finding::broken('clean air', self::say('clean-air.never', goal: $name), self::say('clean-air.never.mend'));
        }
        $text = self::say(
            $line->reachesGoal() ? 'clean-air.more' : 'clean-air.less',
            goal: $name, flow: [Display::Flow, $judged], difference: [Display::Flow, abs($judged - $asks)], share: [Display::Share, abs($judged / $asks - 1.0)],
        );

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

        return $sure === null ? null : self::say(
            $sure - $unit->units === 1 ? 'clean-air.sure.one' : 'clean-air.sure.many', units: $sure, chance: [Display::Chance, $unit->chanceOf($sure)],
        );
    }

    /** What would reach the goal by the figures as told. */
    private static function more(UnitLedger $unit): Sentence
    {
        $faster = array_values(array_filter($unit->speeds, fn (SpeedLine $other): bool => $other->reachesGoal()));
        $more = $unit->needed - $unit->units;

        return match (true) {
            $faster !== [] && $more > 0 => self::say('clean-air.faster', speed: $faster[0]->performance->speed->name, level: [Display::Level, $faster[0]->level], units: $unit->needed),
            $more === 1 => self::say('clean-air.one-more', units: $unit->needed),
            default => self::say('clean-air.units', units: max($unit->needed, $unit->units + 1)),
        };
    }

    /** Air that is blown in must leave again. */
    private static function wayOut(Design $design, Assembly $assembly): ?Finding
    {
        return ! $assembly->isIntake || $design->option('way-out') !== 'none' ? null : Finding::warning('way out', self::say('way-out'), self::say('way-out.mend'));
    }

    /** The cord against the nearest outlet on the plan. */
    private static function cord(UnitLedger $unit): ?Finding
    {
        $cable = $unit->design->fan->handling->cable;
        $away = $unit->design->fan->volts === null ? $unit->room->plan->farthestFromOutlet($unit->units) : null;

        return $cable === null || $away === null || $away <= $cable ? null : Finding::warning(
            'cord', self::say('cord', away: [Display::RoomLength, $away], cord: [Display::RoomLength, $cable]), self::say('cord.mend'),
        );
    }

    /** @param  non-empty-list<SpeedLine>  $speeds */
    private static function noise(Room $room, array $speeds, SpeedLine $line): ?Finding
    {
        if ($room->noiseLimit === null) {
            return null;
        }
        if ($line->keepsQuiet) {
            return Finding::kept('noise', self::say('noise.kept', level: [Display::Level, $line->level], limit: [Display::Level, $room->noiseLimit]));
        }
        $quiet = array_values(array_filter($speeds, fn (SpeedLine $other): bool => $other->keepsQuiet));

        return Finding::broken(
            'noise',
            self::say('noise', decibels: (int) round($line->level - $room->noiseLimit), level: [Display::Level, $line->level], limit: [Display::Level, $room->noiseLimit]),
            $quiet === []
                ? self::say('noise.no-speed')
                : self::say('noise.speed', speed: $quiet[count($quiet) - 1]->performance->speed->name, level: [Display::Level, $quiet[count($quiet) - 1]->level]),
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
            self::say('grade', filter: $design->filter->grade->name, grade: $least, pollutant: $room->pollutant->within),
            self::say('grade.mend', grade: $least),
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
            self::say('face-velocity', velocity: [Display::Velocity, $face->hardestVelocity], rating: [Display::Velocity, $face->ratedVelocity]),
            self::say('face-velocity.mend', faces: $line->performance->facesWithinRating()),
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
            self::say("restriction.{$restriction->value}", share: [Display::Share, $line->performance->freeShare()]),
            self::say('restriction.mend'),
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

        return Finding::warning(
            'bypass',
            self::say('bypass', share: [Display::Share, $share], flow: [Display::Flow, $balance->leakFlow]),
            self::say("bypass.{$worst->leak->kind->value}", flow: [Display::Flow, $worst->flow]),
        );
    }

    private static function stand(Measurements $measurements): ?Finding
    {
        $degrees = (int) round($measurements->tipping ?? 0.0);

        return $measurements->tipsOver() ? Finding::warning(
            'stand',
            $degrees < 1 ? self::say('stand.falls') : self::say('stand', degrees: $degrees),
            self::say('stand.mend'),
        ) : null;
    }

    /** @param  array{Display, float}|string|int  ...$gaps */
    private static function say(string $key, array|string|int ...$gaps): Sentence
    {
        return Texts::of('verdict')->say($key, ...$gaps);
    }
}
