<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\FanInCarton;
use Jornel\Core\Shape\FanMount;
use Jornel\Core\Shape\FanOnTop;
use Jornel\Core\Shape\HangingFan;
use LogicException;

/** Setting a fan on a box of four walls. */
final class MountSteps
{
    /** @return non-empty-list<Step> */
    public static function of(FanMount $mount, Design $design): array
    {
        return match (true) {
            $mount instanceof FanOnTop => self::onTop($mount, $design),
            $mount instanceof FanInCarton => self::inCarton($mount, $design),
            $mount instanceof HangingFan => self::hanging($mount, $design),
            default => throw new LogicException('No steps are known of '.$mount::class.'.'),
        };
    }

    /** Where it is set to see whether it fits, within a sentence. */
    public static function where(FanMount $mount): string
    {
        return match (true) {
            $mount instanceof HangingFan => 'upside down in the opening and hold it in the middle: its frame must clear the filters all round',
            $mount instanceof FanInCarton => 'in its carton on the box where it shall sit',
            default => 'on the box where it shall sit',
        };
    }

    /** @return non-empty-list<Step> */
    private static function onTop(FanOnTop $mount, Design $design): array
    {
        $joining = $design->joining;
        [$sealing, $way] = [Sealing::with($joining), Airway::of($design)];
        $cover = $mount->hasCover ? (new Step(
            'cover',
            "Lay the cover on the walls, its hole in the middle, and {$sealing->close('its four edges')}.",
            'The fan does not cover the opening by itself.',
            1.0,
            ['Cover closed all round'],
            ['cover'],
            [PartUse::cut('cover')],
            [Milestone::Covered],
            [Milestone::Fitted, Milestone::Closed, Milestone::Sealed],
            mends: [Mend::FrameWillNotGoIn],
        ))->joining(4, $joining) : null;
        $set = (new Step(
            'fan',
            "Set the fan in its place on top, its arrow pointing {$way->fan()}, and {$sealing->close('its four edges')}; shape the edge round the power cord.",
            'A slot at the cord is an open leak.'.$sealing->gap(),
            2.0,
            ["Fan’s arrow points {$way->fan()}", 'Cord slot closed'],
            ['fan'],
            [PartUse::fans()],
            [Milestone::FanSet],
            [Milestone::Sealed, Milestone::Covered, Milestone::Closed],
        ))->joining(4, $joining);

        return array_values(array_filter([$cover, CommonSteps::corners($design), $set]));
    }

    /** @return non-empty-list<Step> */
    private static function inCarton(FanInCarton $mount, Design $design): array
    {
        $joining = $design->joining;
        [$sealing, $way] = [Sealing::with($joining), Airway::of($design)];
        $door = $mount->hasDoor() ? ' Cut a small door beside the knob, on three sides.' : '';

        return [
            new Step(
                'cut-carton', "Cut the fan’s circle out of the front and the back of its carton.{$door}", 'The carton is the fan’s housing: it closes what a round fan leaves open.', 12.0, ['Circles as large as the blades, not larger'], ['carton-back', 'carton-front', 'carton-side'],
                array_map(PartUse::cut(...), ['carton-back', 'carton-front', ...$mount->hasDoor() ? ['carton-side'] : []]),
                tools: ['tape measure', 'knife', 'marker'], skill: 'cutting', isCutting: true,
            ),
            (new Step(
                'in-carton', "Set the fan in its carton, its arrow pointing {$way->fan()}, and {$sealing->close('both circles all round, inside')}.", 'Past the fan the carton would be an open pipe.', 6.0, ["Fan’s arrow points {$way->fan()}", 'Both circles closed all round'], ['fan', 'carton'],
                [PartUse::fans(), PartUse::cut('carton-front'), PartUse::cut('carton-back')], [Milestone::Covered], [Milestone::FanMarked, Milestone::Unplugged],
                mends: [Mend::FanBackwards, Mend::BladeTouches],
            ))->joining(2, $joining),
            (new Step(
                'carton', "Set the carton on the box and {$sealing->close('its skirt all round')}; shape the edge round the power cord.", 'A slot at the cord is an open leak.', 3.0, ['Cord slot closed'],
                reaches: [Milestone::FanSet], after: [Milestone::Sealed, Milestone::Covered, Milestone::Closed],
            ))->joining(4, $joining),
        ];
    }

    /** @return non-empty-list<Step> */
    private static function hanging(HangingFan $mount, Design $design): array
    {
        $isCord = $mount->isTiedWithCord();
        $with = $isCord ? 'cords with knots that do not slip' : 'zip ties';
        $remote = $design->fan->handling->hasRemote ? ' Move the remote’s receiver to where the remote reaches it.' : '';
        $way = Airway::of($design);

        return [
            new Step('stand', "Take the stand off the fan.{$remote}", 'It would lie against the filters.', 3.0, ['Plug out before the stand came off'], uses: [PartUse::fans()], reaches: [Milestone::StandOff], after: [Milestone::FanMarked, Milestone::Unplugged], tools: ['screwdriver']),
            new Step(
                'tie',
                "Pierce the cover at four places round the fan’s frame, well away from the blades, and tie the fan under the hole with {$with}, its arrow pointing {$way->fan()}: centre it, then draw them tight and trim the ends.",
                'Ends that hang loose reach the blades.',
                12.0,
                ["Fan’s arrow points {$way->fan()}", 'Fan centred, blades free, ends trimmed'],
                ['cover', 'fan'],
                [PartUse::fans(), PartUse::cut('cover'), PartUse::material($isCord ? 'cord' : 'zip-ties')],
                [Milestone::Covered],
                [Milestone::StandOff],
                ['awl', 'cutters'],
                'taping',
                mends: [Mend::BladeTouches, Mend::FanBackwards],
            ),
            new Step(
                'lower',
                'Lower the cover with the fan into the box and lead the cord out over a frame’s edge that is shaped round it; no tape and no glue here.',
                'The fan’s weight presses the cover on the filters, and the cover lifts off with it to change them.',
                3.0,
                ['Cover lies flat all round, cord slot closed'],
                reaches: [Milestone::FanSet],
                after: [Milestone::Sealed, Milestone::Covered, Milestone::Closed],
            ),
        ];
    }
}
