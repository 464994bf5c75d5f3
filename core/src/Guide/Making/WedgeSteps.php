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
        [$sealing, $way] = [Sealing::with($design->joining), Airway::of($design)];

        return CommonSteps::list(
            CommonSteps::markFan($design, "Lay it {$way->fanLies()} on the bench."),
            ...CutSteps::of($design),
            ...array_values(array_filter([
                CommonSteps::collar($this->shape->collar($design), $design, "the fan’s {$way->filterSide()}")?->reaching(Milestone::Covered)->waitingFor(Milestone::FanMarked, Milestone::CornersClosed),
                CommonSteps::arrows($design, "Stand the two filters in a V on the edges of the fan’s {$way->filterSide()}, flush with its foot.", towards: $way->pulls ? 'into the V' : 'out of the V')->setting('fan')->using(PartUse::fans())->waitingFor(Milestone::FanMarked, Milestone::Covered, Milestone::CornersClosed),
                new Step('fit-ends', 'Hold a triangle on each end of the V, without tape, and move the filters until both close it.', 'The triangles set the angle of the V.', 2.0, ['Both triangles meet every edge'], uses: [PartUse::cut('end')], reaches: [Milestone::Standing, Milestone::Fitted], after: [Milestone::ArrowsChecked], mends: [Mend::FrameWillNotGoIn, Mend::CutWrong]),
                (new Step('join', $sealing->sentence('the seam at the point and both filters’ edges to the fan'), 'They hold the V while the ends are fitted.'.$sealing->gap(), 2.0, [$sealing->hold(), "Fan’s arrow points {$way->fanOnFilter()}"], reaches: [Milestone::Sealed], after: [Milestone::Standing]))->joining(3, $design->joining),
                (new Step('ends', "Lay a triangle on each end and {$sealing->close('its three edges')}.", 'Each end is as long a leak as both filters together.', 2.0, ['Both ends closed'], ['end'], [PartUse::cut('end')], [Milestone::FanSet], [Milestone::Sealed]))->joining(6, $design->joining),
                CommonSteps::corners($design),
                ...CommonSteps::finish($design),
            ])),
        );
    }
}
