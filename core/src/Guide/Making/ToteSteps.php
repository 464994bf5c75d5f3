<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DuctBox;
use Jornel\Core\Shape\Tote;

/** Making a tote with a filter in its lid and a blower on its wall. */
final readonly class ToteSteps implements ShapeSteps
{
    public function of(Design $design): array
    {
        $isBolted = Tote::isBolted($design);
        $to = Airway::of($design)->pulls ? 'out of the tote' : 'into the tote';
        $ring = $isBolted ? 'fan' : 'flange';

        return CommonSteps::list(
            CommonSteps::markFan($design),
            ...CutSteps::of($design),
            ...[
                new Step('cut-tote', 'Cut the opening in the lid, and the one in the wall for the fan’s mouth; smooth both edges.', 'An opening smaller than the frame’s rim keeps the filter from falling in.', 12.0, ['Lid’s opening smaller than the filter all round'], ['tote', 'lid'], [PartUse::cut('lid'), PartUse::cut('tote'), PartUse::material('plastic-tote')], tools: ['tape measure', 'knife', 'marker'], skill: 'cutting', isCutting: true),
                new Step('drill', "Hold the {$ring} over the opening in the wall, mark through its bolt holes, put it aside and drill them.", 'Holes that are marked from the part itself fit.', 8.0, ['Bolts go through all four'], uses: [$isBolted ? PartUse::fans() : PartUse::material(DuctBox::flange($design)), PartUse::cut('tote')], reaches: [Milestone::Drilled], after: [Milestone::Unplugged], tools: ['marker', 'drill'], skill: 'drilling'),
                new Step(
                    'fan',
                    $isBolted
                        ? "Stick foam round the opening. Bolt the fan on, its arrow pointing {$to}, washers inside: all four bolts hand-tight first, then with the wrench until the foam is pressed."
                        : "Stick foam round the opening. Bolt the flange on, washers inside: all four bolts hand-tight first, then with the wrench until the foam is pressed. Push the fan on it, its arrow pointing {$to}, and close the clamp.",
                    'One tight bolt pulls the rim crooked, and thin plastic tears under a bare nut.', 8.0, ['Washers inside, all four bolts tight', "Fan’s arrow points {$to}"], ['fan'],
                    [PartUse::fans(), PartUse::cut('tote'), PartUse::material('bolts-washers'), PartUse::material('foam-strip'), ...$isBolted ? [] : [PartUse::material(DuctBox::flange($design)), PartUse::material('duct-clamp')]],
                    [Milestone::FanSet], [Milestone::Drilled], ['wrench', 'scissors'], 'drilling',
                ),
                CommonSteps::arrows($design, 'Lay the filter on the lid.', towards: $to === 'into the tote' ? 'out of the tote' : 'into the tote')->using(PartUse::cut('lid')),
                CommonSteps::seal($design, 4, 'the filter’s edges on the lid', 'What leaks at the rim passes no filter.'),
                new Step('guard', 'Fix a piece of coarse media over the fan’s open end with the zip ties.', 'It keeps fingers, hair and loose cord out of the wheel.', 3.0, ['Open end guarded'], uses: [PartUse::material('coarse-media'), PartUse::material('zip-ties')], reaches: [Milestone::Guarded], after: [Milestone::Drilled], tools: ['cutters'], cautions: ['open-intake']),
                new Step('close', 'Close the lid and stand the tote where it stays level.', 'A lid that is bent open leaks all round.', 2.0, ['Lid closed all round, tote stands firm'], uses: [PartUse::cut('lid')], reaches: [Milestone::Closed], after: [Milestone::FanSet, Milestone::Sealed]),
                ...CommonSteps::finish($design),
            ],
        );
    }
}
