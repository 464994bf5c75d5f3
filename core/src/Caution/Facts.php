<?php

declare(strict_types=1);

namespace Jornel\Core\Caution;

use Jornel\Core\Airflow\Performance;
use Jornel\Core\Room\Room;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;

/** What is true of a build in its room, in the words that the rules of the cautions use. */
final readonly class Facts
{
    /** Level above which long hours harm, dBA. */
    private const HARMFUL = 70.0;

    /** Level above which people switch a unit off, dBA. */
    private const ANNOYING = 50.0;

    /** @param  list<string>  $all */
    private function __construct(public array $all)
    {
    }

    public static function of(Room $room, Design $design, Performance $performance): self
    {
        $level = $performance->speed->level;

        return new self(array_values(array_filter([
            'fan',
            'filters',
            "shape {$design->shape->id()}",
            "joining {$design->joining->id}",
            "pollutant {$room->pollutant->id}",
            $room->hasFuelBurning ? 'fuel-burning appliance' : null,
            $design->corners === Corners::Shroud || $design->shape->id() !== 'flat-panel' ? 'blades and knives' : null,
            $design->fan->enclosedMotor ? null : 'open motor',
            $level > self::ANNOYING ? 'annoying' : null,
            $level > self::HARMFUL ? 'harmful noise' : null,
        ])));
    }

    public function hold(string $fact): bool
    {
        return in_array($fact, $this->all, true);
    }
}
