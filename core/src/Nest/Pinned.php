<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

/** A part laid down by hand: it stays where it is. */
final readonly class Pinned
{
    /**
     * @param  string  $sheet  its kind
     * @param  int  $number  which of its kind, from 1
     * @param  float  $x  of the part's own origin, m
     * @param  float  $y  m
     * @param  int  $degrees  anticlockwise about it
     */
    public function __construct(public string $label, public string $sheet, public int $number, public float $x, public float $y, public int $degrees)
    {
    }
}
