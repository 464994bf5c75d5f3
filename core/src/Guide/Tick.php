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
     * @param  string  $by  who told it
     * @param  float  $at  seconds since 1970
     * @param  int|null  $photo  number of a photo that goes with it
     */
    public function __construct(public string $step, public TickKind $kind, public ?int $hold, public string $text, public string $by, public float $at, public ?int $photo = null)
    {
    }
}
