<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** One step of making a unit. */
final readonly class Step
{
    /**
     * @param  string  $action  what to do, in one sentence
     * @param  string  $reason  why
     * @param  float  $minutes  of work
     * @param  string|null  $hold  what must be checked and ticked before going on
     */
    public function __construct(
        public string $action,
        public string $reason,
        public float $minutes,
        public ?string $hold = null,
    ) {
    }
}
