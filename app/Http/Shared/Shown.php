<?php

namespace App\Http\Shared;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;
use OpenApi\Attributes as OA;

/** A figure or a sentence as it is written in either measure. */
#[OA\Schema]
final readonly class Shown
{
    private function __construct(
        #[OA\Property(example: '260 cfm')] public string $imperial,
        #[OA\Property(example: '442 m³/h')] public string $metric,
    ) {
    }

    public static function of(Display $display, float $si): self
    {
        return new self($display->text($si, System::Imperial), $display->text($si, System::Metric));
    }

    public static function units(UnitOfMeasure $imperial, UnitOfMeasure $metric): self
    {
        return new self($imperial->symbol(), $metric->symbol());
    }

    /** @param  list<self>  $parts */
    public static function joined(array $parts, string $between): self
    {
        return new self(implode($between, array_column($parts, 'imperial')), implode($between, array_column($parts, 'metric')));
    }

    public static function sentence(Sentence $sentence): self
    {
        return new self($sentence->text(System::Imperial), $sentence->text(System::Metric));
    }
}
