<?php

declare(strict_types=1);

namespace Jornel\Core\Fault;

use LogicException;

/** Collects faults while several values are read, so that all of them can be told at once. */
final class Faults
{
    /** @var list<Invalid> */
    private array $found = [];

    /**
     * The value that was read, or null with its fault noted.
     *
     * @template T
     *
     * @param  callable(): T  $read
     * @return T|null
     */
    public function take(callable $read): mixed
    {
        try {
            return $read();
        } catch (Invalid $fault) {
            $this->found[] = $fault;

            return null;
        }
    }

    public function any(): bool
    {
        return $this->found !== [];
    }

    /** What to throw once a value is missing. */
    public function thrown(): InvalidEntries
    {
        return InvalidEntries::of($this->found === [] ? throw new LogicException('Nothing was at fault.') : $this->found);
    }
}
