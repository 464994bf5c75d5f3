<?php

namespace App\Evidence;

use App\Models\Survey;
use App\Models\SurveyKind;
use Jornel\Core\Proof\Tissue\Finding;
use Jornel\Core\Proof\Tissue\TissuePoint;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Entry;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;

/** Reads what was entered of a survey: a place that it has, and a value that can be there. */
final readonly class ReadingEntry
{
    /** Speeds of air, m/s; levels, dBA; watts; distances of a puff, m. */
    private const SPEED = 40.0;

    private const LEVEL = [10.0, 130.0];

    private const WATTS = [0.1, 5000.0];

    private const PUFF = [0.01, 10.0];

    public function __construct(private Survey $survey, private ProvedUnit $unit, private System $system)
    {
    }

    /**
     * @param  string  $path  of the reading in the request
     * @return float|null SI; null for what is no quantity
     *
     * @throws \Jornel\Core\Fault\Invalid
     */
    public function value(string $place, string $entered, string $path): ?float
    {
        return match ($this->survey->kind) {
            SurveyKind::Tissue => $this->finding($place, $entered, $path),
            SurveyKind::Traverse => $this->speed($place, $entered, $path),
            SurveyKind::Level => $this->level($place, $entered, $path),
            SurveyKind::Power => in_array($place, $this->unit->speeds(), true)
                ? (new Entry("{$path}.entered", 'Power at the plug', UnitOfMeasure::Watt, Display::Power, ...[...self::WATTS, $this->system]))->read($entered)
                : throw InvalidSurvey::of("{$path}.place", 'The unit has no such speed.', $this->unit->speeds()),
            SurveyKind::Reach => Finding::tryFrom($entered) === null ? throw InvalidSurvey::of("{$path}.entered", 'Choose one of: in, still, out.') : $this->distance($place, $path),
            SurveyKind::Ribbon => Finding::tryFrom($entered) === null ? throw InvalidSurvey::of("{$path}.entered", 'Choose one of: in, still, out.') : null,
            SurveyKind::Decay, SurveyKind::Vapour => null,
        };
    }

    private function finding(string $place, string $entered, string $path): null
    {
        $points = array_map(fn (TissuePoint $point): string => $point->id, $this->unit->points());
        if (! in_array($place, $points, true)) {
            throw InvalidSurvey::of("{$path}.place", 'This unit has no such point.');
        }
        if (Finding::tryFrom($entered) === null) {
            throw InvalidSurvey::of("{$path}.entered", 'Choose one of: in, still, out.');
        }

        return null;
    }

    /** @return float m/s; air that flows backwards is negative */
    private function speed(string $place, string $entered, string $path): float
    {
        [, , $across, $up] = TraverseRound::setting($this->survey->setting, $this->unit->unit->version->measure());
        if (preg_match('/^(\d{1,2})-(\d{1,2})$/D', $place, $at) !== 1 || (int) $at[1] >= $up || (int) $at[2] >= $across) {
            throw InvalidSurvey::of("{$path}.place", 'The grid has no such point.');
        }
        $isBackwards = preg_match('/^[-−–]/u', $entered) === 1;
        $value = (new Entry("{$path}.entered", 'An air speed', $this->system === System::Imperial ? UnitOfMeasure::FootPerMinute : UnitOfMeasure::MetrePerSecond, Display::Velocity, 0.0, self::SPEED, $this->system))
            ->read((string) preg_replace('/^[-−–]\s*/u', '', $entered));

        return $isBackwards ? -$value : $value;
    }

    /** @return float dBA */
    private function level(string $place, string $entered, string $path): float
    {
        $told = LevelRound::place($place) ?? throw InvalidSurvey::of("{$path}.place", 'A level is read with the unit on or off: on-1, off-1, on-2@1.20,0.85.');
        if ($told['at'] !== null && ! $this->unit->ledger->room->plan->outline->contains($told['at'])) {
            throw InvalidSurvey::of("{$path}.place", 'This place is not within the walls of the room.');
        }

        return (new Entry("{$path}.entered", 'A level', UnitOfMeasure::DecibelA, Display::Level, ...[...self::LEVEL, $this->system]))->read($entered);
    }

    private function distance(string $place, string $path): float
    {
        return (new Entry("{$path}.place", 'The distance from the face', $this->system === System::Imperial ? UnitOfMeasure::Inch : UnitOfMeasure::Centimetre, Display::RoomLength, ...[...self::PUFF, $this->system]))->read($place);
    }
}
