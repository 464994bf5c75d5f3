<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

/** What a chance to reach a goal amounts to, in words. */
final readonly class Likelihood
{
    /**
     * @param  string  $name  in words: `Probably reaches the goal`
     * @param  float  $least  chance from which it is said, 0 to 1
     * @param  bool  $isEnough  whether the goal counts as reached
     * @param  bool  $isSure  whether nothing needs to be said besides
     */
    public function __construct(public string $id, public string $name, public float $least, public bool $isEnough, public bool $isSure)
    {
    }
}
