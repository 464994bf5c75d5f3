<?php

declare(strict_types=1);

namespace Jornel\Core\Guide;

/** Something that was told of a step, by whom and when. */
final readonly class Tick
{
    /**
     * @param  string  $step  id of the step
     * @param  int|null  $hold  number of the hold point, from 0
     * @param  string  $text  what was seen, noted, or went wrong; empty for nothing
     * @param  string  $by  who told it, as they are called
     * @param  float  $at  seconds since 1970
     * @param  int|null  $photo  number of a photo that goes with it
     * @param  int|null  $person  number of who told it: two may be called the same; null where that is not known any more
     */
    public function __construct(public string $step, public TickKind $kind, public ?int $hold, public string $text, public string $by, public float $at, public ?int $photo = null, public ?int $person = null)
    {
    }

    /** By which one who tells is told from another. */
    public function who(): string
    {
        return $this->person === null ? $this->by : "#{$this->person}";
    }
}
