<?php

namespace App\Http\Question;

use Jornel\Core\Ledger\FlowScale;
use Jornel\Core\Quantity\Scale;
use Jornel\Core\Quantity\System;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ScaleMark')]
final readonly class ScaleMarkData
{
    private function __construct(
        #[OA\Property(description: 'Place along the scale, 0 to 1')] public float $share,
        #[OA\Property] public string $text,
    ) {
    }

    /**
     * A bare number, for a scale that tells its unit elsewhere.
     *
     * @param  float  $share  place along the scale, 0 to 1
     */
    public static function at(float $share, float $value): self
    {
        return new self(round($share, 4), Scale::numeral($value));
    }

    /** @return list<self> */
    public static function flows(FlowScale $scale, System $system): array
    {
        return array_map(fn (array $mark): self => new self(round($mark['place'], 4), $mark['text']), $scale->marks($system));
    }
}
