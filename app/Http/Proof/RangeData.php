<?php

namespace App\Http\Proof;

use App\Http\Shared\Shown;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Interval;
use OpenApi\Attributes as OA;

/** A measured figure with its 95 % interval. */
#[OA\Schema(schema: 'Range95')]
final readonly class RangeData
{
    private function __construct(
        #[OA\Property] public Shown $value,
        #[OA\Property] public Shown $low,
        #[OA\Property] public Shown $high,
        #[OA\Property(description: 'Half its width over the value')] public float $share,
    ) {
    }

    public static function of(Display $display, Interval $interval): self
    {
        return new self(
            Shown::of($display, $interval->value), Shown::of($display, max(0.0, $interval->low)), Shown::of($display, $interval->high),
            $interval->value === 0.0 ? 0.0 : round($interval->half() / abs($interval->value), 4),
        );
    }
}
