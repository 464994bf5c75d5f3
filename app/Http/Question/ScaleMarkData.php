<?php

namespace App\Http\Question;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Scale;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;
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

    /**
     * @param  float  $most  end of the scale, m3/s
     * @return list<self>
     */
    public static function flows(float $most, System $system): array
    {
        return array_map(
            fn (float $flow): self => new self(round($flow / $most, 4), Display::Flow->text($flow, $system)),
            Scale::marks($most, $system === System::Imperial ? UnitOfMeasure::CubicFootPerMinute : UnitOfMeasure::CubicMetrePerHour),
        );
    }
}
