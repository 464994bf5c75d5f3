<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Finder\Space\DesignSpace;

/** Design spaces kept by what they follow from, each as its last questions saw it; the least recently used is given up where there are too many. */
final class DesignSpaces
{
    /** @var array<string, array{DesignSpace, array<string, EvaluatedSpace>}> by key, the least recently used first */
    private array $spaces = [];

    /**
     * @param  int  $most  so many are kept, 1 or more
     * @param  int  $evaluated  at so many stocks, tariffs and seats each, 1 or more
     */
    public function __construct(private readonly int $most, private readonly int $evaluated = 2)
    {
    }

    /** The one that a question has, made where it is not kept. */
    public function of(SearchProblem $problem): EvaluatedSpace
    {
        $key = $problem->spaceKey();
        [$space, $seen] = $this->spaces[$key] ?? [$problem->space(), []];
        $view = EvaluatedSpace::key($space, $problem);
        $evaluated = $seen[$view] ?? new EvaluatedSpace($space, $problem);
        $this->spaces = self::withLast($this->spaces, $key, [$space, self::withLast($seen, $view, $evaluated, $this->evaluated)], $this->most);

        return $evaluated;
    }

    /** Gives up all of them. */
    public function clear(): void
    {
        $this->spaces = [];
    }

    /**
     * @template T
     *
     * @param  array<string, T>  $kept
     * @param  T  $one
     * @return array<string, T>
     */
    private static function withLast(array $kept, string $key, mixed $one, int $most): array
    {
        unset($kept[$key]);

        return array_slice([...$kept, $key => $one], -$most, null, true);
    }
}
