<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Fit;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Record;

/** How far evidence says something of a unit's figures, from `data/reference/proof.json`. */
final readonly class EvidenceTolerances
{
    /**
     * @param  float  $turnsByWatts  deviation of the logarithm of a fan's turns as told by its watts
     * @param  float  $turnsByLevel  the same by its level
     * @param  float  $freeFlow  deviation of what a traverse without filters says of the free flow, besides the readings
     * @param  float  $cleanAir  deviation of what a decay test says of the clean air, besides its readings: a room is not quite the same twice
     * @param  float  $outlier  deviations from what all else says from which evidence is an outlier
     */
    private function __construct(public float $turnsByWatts, public float $turnsByLevel, public float $freeFlow, public float $cleanAir, public float $outlier)
    {
    }

    /**
     * @param  array<string, mixed>  $data
     *
     * @throws BadRecord
     */
    public static function fromData(array $data): self
    {
        $record = new Record($data);

        return new self(
            $record->number('turns_by_watts', 0.0)->si, $record->number('turns_by_level', 0.0)->si,
            $record->number('free_flow_by_traverse', 0.0)->si, $record->number('clean_air_by_decay', 0.0)->si, $record->number('outlier_deviations', 0.0)->si,
        );
    }
}
