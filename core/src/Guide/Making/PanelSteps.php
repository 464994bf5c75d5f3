<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\FlatPanel;
use Jornel\Core\Shape\StackedPanel;

/** Making a panel of one or more filters behind a fan. */
final readonly class PanelSteps implements ShapeSteps
{
    public function __construct(private FlatPanel|StackedPanel $shape)
    {
    }

    public function of(Design $design): array
    {
        $panel = $this->shape->panel($design);
        $several = count($panel->stack) > 1;
        $way = Airway::of($design);
        $isCoarse = $design->prefilter !== null;
        // The air meets the coarse one first: pulled, it comes from the outside, pushed, from the fan.
        [$first, $second] = match (true) {
            ! $isCoarse => ['one filter', 'the second'],
            $way->pulls => ['the fine filter', 'the coarse one'],
            default => ['the coarse filter', 'the fine one'],
        };
        $collar = CommonSteps::collar($panel->collar, $design, $way->pulls ? 'the side of the filter that its arrow points to' : 'the side of the filter that its arrow comes from');
        $on = $panel->collar === null ? "its {$way->filterSide()}" : "its {$way->filterSide()}, the collar between them";

        return CommonSteps::list(
            CommonSteps::markFan($design),
            ...CutSteps::of($design),
            ...array_values(array_filter([
                $collar?->using(PartUse::filters(1))->reaching(Milestone::Covered),
                CommonSteps::corners($design),
                new Step(
                    'lay',
                    $several
                        ? "Lay the fan {$way->fanLies()}, {$first} on {$on} and {$second} on that, both arrows pointing {$way->filterOnFan()}. See that each covers what lies under it."
                        : "Lay the fan {$way->fanLies()} and the filter on {$on}, its arrow pointing {$way->filterOnFan()}. See that it covers the opening.",
                    $way->pulls ? 'Behind the fan the filter keeps dust off motor and blades.' : 'Before the fan the filter takes what the fan blows; motor and blades are in the dusty air.',
                    1.0,
                    [$several ? "Both arrows point {$way->filterOnFan()}" : "Filter’s arrow points {$way->filterOnFan()}", "Fan’s arrow points {$way->fanOnFilter()}"],
                    ['fan', 'face-1', 'prefilter'],
                    [PartUse::fans(), ...CommonSteps::filters($design)],
                    [Milestone::ArrowsChecked, Milestone::Fitted],
                    after: [Milestone::Covered, Milestone::CornersClosed, Milestone::FanMarked],
                    mends: [Mend::FanDoesNotFit],
                ),
                CommonSteps::seal(
                    $design, 4 * count($panel->stack),
                    match (true) {
                        $several => 'the edges of both filters all round, fan to filter and filter to filter',
                        $panel->collar !== null => 'the filter’s edge all round',
                        default => 'the filter’s edge to the fan all round',
                    },
                    'What passes the edge passes no filter. Pierce no media: a hole in it is a leak for good.',
                )->waitingFor(Milestone::Covered)->reaching(Milestone::FanSet),
                ...CommonSteps::finish($design, 'Stand it where it cannot tip.'),
            ])),
        );
    }
}
