<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

/** How units are run: a speed and a number of them, with level, power and energy. */
final readonly class Operation
{
    /** Of level and power ({@see MeasureSteps}). */
    public int $steps;

    /**
     * @param  int  $speed  which of the fan's speeds, from 0
     * @param  float  $level  at the seat, dBA
     * @param  float  $power  of all units, W
     * @param  int  $energy  over the years that are compared, hundredths of money
     */
    public function __construct(public int $speed, public int $units, public float $level, public float $power, public int $energy)
    {
        $this->steps = MeasureSteps::ofOperation($level, $power);
    }
}
