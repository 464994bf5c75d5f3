<?php

namespace App\Evidence;

use App\Models\Survey;
use Jornel\Core\Proof\Tissue\Finding;
use Jornel\Core\Proof\Tissue\TissueSurvey;

/** A round of the tissue test, as it was told point by point. */
final readonly class TissueRound
{
    private function __construct(public TissueSurvey $survey)
    {
    }

    public static function of(Survey $survey, ProvedUnit $unit): self
    {
        $findings = [];
        foreach ($survey->holding() as $place => $reading) {
            $finding = Finding::tryFrom($reading->entered);
            if ($finding !== null) {
                $findings[$place] = $finding;
            }
        }

        return new self(TissueSurvey::of($unit->ledger->design, $unit->points(), $findings, $unit->data->tissue()));
    }
}
