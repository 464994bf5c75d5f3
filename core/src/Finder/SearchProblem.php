<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Tolerances;
use Jornel\Core\Finder\Space\DesignSpace;
use Jornel\Core\Finder\Space\Range;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Room\Purifiers;
use Jornel\Core\Room\Space;
use Jornel\Core\Room\Target\Target;
use Jornel\Core\Sound\Seat;

/** What is asked of the finder: builds of these parts that reach the goal of a room within limits. */
final readonly class SearchProblem
{
    /** Chance that is asked for where nobody says another. */
    public const SURE = 0.75;

    /** Chance that may be asked for. */
    public const SURE_RANGE = [0.5, 0.99];

    /**
     * @param  Catalogue  $catalogue  of which fans, filters and joinings are taken, and with which materials it is made
     * @param  Stock  $stock  from which pieces are taken before any are bought
     * @param  float  $sure  chance to reach the goal that is asked for, 0.5 to 0.99
     * @param  Purifiers  $there  what stands in the room already and counts towards the goal
     */
    public function __construct(
        public Space $room,
        public Target $goal,
        public Catalogue $catalogue,
        public Limits $limits,
        public Range $range,
        public Air $air,
        public Economy $economy,
        public Seat $seat,
        public Stock $stock,
        public Tolerances $tolerances,
        public float $sure = self::SURE,
        public ?Purifiers $there = null,
    ) {
    }

    /** What stands in the room already. */
    public function standing(): Purifiers
    {
        return $this->there ?? Purifiers::none();
    }

    /**
     * The design space that it is searched in.
     *
     * @param  int  $part  which part of it, from 0
     * @param  int  $parts  so many are as large; 1 for all of it
     */
    public function space(int $part = 0, int $parts = 1): DesignSpace
    {
        return new DesignSpace($this->catalogue, $this->range, $this->air, $this->tolerances, $part, $parts);
    }

    /** The same of questions that have one design space. */
    public function spaceKey(): string
    {
        return DesignSpace::key($this->catalogue, $this->range, $this->air, $this->tolerances);
    }
}
