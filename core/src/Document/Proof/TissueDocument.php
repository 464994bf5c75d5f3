<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Proof;

use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Document;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Document\Schema\ProofForms;
use Jornel\Core\Part\Record;
use Jornel\Core\Proof\Fit\Evidence;
use Jornel\Core\Proof\Fit\UnitFit;
use Jornel\Core\Proof\Tissue\LeakRank;
use Jornel\Core\Proof\Tissue\LeakRanking;
use Jornel\Core\Proof\Tissue\PointResult;

/** What a strip of tissue says of the leaks of a unit, and which to patch first. */
final class TissueDocument implements Document
{
    public static function kind(): string
    {
        return 'tissue';
    }

    public static function form(): Form
    {
        return ProofForms::tissue();
    }

    public static function answer(Record $document, DataFiles $data): array
    {
        $reader = EvidenceReader::of($document, $data);
        $survey = $reader->survey($document, $reader->points());
        $speed = $reader->speed($document);
        $fit = UnitFit::of($reader->unit, [Evidence::tissue($survey->area)], $reader->pollutant, $data->tolerances(), $data->evidenceTolerances());

        return [
            'leak_area_m2' => $survey->leakArea()->toArray(),
            'clean_air_m3_s' => $fit->cleanAir($speed)->toArray(),
            'ranking' => array_map(fn (LeakRank $rank): array => [
                'point' => $rank->point->id, 'name' => $rank->point->name,
                'gain_m3_s' => $rank->gain->toArray(), 'minutes' => $rank->minutes, 'gain_m3_s_per_minute' => $rank->perMinute(),
            ], LeakRanking::of($reader->unit->at($speed), $survey, $reader->pollutant, $data->tissue())),
            'odd_faces' => (object) $survey->oddPoints(),
            'points' => array_map(self::point(...), $survey->results),
        ];
    }

    /** @return array<string, mixed> */
    private static function point(PointResult $result): array
    {
        return [
            'id' => $result->point->id, 'kind' => $result->point->kind->value, 'name' => $result->point->name,
            'should_pull' => $result->point->kind->isFilter(),
            'answer' => $result->finding?->value, 'leaks' => $result->leaks,
            'gap_m' => $result->gap?->toArray(), 'area_m2' => $result->area?->toArray(),
            'at_m' => $result->point->at === null ? null : [$result->point->at->x, $result->point->at->y, $result->point->at->z],
        ];
    }
}
