<?php

declare(strict_types=1);

namespace Jornel\Core\Plan;

/** Something on a plan as it was put there, its sizes as they were written. */
final readonly class DrawnThing
{
    /**
     * @param  string  $kind  of {@see FurnishingKind}
     * @param  float  $x  of its middle, m
     * @param  float  $y  of its middle, m
     * @param  string  $width  empty for the usual size of its kind
     * @param  string  $leadsTo  of a door: key of the room behind it
     */
    public function __construct(public string $kind, public float $x, public float $y, public string $width = '', public string $depth = '', public string $height = '', public string $leadsTo = '')
    {
    }

    public function movedTo(float $x, float $y): self
    {
        return new self($this->kind, $x, $y, $this->width, $this->depth, $this->height, $this->leadsTo);
    }
}
