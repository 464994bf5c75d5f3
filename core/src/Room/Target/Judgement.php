<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

use Jornel\Core\Air\BinShares;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Room\Space;

/** One school held against what some units and the building give a room. */
final readonly class Judgement
{
    /**
     * @param  float|null  $asks  clean air, m3/s; null where it has nothing to say
     * @param  float  $purifier  clean air of the units of the kind that it judges, m3/s
     * @param  float  $building  what the building gives towards it, m3/s
     * @param  float  $perUnit  clean air of one unit, m3/s
     */
    private function __construct(
        public Target $target,
        public Pollutant $judges,
        public ?float $asks,
        public float $purifier,
        public float $building,
        private float $perUnit,
    ) {
    }

    /**
     * @param  BinShares  $perUnit  clean air of one unit by bin, m3/s
     * @param  int  $units  0 or more
     */
    public static function of(Target $target, Space $room, BinShares $perUnit, int $units): self
    {
        $judges = $target->judges($room);
        $one = $judges->weigh($perUnit);

        return new self($target, $judges, $target->asks($room, $perUnit), $units * $one, $target->building($room), $one);
    }

    public function gets(): float
    {
        return $this->purifier + $this->building;
    }

    /** Whether it is reached; null where it asks nothing. */
    public function isReached(): ?bool
    {
        return $this->asks === null ? null : $this->gets() >= $this->asks * (1.0 - 1e-9);
    }

    /** Units that would reach it; null where it asks nothing or no number of them would. */
    public function needed(): ?int
    {
        return $this->asks === null || $this->perUnit <= 0.0 ? null : max(1, (int) ceil(($this->asks - $this->building) / $this->perUnit - 1e-9));
    }
}
