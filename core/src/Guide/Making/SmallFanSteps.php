<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

/** Setting small fans on direct current into a panel: the guards before the fans. */
final class SmallFanSteps
{
    /** @param  int  $count  fans */
    public static function guards(int $count): Step
    {
        return new Step('guards', $count === 1 ? 'Screw the guard to the fan, on the side where it blows.' : 'Screw a guard to every fan, on the side where it blows.', 'Once a fan sits, its guard goes on no more, and fingers reach the blades.', 1.0 * $count, ['Guards on'], uses: [PartUse::fans(), PartUse::material('grille')], reaches: [Milestone::Guarded], after: [Milestone::FanMarked, Milestone::Unplugged], tools: ['screwdriver'], skill: 'wiring');
    }

    /**
     * @param  string  $on  what they are screwed to, within a sentence
     * @param  list<string>  $sets
     * @param  list<string>  $panels  ids
     */
    public static function screw(int $count, string $on, array $sets, array $panels): Step
    {
        return new Step(
            'fans',
            $count === 1 ? "Screw the fan to {$on}, blowing outwards." : "Screw the fans to {$on}: every fan blows outwards, all cables on one side.",
            $count === 1 ? 'It draws through the filters and blows away from them.' : 'A fan the wrong way round undoes its neighbour.',
            1.0 + 1.0 * $count,
            [$count === 1 ? 'Fan’s arrow points outwards' : 'All arrows point outwards'],
            $sets,
            [PartUse::fans(), ...array_map(PartUse::cut(...), $panels)],
            [Milestone::FanSet],
            tools: ['screwdriver'],
            skill: 'wiring',
        );
    }
}
