<?php

namespace App\Http\Resources;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Scale;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\Unit;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Axis', description: 'An axis of a drawing, from zero, with round marks in either measure')]
final readonly class AxisData
{
    /**
     * @param  list<ScaleMarkData>  $imperial
     * @param  list<ScaleMarkData>  $metric
     */
    private function __construct(
        #[OA\Property(description: 'What runs along it', example: 'Flow')] public string $name,
        #[OA\Property(description: 'What its numbers count')] public Shown $unit,
        #[OA\Property(items: new OA\Items(ref: ScaleMarkData::class))] public array $imperial,
        #[OA\Property(items: new OA\Items(ref: ScaleMarkData::class))] public array $metric,
    ) {
    }

    /** @param  float  $most  at its end, SI, above 0 */
    public static function of(string $name, float $most, Display $display): self
    {
        return self::in($name, $most, $display->unit(System::Imperial), $display->unit(System::Metric));
    }

    /** @param  float  $most  at its end, SI, above 0 */
    public static function in(string $name, float $most, Unit $imperial, Unit $metric): self
    {
        return new self($name, Shown::units($imperial, $metric), self::marks($most, $imperial), self::marks($most, $metric));
    }

    /** @return list<ScaleMarkData> */
    private static function marks(float $most, Unit $unit): array
    {
        return array_map(fn (float $at): ScaleMarkData => ScaleMarkData::at($at / $most, $unit->fromSi($at)), Scale::marks($most, $unit));
    }
}
