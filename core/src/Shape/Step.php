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
     * @param  list<string>  $sets  parts of the scene that are in place after it; `face` stands for every face
     * @param  list<string>  $tools  that it takes
     * @param  string|null  $skill  beyond measuring: cutting, taping, gluing, wiring, drilling, sawing, printing
     */
    public function __construct(
        public string $action,
        public string $reason,
        public float $minutes,
        public ?string $hold = null,
        public array $sets = [],
        public array $tools = [],
        public ?string $skill = null,
    ) {
    }

    /** The same, setting other parts of the scene besides. */
    public function setting(string ...$parts): self
    {
        return new self($this->action, $this->reason, $this->minutes, $this->hold, [...$this->sets, ...array_values($parts)], $this->tools, $this->skill);
    }
}
