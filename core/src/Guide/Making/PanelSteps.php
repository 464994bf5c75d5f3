<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Collar;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\FlatPanel;
use Jornel\Core\Shape\StackedPanel;

/** Making one or more filters behind a fan (common practice, no source). */
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

        return CommonSteps::list(
            CommonSteps::cut($design),
            new Step('Run the fan once and draw an arrow on its housing the way it blows.', 'The filter belongs on the side where the air goes in.', 1.0, 'Fan’s arrow drawn', ['fan'], ['marker']),
            new Step($several ? 'Lay the fan face down, the fine filter on its back and the coarse one on that, arrows pointing into the fan.' : 'Lay the fan face down and the filter on its back, arrow pointing into the fan.', 'Behind the fan the filter keeps dust off motor and blades.', 1.0, $several ? 'Both arrows point into the fan' : 'Filter’s arrow points into the fan', ['face-1', 'prefilter']),
            (new Step("Join the filter to the fan all round with {$joining}; pierce no media.", 'A hole in the media is a leak for good.', 1.0, 'All four edges closed'))->joining(4 * count($panel->stack), $design->joining),
            self::collar($panel->collar, $design),
            CommonSteps::corners($design),
            new Step('Stand it where it cannot tip, plug in, run on high; listen for clicks or rubbing.', 'It is top-light and tips easily.', 1.0, 'Stands firm, no clicking'),
            new Step('Hold a strip of tissue along the edges, then in front of the filter.', 'At an edge it must hang still; at the filter it must be drawn in.', 1.0, 'No edge draws, the filter draws', tools: ['tissue']),
            new Step('Patch what draws, then label it with date, filter and speed.', 'Whoever looks after it must know when the filter went in.', 1.0, tools: ['marker']),
        );
    }

    /** Closing what lies round a fan that is smaller than its filter; null where there is no collar. */
    public static function collar(?Collar $collar, Design $design): ?Step
    {
        return $collar === null ? null : (new Step(
            'Tape the collar to the filter all round, centre the fan over its hole and close the fan’s edges.',
            'The fan is smaller than the filter: past its housing it would draw air that no filter has cleaned.',
            3.0,
            'Hole and blades in line',
            [Collar::PART],
            skill: 'taping',
        ))->joining(4, $design->joining);
    }
}
