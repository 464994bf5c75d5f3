<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Room\Seat;

/** What fans at a speed sound like and take, each worked out once for all frames that they sit on. */
final class Opens
{
    /** @var array<string, list<non-empty-list<Open>>> by fans; by speed; by number of units less one */
    private array $opens = [];

    public function __construct(private readonly Seat $seat, private readonly PriceBook $book, private readonly int $mostUnits)
    {
    }

    /**
     * @param  string  $fans  of one unit, in words
     * @param  non-empty-list<FanSpeed>  $speeds  of them together
     * @param  float  $quieter  dB that the outlet takes off
     * @return list<non-empty-list<Open>> by speed, by number of units less one
     */
    public function of(string $fans, array $speeds, float $quieter): array
    {
        return $this->opens["{$fans} {$quieter}"] ??= array_map(
            fn (FanSpeed $speed, int $number): array => array_map(
                fn (int $units): Open => new Open($number, $units, $this->seat->level($speed->level - $quieter, $units), $units * $speed->watts, $this->book->energy($units * $speed->watts)),
                range(1, max(1, $this->mostUnits)),
            ),
            $speeds,
            array_keys($speeds),
        );
    }
}
