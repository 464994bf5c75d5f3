<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\WindowInsert;

/** Making a window insert (common practice, no source). */
final readonly class WindowInsertSteps implements ShapeSteps
{
    public function __construct(private WindowInsert $shape)
    {
    }

    public function of(Design $design): array
    {
        $far = $this->shape->isFar($design);

        return CommonSteps::list(
            new Step('Measure the clear opening of your window and cut the filler board to it; '.($this->shape->window($design)->isKnown ? 'the size on this sheet is that of the window on the plan.' : 'the size on this sheet is that of an ordinary one.'), 'Windows differ; a board too small leaks, one too large bows.', 12.0, 'Board fits without force', ['board'], ['tape measure', 'straightedge', 'knife', 'marker'], 'cutting'),
            CommonSteps::cut($design, 'board'),
            CommonSteps::arrows($design, 'Fix the filters to the board on the room’s side, where rain does not reach them.'),
            CommonSteps::join($design, 4 * $design->number('filters'), 'the filters to the board', 'Outdoor air that leaks in here passes no filter.'),
            PanelSteps::collar($this->shape->collar($design), $design),
            $far
                ? new Step('Set the fan in a window on the far side, blowing out.', 'It draws the house a little below outdoors: never near a fuel-burning appliance.', 8.0, 'Blows out')
                : CommonSteps::fanDirection('Fix it before the filter so that it lifts out.')->setting('fan'),
            $far ? null : CommonSteps::corners($design),
            new Step('Set the board in the window and close its edges with tape that peels off; secure it against falling out.', 'A gust must not throw it, and the window must close again.', 8.0, 'Held on two sides', [], ['tape'], 'taping'),
            new Step('Open a window on the far side and hold a ribbon there.', 'It must be blown outwards: air that comes in must have a way out.', 3.0, 'Ribbon blows out'),
            ...CommonSteps::finish($design),
        );
    }
}
