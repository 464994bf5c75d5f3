<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** What making one unit takes: minutes, tools and skills, gathered from its steps. */
final readonly class Work
{
    /**
     * @param  float  $minutes  of work for one unit
     * @param  list<string>  $tools
     * @param  list<string>  $skills
     */
    private function __construct(public float $minutes, public array $tools, public array $skills)
    {
    }

    public static function of(Design $design): self
    {
        $steps = $design->shape->steps($design);

        return new self(
            array_sum(array_map(fn (Step $step): float => $step->minutes, $steps)),
            array_values(array_unique(array_merge(...array_map(fn (Step $step): array => $step->tools, $steps)))),
            array_values(array_unique(array_filter(array_map(fn (Step $step): ?string => $step->skill, $steps), is_string(...)))),
        );
    }
}
