<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Part\Joining;

/** One step of making a unit. */
final readonly class Step
{
    /**
     * @param  string  $action  what to do, in one sentence
     * @param  string  $reason  why
     * @param  float  $minutes  of work, beside what each seam takes
     * @param  string|null  $hold  what must be checked and ticked before going on
     * @param  list<string>  $sets  parts of the scene that are in place after it; `face` stands for every face
     * @param  list<string>  $tools  that it takes
     * @param  string|null  $skill  beyond measuring: cutting, taping, gluing, wiring, drilling, sawing, printing
     * @param  int  $seams  that are closed in it
     * @param  Joining|null  $joining  with which they are closed
     */
    public function __construct(
        public string $action,
        public string $reason,
        private float $minutes,
        public ?string $hold = null,
        public array $sets = [],
        private array $tools = [],
        private ?string $skill = null,
        public int $seams = 0,
        private ?Joining $joining = null,
    ) {
    }

    /** The same, closing seams with a joining: what it takes and how long comes on top. */
    public function joining(int $seams, Joining $joining): self
    {
        return new self($this->action, $this->reason, $this->minutes, $this->hold, $this->sets, $this->tools, $this->skill, $seams, $joining);
    }

    /** Minutes of work. */
    public function minutes(): float
    {
        return $this->minutes + $this->seams * ($this->joining->minutesPerSeam ?? 0.0);
    }

    /** Minutes of it that go with no seam. */
    public function besideSeams(): float
    {
        return $this->minutes;
    }

    /** @return list<string> that it takes besides those of its joining */
    public function ownTools(): array
    {
        return $this->tools;
    }

    /** Skill that it takes besides that of its joining. */
    public function ownSkill(): ?string
    {
        return $this->skill;
    }

    /** The same, setting other parts of the scene besides. */
    public function setting(string ...$parts): self
    {
        return new self($this->action, $this->reason, $this->minutes, $this->hold, [...$this->sets, ...array_values($parts)], $this->tools, $this->skill, $this->seams, $this->joining);
    }
}
