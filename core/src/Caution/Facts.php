<?php

declare(strict_types=1);

namespace Jornel\Core\Caution;

use Jornel\Core\Airflow\Performance;
use Jornel\Core\Part\FireRating;
use Jornel\Core\Part\Rotor;
use Jornel\Core\Room\Space;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\Measurements;
use Jornel\Core\Shape\Work;

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

    /** @param  Space|null  $room where it stands, if that is known */
    public static function of(?Space $room, bool $hasFuelBurning, Design $design, Assembly $assembly, Performance $performance, Measurements $measurements): self
    {
        return new self([
            ...($room === null ? [] : self::ofRoom($room)),
            ...($hasFuelBurning ? ['fuel-burning appliance'] : []),
            ...self::ofBuild($design, $assembly, $measurements),
            ...self::ofLevel($performance->level),
        ]);
    }

    public function hold(string $fact): bool
    {
        return in_array($fact, $this->all, true);
    }

    /** @return list<string> */
    private static function ofRoom(Space $room): array
    {
        $use = $room->occupancy();

        return ["pollutant {$room->pollutant()->id}", ...($use === null ? [] : ["use {$use->id}"])];
    }

    /** @return list<string> */
    private static function ofBuild(Design $design, Assembly $assembly, Measurements $measurements): array
    {
        $fan = $design->fan;
        $work = Work::of($design);

        return array_values(array_filter([
            'fan',
            'filters',
            "shape {$design->shape->id()}",
            "family {$fan->family}",
            "joining {$design->joining->id}",
            ...array_map(fn (string $skill): string => "skill {$skill}", $work->skills()),
            ...array_map(fn (string|int $id): string => "hardware {$id}", array_keys($assembly->hardware)),
            $design->corners === Corners::Shroud || in_array('knife', $work->tools(), true) ? 'blades and knives' : null,
            $fan->motor->isEnclosed ? null : 'open motor',
            $fan->volts === null ? null : 'low voltage',
            ! $fan->handling->isListed ? 'unlisted fan' : null,
            $design->shape->id() === 'drawer' && $fan->handling->hasRearGrille ? 'rear grille removed' : null,
            $fan->family === 'blower' ? 'open intake' : null,
            $design->direction() === Direction::Push ? 'pushes' : null,
            $assembly->isIntake ? 'filtered intake' : null,
            $design->option('fan-at') === 'far-window' ? 'draws the house' : null,
            $design->shape->stands() ? null : 'mounted',
            $measurements->tipsOver() ? 'tips over' : null,
            $design->filter->carbon > 0.0 || isset($assembly->hardware['carbon-canister']) || isset($assembly->hardware['carbon-loose']) ? 'carbon' : null,
            $fan->handling->rotor === Rotor::SetScrew ? 'rotor on a set screw' : null,
            $fan->handling->fireRating === FireRating::NoneStated ? 'plastic without fire rating' : null,
        ], is_string(...)));
    }

    /** @return list<string> */
    private static function ofLevel(float $level): array
    {
        return [...($level > self::ANNOYING ? ['annoying'] : []), ...($level > self::HARMFUL ? ['harmful noise'] : [])];
    }
}
