<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;

/** Making a film of media sheets on the front of a fan. */
final readonly class MaskSheetSteps implements ShapeSteps
{
    public function of(Design $design): array
    {
        $side = Airway::of($design)->filterSide();

        return CommonSteps::list(
            CommonSteps::markFan($design),
            ...CutSteps::of($design),
            ...[
                new Step('sheets', 'Stick the sheets over the hole in the film with double-sided tape, edges overlapped by 1 cm.', 'Edge to edge they leak along every line.', 10.0, ['No line of light between sheets'], ['film', 'face-1'], [PartUse::cut('film'), PartUse::filters(), PartUse::material('double-sided-tape')], [Milestone::ArrowsChecked], tools: ['tape'], skill: 'taping'),
                CommonSteps::seal($design, 4, "the film to the fan’s {$side}, all round the rim,", 'Air takes the easiest way.')->setting('fan')->using(PartUse::fans())->reaching(Milestone::FanSet),
                ...CommonSteps::finish($design),
            ],
        );
    }
}
