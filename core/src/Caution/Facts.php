<?php

declare(strict_types=1);

namespace Jornel\Core\Caution;

use Jornel\Core\Airflow\Performance;
use Jornel\Core\Part\FanFamily;
use Jornel\Core\Part\FireRating;
use Jornel\Core\Part\Rotor;
use Jornel\Core\Room\Space;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\Measurements;
use Jornel\Core\Shape\Stand;

/** What is true of a build in its room, by the keys that the rules of the cautions use. */
final readonly class Facts
{
    /** Level above which long hours harm, dBA. */
    private const HARMFUL = 70.0;

    /** Level above which people switch a unit off, dBA. */
    private const ANNOYING = 50.0;

    /** @param  list<string>  $all  keys */
    private function __construct(public array $all)
    {
    }

    /**
     * @param  Space|null  $room  where it stands, if that is known
     * @param  list<string>  $tools  that making it takes
     * @param  list<string>  $skills  beyond measuring
     */
    public static function of(?Space $room, bool $hasFuelBurning, Design $design, Assembly $assembly, Performance $performance, Measurements $measurements, array $tools, array $skills): self
    {
        return new self([
            ...($room === null ? [] : self::ofRoom($room)),
            ...self::keys([[Fact::FuelBurning, $hasFuelBurning]]),
            ...self::ofMaking($design, $tools, $skills),
            ...self::ofBuild($design, $assembly, $measurements),
            ...self::keys([[Fact::Annoying, $performance->level > self::ANNOYING], [Fact::HarmfulNoise, $performance->level > self::HARMFUL]]),
        ]);
    }

    public function hold(string $key): bool
    {
        return in_array($key, $this->all, true);
    }

    /** @return list<string> */
    private static function ofRoom(Space $room): array
    {
        $use = $room->occupancy();

        return [Fact::of('pollutant', $room->pollutant()->id), ...($use === null ? [] : [Fact::of('use', $use->id)])];
    }

    /**
     * @param  list<string>  $tools
     * @param  list<string>  $skills
     * @return list<string>
     */
    private static function ofMaking(Design $design, array $tools, array $skills): array
    {
        return [
            Fact::of('joining', $design->joining->id),
            ...array_map(fn (string $skill): string => Fact::of('skill', $skill), $skills),
            ...self::keys([[Fact::BladesAndKnives, $design->hasShroud() || in_array('knife', $tools, true)]]),
        ];
    }

    /** @return list<string> */
    private static function ofBuild(Design $design, Assembly $assembly, Measurements $measurements): array
    {
        [$fan, $shape] = [$design->fan, $design->shape];

        return [
            Fact::of('shape', $shape->id()),
            Fact::of('family', $fan->family->value),
            ...array_map(fn (string|int $id): string => Fact::of('hardware', (string) $id), array_keys($assembly->hardware)),
            ...self::keys([
                [Fact::Fan, true],
                [Fact::Filters, true],
                [Fact::OpenMotor, ! $fan->motor->isEnclosed],
                [Fact::LowVoltage, $fan->volts !== null],
                [Fact::Unlisted, ! $fan->handling->isListed],
                [Fact::RearGrilleRemoved, $shape->id() === 'drawer' && $fan->handling->hasRearGrille],
                [Fact::OpenIntake, $fan->family === FanFamily::Blower],
                [Fact::Pushes, $design->direction() === Direction::Push],
                [Fact::FilteredIntake, $assembly->isIntake],
                [Fact::DrawsTheHouse, $design->option('fan-at') === 'far-window'],
                [Fact::Mounted, in_array($shape->stand($design), [Stand::Fixed, Stand::Hung], true)],
                [Fact::TipsOver, $measurements->tipsOver()],
                [Fact::Carbon, $design->filter->carbon > 0.0 || isset($assembly->hardware['carbon-canister']) || isset($assembly->hardware['carbon-loose'])],
                [Fact::SetScrew, $fan->handling->rotor === Rotor::SetScrew],
                [Fact::NoFireRating, $fan->handling->fireRating === FireRating::NoneStated],
            ]),
        ];
    }

    /**
     * @param  list<array{Fact, bool}>  $facts  each with whether it holds
     * @return list<string> keys of those that hold
     */
    private static function keys(array $facts): array
    {
        return array_values(array_map(fn (array $fact): string => $fact[0]->value, array_filter($facts, fn (array $fact): bool => $fact[1])));
    }
}
