<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Air\Air;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Room\Seat;
use Jornel\Core\Room\Space;
use Jornel\Core\Room\Target\Target;

/** What is asked of the finder: builds of these parts that reach the goal of a room within limits. */
final readonly class Question
{
    /**
     * @param  Catalogue  $catalogue  of which fans, filters and joinings are taken, and with which materials it is made
     * @param  Stock  $stock  from which pieces are taken before any are bought
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
    ) {
    }
}
