<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\StandIn;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Chance of simulated meters, the same for the same seed. */
final readonly class MeterNoise
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @return float above 0, below 1 */
    public function uniform(): float
    {
        return ($this->random->getInt(0, (1 << 30) - 1) + 0.5) / (1 << 30);
    }

    /** Standard normal, by the polar form of Box and Muller. */
    public function normal(): float
    {
        do {
            [$u, $v] = [2.0 * $this->uniform() - 1.0, 2.0 * $this->uniform() - 1.0];
            $s = $u * $u + $v * $v;
        } while ($s >= 1.0 || $s === 0.0);

        return $u * sqrt(-2.0 * log($s) / $s);
    }
}
