<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Airflow\UncertainOutput;

/** Purifiers that stand in a room and run, in the order in which they stand on its plan. */
final readonly class Purifiers
{
    /**
     * @param  UncertainOutput  $output  of all of them
     * @param  list<float>  $levels  of each at 1 m in the open, dBA; one of which nothing is known is not heard
     * @param  float  $watts  of all of them, W
     */
    private function __construct(public UncertainOutput $output, public array $levels, public float $watts)
    {
    }

    public static function none(): self
    {
        return new self(UncertainOutput::none(), [], 0.0);
    }

    /**
     * With some alike besides.
     *
     * @param  int  $count  zero or more
     * @param  float  $level  of one at 1 m, dBA
     * @param  float  $watts  of one, W
     */
    public function and(UncertainOutput $one, int $count, float $level, float $watts): self
    {
        return $count === 0 ? $this : new self($this->output->plus($one->times($count)), [...$this->levels, ...array_fill(0, $count, $level)], $this->watts + $count * $watts);
    }

    public function isEmpty(): bool
    {
        return $this->levels === [];
    }

    /** How many there are. */
    public function count(): int
    {
        return count($this->levels);
    }
}
