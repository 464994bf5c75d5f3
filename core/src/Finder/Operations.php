<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Airflow\Unit;
use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Room\Purifiers;
use Jornel\Core\Sound\Seat;

/** Every speed and number of units of some fans, with level, power and energy, each computed once for all families. */
final class Operations
{
    /** @var array<string, list<non-empty-list<Operation>>> by fans; by speed; by number of units less one */
    private array $operations = [];

    /** @var list<float> levels of what stands there already, dBA */
    private readonly array $heard;

    public function __construct(private readonly Seat $seat, private readonly PriceBook $book, private readonly int $mostUnits, Purifiers $there)
    {
        $this->heard = array_values(array_filter($there->levels, fn (float $level): bool => ! is_nan($level)));
    }

    /**
     * Fans that hold their flow work harder than this once the balance is known; never less.
     *
     * @param  string  $fans  of one unit, in words
     * @param  Unit  $unit  with these fans
     * @return list<non-empty-list<Operation>> by speed, by number of units less one
     */
    public function of(string $fans, Unit $unit): array
    {
        return $this->operations[$fans] ??= array_map(
            fn (FanSpeed $speed, int $number): array => array_map(
                fn (int $units): Operation => $this->operation($number, $units, $unit->level($speed, 1.0), $speed->watts),
                range(1, max(1, $this->mostUnits)),
            ),
            $unit->speeds,
            array_keys($unit->speeds),
        );
    }

    /**
     * @param  float  $level  of one unit at 1 m, dBA
     * @param  float  $watts  of one unit, W
     */
    public function operation(int $speed, int $units, float $level, float $watts): Operation
    {
        return new Operation($speed, $units, $this->seat->together([...$this->heard, ...array_fill(0, max(1, $units), $level)]), $units * $watts, $this->book->energy($units * $watts));
    }
}
