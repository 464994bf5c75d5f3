<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Finder\Space\DesignSpace;

/** Design spaces kept by what they follow from; the least recently used is given up where there are too many. */
final class DesignSpaces
{
    /** @var array<string, DesignSpace> by key, the least recently used first */
    private array $spaces = [];

    /** @param  int  $most  so many are kept, 1 or more */
    public function __construct(private readonly int $most)
    {
    }

    /** The one that a question has, made where it is not kept. */
    public function of(SearchProblem $problem): DesignSpace
    {
        $key = $problem->spaceKey();
        $space = $this->spaces[$key] ?? $problem->space();
        unset($this->spaces[$key]);
        $this->spaces = array_slice([...$this->spaces, $key => $space], -$this->most, null, true);

        return $space;
    }

    /** Gives up all of them. */
    public function clear(): void
    {
        $this->spaces = [];
    }
}
