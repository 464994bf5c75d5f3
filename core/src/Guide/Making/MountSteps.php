<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\FanInCarton;
use Jornel\Core\Shape\FanMount;
use Jornel\Core\Shape\FanOnTop;
use Jornel\Core\Shape\HangingFan;
use LogicException;

/** Setting a fan on the open top of a box (common practice, no source). */
final class MountSteps
{
    /** @return non-empty-list<Step> after the walls stand */
    public static function of(FanMount $mount, Design $design): array
    {
        return match (true) {
            $mount instanceof FanOnTop => self::onTop($mount, $design),
            $mount instanceof FanInCarton => self::inCarton($mount, $design),
            $mount instanceof HangingFan => self::hanging($mount),
            default => throw new LogicException('No steps are known of '.$mount::class.'.'),
        };
    }

    /** @return non-empty-list<Step> */
    private static function onTop(FanOnTop $mount, Design $design): array
    {
        $joining = $design->joining->with;

        $set = (new Step("Set the fan in its place on top, arrow the way it shall blow, and close its four edges with {$joining}; shape the edge round the power cord.", 'A slot at the cord is an open leak.', 2.0, 'Cord slot closed', ['cover', 'fan']))
            ->joining($mount->hasCover ? 8 : 4, $design->joining);
        $corners = CommonSteps::corners($design);

        return $corners === null ? [$set] : [$set, $corners];
    }

    /** @return non-empty-list<Step> */
    private static function inCarton(FanInCarton $mount, Design $design): array
    {
        $joining = $design->joining;
        $door = $mount->hasDoor() ? ' Cut a small door beside the knob, on three sides.' : '';

        return [
            new Step("Cut the fan’s circle out of the front and the back of its carton.{$door}", 'The carton is the fan’s housing: it closes what a round fan leaves open.', 12.0, null, ['carton-back', 'carton-front', 'carton-side'], ['tape measure', 'knife', 'marker'], 'cutting'),
            (new Step('Set the fan in the carton, its arrow the way it shall blow, and seal it all round inside, front and back.', 'Past the fan the carton would be an open pipe.', 6.0, 'Fan sealed on both circles', ['fan', 'carton']))->joining(2, $joining),
            (new Step("Set the carton on the box and close its skirt with {$joining->with} all round; shape the edge round the power cord.", 'A slot at the cord is an open leak.', 3.0, 'Cord slot closed'))->joining(4, $joining),
        ];
    }

    /** @return non-empty-list<Step> */
    private static function hanging(HangingFan $mount): array
    {
        $with = $mount->isTiedWithCord() ? 'cords with knots that do not slip' : 'zip ties';

        return [
            new Step('Take the stand off the fan.', 'It would lie against the filters.', 3.0, tools: ['screwdriver']),
            new Step(
                "Pierce the cover at four places round the fan’s frame, well away from the blades, and tie the fan under the hole with {$with}: centre it, then draw them tight and trim the ends.",
                'Ends that hang loose reach the blades.',
                12.0,
                'Fan centred, blades free, ends trimmed',
                ['cover', 'fan'],
                ['awl', 'cutters'],
                'taping',
            ),
            new Step(
                'Lower the cover with the fan into the box and lead the cord out over a frame’s edge that is shaped round it; no tape and no glue here.',
                'The fan’s weight presses the cover on the filters, and the cover lifts off with it to change them.',
                3.0,
                'Cover lies flat all round, cord slot closed',
            ),
        ];
    }
}
