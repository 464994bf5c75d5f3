<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;

/** Making a tote with a filter in its lid and a blower on its wall. */
final readonly class ToteSteps implements ShapeSteps
{
    public function of(Design $design): array
    {
        return CommonSteps::list(
            CommonSteps::markFan($design),
            ...[
                new Step('cut-tote', 'Cut the opening in the lid, and the one in the wall where the fan’s mouth will be; smooth both edges.', 'An opening smaller than the frame’s rim keeps the filter from falling in.', 12.0, ['Lid’s opening smaller than the filter all round'], ['tote', 'lid'], [PartUse::cut('lid'), PartUse::cut('tote'), PartUse::material('plastic-tote')], tools: ['tape measure', 'knife', 'marker'], skill: 'cutting', isCutting: true),
                new Step('drill', 'Hold the fan over the opening in the wall, mark through its bolt holes, put it aside and drill them.', 'Marked from the fan itself, the holes cannot be off.', 8.0, ['Bolts go through all four'], uses: [PartUse::fans(), PartUse::cut('tote')], reaches: [Milestone::Drilled], after: [Milestone::Unplugged], tools: ['marker', 'drill'], skill: 'drilling'),
                (new Step('fan', "Bolt the fan on, washers inside the thin plastic: all four hand-tight first, then with the wrench; close its rim with {$design->joining->with}.", 'One tight bolt pulls the rim crooked, and thin plastic tears under a bare nut.', 6.0, ['Washers inside', 'All four bolts tight, rim closed'], ['fan'], [PartUse::fans(), PartUse::cut('tote'), PartUse::material('bolts-washers')], [Milestone::FanSet], [Milestone::Drilled], ['wrench'], 'drilling'))->joining(4, $design->joining),
                CommonSteps::arrows($design, 'Lay the filter on the lid.')->using(PartUse::cut('lid')),
                CommonSteps::seal($design, 4, 'the filter’s edges on the lid', 'What leaks at the rim passes no filter.'),
                new Step('guard', 'Fix a piece of coarse media over the fan’s open intake with the zip ties, as a guard.', 'Fingers, hair and loose cord stay out of the wheel.', 3.0, ['Intake guarded'], uses: [PartUse::material('coarse-media'), PartUse::material('zip-ties')], reaches: [Milestone::Guarded], after: [Milestone::Drilled], tools: ['cutters'], cautions: ['open-intake']),
                new Step('stand', 'Close the lid and stand the tote so that the fan’s weight presses on no seam of the filter but closes it.', 'A seam that hangs opens with time.', 2.0, ['Lid closed all round, tote stands firm'], uses: [PartUse::cut('lid')], reaches: [Milestone::Closed], after: [Milestone::FanSet, Milestone::Sealed]),
                ...CommonSteps::finish($design),
            ],
        );
    }
}
