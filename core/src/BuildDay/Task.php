<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

/** A piece of work of a build day: one person does it in one go, unless it takes more. */
final readonly class Task
{
    /**
     * @param  string  $id  its own among those of the day
     * @param  float  $work  minutes, 0 or more
     * @param  float  $wait  minutes until it holds, in which nobody is needed
     * @param  list<string>  $after  ids of tasks that must be done, and hold, before it begins
     * @param  string|null  $skill  of whoever does it; null for none
     * @param  string|null  $tool  that it takes for as long as it lasts; null for none that is shared
     * @param  bool  $isForAdults  whether it takes a blade or something hot
     * @param  string|null  $unit  that it is part of
     * @param  bool  $isCheck  whether somebody does it who does nothing else on its unit
     * @param  int  $people  who do it together, 1 or more
     * @param  string  $path  where it was told, for a fault
     */
    public function __construct(
        public string $id,
        public float $work,
        public float $wait = 0.0,
        public array $after = [],
        public ?string $skill = null,
        public ?string $tool = null,
        public bool $isForAdults = false,
        public ?string $unit = null,
        public bool $isCheck = false,
        public int $people = 1,
        public string $path = '',
    ) {
    }
}
