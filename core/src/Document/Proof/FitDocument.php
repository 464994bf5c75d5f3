<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Proof;

use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Document;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Document\Schema\ProofForms;
use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Part\Record;
use Jornel\Core\Proof\Fit\EvidenceResidual;
use Jornel\Core\Proof\Fit\FitParameter;
use Jornel\Core\Proof\Fit\UnitFit;

/** All evidence of a unit, fitted together for its fan, its filters and its leaks. */
final class FitDocument implements Document
{
    public static function kind(): string
    {
        return 'fit';
    }

    public static function form(): Form
    {
        return ProofForms::fit();
    }

    public static function answer(Record $document, DataFiles $data): array
    {
        $reader = EvidenceReader::of($document, $data);
        $fit = UnitFit::of($reader->unit, $reader->all(), $reader->pollutant, $data->tolerances(), $data->evidenceTolerances());
        $parameters = FitParameter::cases();
        $keys = array_map(fn (FitParameter $one): string => $one->value, $parameters);
        $each = fn (callable $of): array => array_combine($keys, array_map($of, $parameters));

        return [
            'fitted' => $each(fn (FitParameter $one): array => $fit->factor($one)->toArray()),
            'leak_area_m2' => $fit->leakArea()->toArray(),
            'narrowed' => $each(fn (FitParameter $one): float => $fit->narrowed($one)),
            'correlation' => $each(fn (FitParameter $one): array => $each(fn (FitParameter $other): float => $fit->correlation($one, $other))),
            'speeds' => array_map(fn (FanSpeed $speed, int $at): array => ['name' => $speed->name, 'clean_air_m3_s' => $fit->cleanAir($at)->toArray()], $reader->unit->speeds, array_keys($reader->unit->speeds)),
            'evidence' => array_map(fn (EvidenceResidual $one): array => [
                'kind' => $one->evidence->kind->value, 'speed' => $reader->unit->speeds[$one->evidence->speed]->name,
                'measured' => $one->evidence->value, 'expected' => $one->expected,
                'deviations_off' => $one->off, 'outlier' => $one->isOutlier,
            ], $fit->residuals),
        ];
    }
}
