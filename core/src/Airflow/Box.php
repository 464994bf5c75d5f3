<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\Air;
use Jornel\Core\Shape\FilterFace;

/** What a fan works against: filter faces and leaks, in the air there is. */
final readonly class Box
{
    /**
     * @param  non-empty-list<FaceBank>  $banks
     * @param  list<Leak>  $leaks
     * @param  float  $leakArea  of all leaks together, m2
     */
    private function __construct(public array $banks, public array $leaks, public float $leakArea, public Air $air)
    {
    }

    /**
     * @param  non-empty-list<FilterFace>  $faces
     * @param  list<Leak>  $leaks
     */
    public static function of(array $faces, array $leaks, Air $air): self
    {
        return new self(FaceBank::of($faces, $air), $leaks, array_sum(array_map(fn (Leak $leak): float => $leak->area, $leaks)), $air);
    }
}
