<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Wedge;

/** Making a V of two filters on a fan. */
final readonly class WedgeSteps implements ShapeSteps
{
    public function __construct(private Wedge $shape)
    {
    }

    public function of(Design $design): array
    {
        return CommonSteps::list(
            CommonSteps::markFan($design, 'Lay it face down on the bench.'),
            ...CutSteps::of($design),
            ...array_values(array_filter([
                CommonSteps::collar($this->shape->collar($design), $design, 'the fan’s back')?->reaching(Milestone::Covered)->waitingFor(Milestone::FanMarked, Milestone::CornersClosed),
                CommonSteps::arrows($design, 'Stand the two filters in a V on the back edges of the fan.')->setting('fan')->using(PartUse::fans())->waitingFor(Milestone::FanMarked, Milestone::Covered, Milestone::CornersClosed),
                new Step('fit-ends', 'Hold a triangle on each end of the V, without tape, and move the filters until both close it.', 'The triangles set the angle of the V.', 2.0, ['Both triangles meet every edge'], uses: [PartUse::cut('end')], reaches: [Milestone::Standing, Milestone::Fitted], after: [Milestone::ArrowsChecked], mends: [Mend::FrameWillNotGoIn, Mend::CutWrong]),
                (new Step('join', "Close the seam at the point and both filters to the fan with {$design->joining->with}.", 'They hold the V while the ends are fitted.', 2.0, ['All seams pressed'], reaches: [Milestone::Sealed], after: [Milestone::Standing]))->joining(3, $design->joining),
                (new Step('ends', 'Lay a triangle on each end and close it all round.', 'Each end is as long a leak as both filters together.', 2.0, ['Both ends closed'], ['end'], [PartUse::cut('end')], [Milestone::FanSet], [Milestone::Sealed]))->joining(6, $design->joining),
                CommonSteps::corners($design),
                ...CommonSteps::finish($design),
            ])),
        );
    }
}
