<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Air\BinShares;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Room\Space;
use Jornel\Core\Room\Target\Target;

/** How far clean air goes towards the goal of a room: what it gets over what is asked. */
final class Goal
{
    /** Told where the goal asks nothing: more than enough. */
    private const AMPLE = 1e9;

    /** As in judging a build: a hair for rounding. */
    private const HAIR = 1e-9;

    private readonly Pollutant $judges;

    private readonly float $building;

    private readonly ?float $asks;

    public function __construct(private readonly Target $target, private readonly Space $room)
    {
        $this->judges = $target->judges($room);
        $this->building = $target->building($room);
        $this->asks = $target->dependsOnSpectrum() ? null : $target->asks($room);
    }

    /**
     * Rises with the clean air of every bin.
     *
     * @param  BinShares  $one  clean air of one unit by bin, m3/s
     * @param  int  $units  1 or more
     * @return float 1 where it is just enough
     */
    public function share(BinShares $one, int $units): float
    {
        $asks = $this->asks ?? ($this->target->asks($this->room, $one) ?? INF);

        return $asks <= 0.0 ? self::AMPLE : ($units * $this->judges->weigh($one) + $this->building) / $asks;
    }

    public static function isReachedAt(float $share): bool
    {
        return $share >= 1.0 - self::HAIR;
    }
}
