<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

/** Where a panel lies on a sheet. */
final readonly class Placed
{
    /**
     * @param  int  $panel  which of those given
     * @param  int  $sheet  which, those that are there first
     * @param  float  $x  of its lower left corner, m
     * @param  float  $y  m
     * @param  float  $width  as it lies, m
     * @param  float  $height  m
     */
    public function __construct(public int $panel, public int $sheet, public float $x, public float $y, public float $width, public float $height)
    {
    }
}
