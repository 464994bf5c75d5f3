<?php

namespace App\Evidence;

use App\Actions\Evaluate;
use App\Models\Survey;
use App\Models\SurveyKind;
use App\Models\Unit;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Ledger\UnitLedger;
use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Proof\Fit\Evidence;
use Jornel\Core\Proof\Tissue\TissuePoint;
use Jornel\Core\Proof\Tissue\TissuePoints;
use Jornel\Core\Proof\Verdict\UnitProof;
use LogicException;

/** A unit that was made, the surveys of it that hold, and what they say together. */
final class ProvedUnit
{
    /** @var non-empty-list<TissuePoint>|null */
    private ?array $points = null;

    private ?UnitProof $proof = null;

    /**
     * @param  list<Survey>  $surveys  all of them, the first one first
     * @param  UnitLedger  $ledger  of the version that it was made by
     */
    private function __construct(public readonly Unit $unit, public readonly array $surveys, public readonly UnitLedger $ledger, public readonly DataFiles $data, private readonly Evaluate $evaluate)
    {
    }

    public static function of(Unit $unit, Evaluate $evaluate, DataFiles $data): self
    {
        $unit->loadMissing('version.build.room.site.programme.parts');
        $surveys = Survey::query()->with(['readings.person', 'readings.log', 'person']);
        $surveys->where('unit_id', $unit->id)->orderBy('id');

        return new self(
            $unit, array_values($surveys->get()->each(fn (Survey $survey) => $survey->setRelation('unit', $unit))->all()),
            $evaluate->version($unit->version)->unit ?? throw new LogicException('A version holds a unit.'), $data, $evaluate,
        );
    }

    /** @return list<Survey> that no other replaces */
    public function holding(?SurveyKind $kind = null): array
    {
        $replaced = array_map(fn (Survey $survey): ?int => $survey->replaces_id, $this->surveys);

        return array_values(array_filter($this->surveys, fn (Survey $survey): bool => ! in_array($survey->id, $replaced, true) && ($kind === null || $survey->kind === $kind)));
    }

    /** @return non-empty-list<TissuePoint> */
    public function points(): array
    {
        return $this->points ??= TissuePoints::of($this->ledger->design, $this->data->tissue());
    }

    /** @return non-empty-list<string> */
    public function speeds(): array
    {
        return array_map(fn (FanSpeed $speed): string => $speed->name, $this->ledger->unit->speeds);
    }

    /** Which of its speeds a survey was made at; the one that is judged where it says none. */
    public function speed(string $name): int
    {
        $at = array_search($name, $this->speeds(), true);

        return is_int($at) ? $at : $this->ledger->chosen;
    }

    /** @return float m3 of its room */
    public function volume(): float
    {
        return $this->ledger->room->volume();
    }

    public function proof(): UnitProof
    {
        return $this->proof ??= $this->worked();
    }

    private function worked(): UnitProof
    {
        $tissue = null;
        foreach ($this->holding(SurveyKind::Tissue) as $survey) {
            $round = TissueRound::of($survey, $this);
            $tissue = $round->survey->answered() > 0 ? $round->survey : $tissue;
        }
        $evidence = [];
        foreach ($this->holding() as $survey) {
            array_push($evidence, ...$this->evidence($survey));
        }

        return UnitProof::of($this->ledger, $evidence, $tissue, $this->evaluate->settingOf($this->unit->version), $this->data->tissue(), $this->data->evidenceTolerances());
    }

    /** @return list<Evidence> but for the tissue test */
    private function evidence(Survey $survey): array
    {
        return match ($survey->kind) {
            SurveyKind::Traverse => TraverseRound::of($survey, $this)->evidence(),
            SurveyKind::Decay => DecayRound::of($survey, $this)->evidence(),
            SurveyKind::Level => LevelRound::of($survey, $this)->evidence(),
            SurveyKind::Power => PowerRound::of($survey, $this)->evidence(),
            default => [],
        };
    }
}
