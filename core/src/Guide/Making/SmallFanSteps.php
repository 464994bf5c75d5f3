<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\SmallFanWiring;

/** Setting small fans on direct current into a panel: the guards before the fans. */
final class SmallFanSteps
{
    /** @param  int  $count  fans */
    public static function guards(Design $design, int $count): Step
    {
        $side = Airway::of($design)->pulls ? 'where its air comes out' : 'where its air goes in';

        return new Step('guards', $count === 1 ? "Lay the guard on the fan, on the side {$side}." : "Lay a guard on every fan, on the side {$side}.", 'Once a fan sits, its guard goes on no more, and fingers reach the blades.', 1.0 * $count, ['Guards on'], uses: [PartUse::fans(), PartUse::material(SmallFanWiring::grille($design->fan))], reaches: [Milestone::Guarded], after: [Milestone::FanMarked, Milestone::Unplugged], tools: ['screwdriver'], skill: 'wiring');
    }

    /**
     * @param  string  $on  what they are screwed to, within a sentence
     * @param  list<string>  $sets
     * @param  list<string>  $panels  ids
     */
    public static function screw(Design $design, int $count, string $on, array $sets, array $panels): Step
    {
        $way = Airway::of($design);

        return new Step(
            'fans',
            $count === 1 ? "Screw the fan with its guard to {$on}, its arrow pointing {$way->small()}." : "Screw the fans with their guards to {$on}: every arrow points {$way->small()}, all cables on one side. The side with the sticker is where the air comes out.",
            $count === 1 ? 'The wrong way round it blows against the arrows of the filters.' : 'A fan the wrong way round undoes its neighbour.',
            1.0 + 1.0 * $count,
            [$count === 1 ? "Fan’s arrow points {$way->small()}" : "Arrows of all fans point {$way->small()}"],
            $sets,
            [PartUse::fans(), PartUse::material('fan-screws'), ...array_map(PartUse::cut(...), $panels)],
            [Milestone::FanSet],
            tools: ['screwdriver'],
            skill: 'wiring',
        );
    }
}
