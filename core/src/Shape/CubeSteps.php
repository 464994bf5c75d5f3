<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** The usual order of making a box of four walls (common practice, no source). */
final class CubeSteps
{
    /** @return non-empty-list<Step> */
    public static function of(Design $design, Step $base): array
    {
        $joining = $design->joining->spoken;
        $between = Layout::tryFrom($design->option('layout')) === Layout::TwoBetweenTwo;

        return CommonSteps::list(
            CommonSteps::cut($design),
            CommonSteps::arrows($design, 'Lay two filters on the bench'),
            $between
                ? new Step('Stand two filters between the other two and tack the corners.', 'Begun one way, it must go on that way: mixed corners leave a gap.', 5.0, sets: ['face'])
                : new Step('Set the four filters up as a pinwheel, each overlapping the next, and tack the corners.', 'Alternating them two and two makes a rectangle that a square fan does not cover.', 5.0, sets: ['face']),
            new Step('Square up: measure both diagonals across the top.', 'A box out of square leaves gaps under fan and base.', 2.0, 'Diagonals equal within 1/8 in', tools: ['tape measure']),
            CommonSteps::fanDirection(),
            $base,
            CommonSteps::join($design, 4, 'every upright seam', 'Each open seam lets air past the filters.'),
            $design->corners === Corners::Taped ? new Step('Tape corner pieces over every gap that the fan’s rounded corners will leave.', 'Through open corners the fan moves air that no filter has cleaned.', 4.0, skill: 'taping') : null,
            (new Step("Set the fan in its place on top, arrow the way it shall blow, and close its four edges with {$joining}; shape the edge round the power cord.", 'A slot at the cord is an open leak.', 2.0, 'Cord slot closed', ['cover', 'fan']))->joining(4, $design->joining),
            $design->corners === Corners::Shroud && $design->option('fan-seat') !== 'hanging'
                ? new Step('Centre the shroud’s hole over the blades and tape the shroud to the fan, clear of the guard.', 'It stops air from falling back through the housing’s corners.', 5.0, 'Guard on, blades free', ['shroud'], skill: 'taping')
                : null,
            ...CommonSteps::finish($design),
        );
    }
}
