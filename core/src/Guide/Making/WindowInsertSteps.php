<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\WindowInsert;

/** Making a filler board with filters for a window. */
final readonly class WindowInsertSteps implements ShapeSteps
{
    public function __construct(private WindowInsert $shape)
    {
    }

    public function of(Design $design): array
    {
        $far = $this->shape->isFar($design);
        $count = $design->number('filters');
        $fans = $this->shape->fanCount($design);
        $sealing = Sealing::with($design->joining);
        $carrier = $design->option('carried-by') === 'stool' && ! $far ? 'the stool' : 'the sill';
        $fit = (new Step('fit-board', 'Set the filler board in the window without tape, close the window on it as far as it goes, and lift it off.', 'Windows differ; a board too small leaks, one too large bows.', 3.0, ['Board fits without force'], ['board'], [PartUse::cut('board')], [Milestone::BoardFits], mends: [Mend::CutWrong, Mend::FrameWillNotGoIn]));

        return CommonSteps::list(
            CommonSteps::markFan($design),
            ...CutSteps::of($design),
            ...array_values(array_filter([
                $fit,
                CommonSteps::arrows($design, 'Lay the filters on the board, on the side that will face the room and stays dry.', ['face'], 'into the room'),
                CommonSteps::seal($design, 4 * $count, 'the filters to the board', 'Outdoor air that leaks in here passes no filter.')->using(PartUse::cut('board')),
                CommonSteps::collar($this->shape->collar($design), $design, 'the filter, on the room’s side')?->waitingFor(Milestone::Sealed)->reaching(Milestone::Covered),
                $far ? null : CommonSteps::corners($design),
                $far
                    ? new Step('fan', 'Set the fan in a window on the far side, its arrow pointing outdoors, and close the gaps beside it with carton and painter’s tape.', 'Through a gap beside it the air would run in a circle. It draws the house a little below outdoors: never near a fuel-burning appliance.', 12.0, ['Fan’s arrow points outdoors', 'Gaps beside the fan closed'], uses: [PartUse::fans(), PartUse::material('painters-tape')], reaches: [Milestone::FanSet], cautions: ['draws-house', 'window'])
                    : (new Step('fan', "Set the fan on the filter, its arrow pointing into the room, so that it lifts out again; {$sealing->close('its edges')}.", 'The window must close again.'.$sealing->gap(), 5.0, ['Fan’s arrow points into the room'], ['fan'], [PartUse::fans()], [Milestone::FanSet], [Milestone::Sealed, Milestone::Covered]))->joining(4 * $fans, $design->joining),
                new Step('window', "Set the board in the window on {$carrier} and close its edges with painter’s tape; close the sash on it.", 'Tape seals and does not carry: the weight must stand on something, and a gust must not throw it.', 8.0, ['Weight stands on '.$carrier, 'Held on two sides'], uses: [PartUse::cut('board'), PartUse::material('painters-tape'), ...$design->option('carried-by') === 'stool' && ! $far ? [PartUse::material('stool')] : []], reaches: [Milestone::Closed], after: [Milestone::Sealed, ...$far ? [] : [Milestone::FanSet]], tools: ['tape'], skill: 'taping', cautions: ['window']),
                $far ? null : new Step('way-out', 'Open a window on the far side.', 'Air that comes in must have a way out.', 1.0, ['Way out open'], after: [Milestone::Closed]),
                CommonSteps::look(),
                CommonSteps::power(),
                new Step('ribbon', $far ? 'Hold a ribbon at the filters.' : 'Hold a ribbon at the window on the far side.', $far ? 'It must be blown into the room: else the air comes in unfiltered, by cracks.' : 'It must be blown outwards: if it is drawn in, smoke comes in there.', 2.0, [$far ? 'Ribbon blows into the room' : 'Ribbon blows out'], reaches: [Milestone::Blowing], after: [Milestone::FirstRun]),
                CommonSteps::tissue($design)->waitingFor(Milestone::Blowing),
                CommonSteps::patch($design),
                CommonSteps::label(),
            ])),
        );
    }
}
