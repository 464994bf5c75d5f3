<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\ArrayBox;
use Jornel\Core\Shape\Design;

/** Making a box of two long filters with a row of small fans. */
final readonly class ArraySteps implements ShapeSteps
{
    public function __construct(private ArrayBox $shape)
    {
    }

    public function of(Design $design): array
    {
        $count = $this->shape->fanCount($design);
        $hardware = array_map(strval(...), array_keys($design->assemble()->hardware));

        $sealing = Sealing::with($design->joining);

        return CommonSteps::list(
            CommonSteps::markFan($design),
            ...CutSteps::of($design),
            ...[
                SmallFanSteps::guards($design, $count),
                SmallFanSteps::screw($design, $count, $count === 1 ? 'its panel' : 'their panels', ['fan'], ['top', ...$design->number('fans-ends') > 0 ? ['end'] : []])->reaching(Milestone::Covered),
                new Step('foam', 'Stick foam along the edges where a filter’s frame will lie, from corner to corner.', 'Frames are rough; foam closes what tape cannot reach.', 8.0, uses: [PartUse::material('foam-strip'), PartUse::cut('bottom')], reaches: [Milestone::Foamed], tools: ['scissors']),
                (new Step(
                    'frame', "Stand the ends on the bottom, lay the top on and {$sealing->close('the four edges where they meet')}; they stay slack for now. Lead every cable to one side.", 'The filters will stiffen them.', 2.0, ['Cables all on one side'], ['bottom', 'end', 'end-plain', 'top'],
                    array_map(PartUse::cut(...), array_values(array_unique(array_map(fn ($panel): string => $panel->id, $design->assemble()->panels)))),
                    [Milestone::Standing], [Milestone::Covered, Milestone::Foamed],
                ))->joining(4, $design->joining),
                CommonSteps::arrows($design, 'Lay both filters beside the box, in front of the side where each will go.', []),
                new Step('first', 'Ease the first filter in without tearing the foam: it stiffens the box.', 'A slack box closes on a filter, not the other way round.', 3.0, ['Foam whole all round'], ['face-1'], [PartUse::filters(1)], [Milestone::Stiffened], [Milestone::Standing, Milestone::ArrowsChecked]),
                new Step('square', 'Measure both diagonals of the open side and push the longer one until they are equal.', 'The last filter goes into a square opening only.', 2.0, ['Diagonals equal within 1/8 in (3 mm)'], reaches: [Milestone::Square], after: [Milestone::Stiffened], tools: ['tape measure']),
                CommonSteps::wire($design, $count, ...$hardware)->waitingFor(Milestone::Standing),
                new Step('last', 'Ease the last filter in without tearing the foam, and pull the long panels onto the frames with the strap across their middle.', 'Without a pull the long panels stand off the frames.', 5.0, ['Foam whole all round', 'Long panels lie on both frames'], ['face-2'], [PartUse::filters(1), PartUse::material('strap')], [Milestone::Closed], [Milestone::Square, Milestone::Wired], mends: [Mend::FrameWillNotGoIn]),
                CommonSteps::seal($design, 8, 'both filters all round', 'Each open edge is a bypass.')->waitingFor(Milestone::Closed),
                ...CommonSteps::finish($design),
            ],
        );
    }
}
