<?php

declare(strict_types=1);

namespace Jornel\Core\Guide;

/** How far a step is. */
final readonly class StepProgress
{
    /**
     * @param  Tick|null  $done  that holds now; null where it is not done
     * @param  array<int, Tick>  $seen  that hold now, by number of the hold point
     * @param  list<Tick>  $notes  notes, and what went wrong, in order
     * @param  float|null  $minutes  that it took whoever did it; null where that cannot be told
     */
    public function __construct(public ?Tick $done, public array $seen, public array $notes, public ?float $minutes)
    {
    }
}
