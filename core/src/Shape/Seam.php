<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** Edges that meet and must be joined. */
final readonly class Seam
{
    /**
     * @param  string  $name  which two edges
     * @param  float  $length  of all of them together, m
     * @param  int  $count  how many there are
     */
    public function __construct(public string $name, public float $length, public int $count)
    {
    }
}
