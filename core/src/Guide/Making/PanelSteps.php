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
        $joining = $design->joining->with;
        $several = count($panel->stack) > 1;
        $coarse = $design->prefilter === null ? 'the second' : 'the coarse one';

        return CommonSteps::list(
            CommonSteps::markFan($design),
            ...CutSteps::of($design),
            ...array_values(array_filter([
                CommonSteps::collar($panel->collar, $design, 'the side of the filter that its arrow points to')?->using(PartUse::filters(1))->reaching(Milestone::Covered),
                CommonSteps::corners($design),
                new Step(
                    'lay',
                    $several
                        ? "Lay the fan face down, one filter on its back and {$coarse} on that, both arrows pointing into the fan. See that each covers what lies under it."
                        : 'Lay the fan face down and the filter on its back, its arrow pointing into the fan. See that it covers the opening.',
                    'Behind the fan the filter keeps dust off motor and blades.',
                    1.0,
                    [$several ? 'Both arrows point into the fan' : 'Filter’s arrow points into the fan'],
                    ['fan', 'face-1', 'prefilter'],
                    [PartUse::fans(), ...CommonSteps::filters($design)],
                    [Milestone::ArrowsChecked, Milestone::Fitted],
                    after: [Milestone::Covered, Milestone::CornersClosed, Milestone::FanMarked],
                    mends: [Mend::FanDoesNotFit],
                ),
                CommonSteps::seal($design, 4 * count($panel->stack), $several ? 'the edges of both filters all round, fan to filter and filter to filter,' : 'the filter’s edge to the fan all round', 'What is drawn in at the edge passes no filter. Pierce no media: a hole in it is a leak for good.')->waitingFor(Milestone::Covered)->reaching(Milestone::FanSet),
                ...CommonSteps::finish($design, 'Stand it where it cannot tip.'),
            ])),
        );
    }
}
