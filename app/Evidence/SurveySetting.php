<?php

namespace App\Evidence;

use App\Models\SurveyKind;
use Jornel\Core\Quantity\System;

/** How a survey is made: what may be written of it, and whether that can be. */
final class SurveySetting
{
    public const FIELDS = ['speed', 'outlet', 'width', 'height', 'grid', 'across', 'up', 'filters', 'meter_percent', 'weights', 'distance', 'note', 'name'];

    /**
     * As it was written, without what was left empty.
     *
     * @param  array<string, string|null>  $written
     * @return array<string, string>
     *
     * @throws \Jornel\Core\Fault\Invalid
     */
    public static function judged(SurveyKind $kind, array $written, System $system): array
    {
        $setting = array_filter($written, fn (?string $value): bool => $value !== null && $value !== '');
        match ($kind) {
            SurveyKind::Traverse => TraverseRound::setting($setting, $system),
            SurveyKind::Level => LevelRound::distance($setting, $system),
            default => null,
        };

        return $setting;
    }
}
