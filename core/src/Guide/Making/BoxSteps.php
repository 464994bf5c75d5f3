<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\FanMount;
use Jornel\Core\Shape\Layout;

/** The usual order of making a box of four walls (common practice, no source). */
final class BoxSteps
{
    /** @return non-empty-list<Step> */
    public static function of(Design $design, Step $base, FanMount $mount): array
    {
        $between = Layout::tryFrom($design->option('layout')) === Layout::TwoBetweenTwo;

        return CommonSteps::list(
            CommonSteps::cut($design),
            CommonSteps::arrows($design, 'Lay two filters on the bench.'),
            $between
                ? new Step('Stand two filters between the other two and tack the corners.', 'Begun one way, it must go on that way: mixed corners leave a gap.', 5.0, sets: ['face'])
                : new Step('Set the four filters up as a pinwheel, each overlapping the next, and tack the corners.', 'Alternating them two and two makes a rectangle that a square fan does not cover.', 5.0, sets: ['face']),
            new Step('Square up: measure both diagonals across the top.', 'A box out of square leaves gaps under fan and base.', 2.0, 'Diagonals equal within 1/8 in', tools: ['tape measure']),
            CommonSteps::fanDirection(),
            $base,
            CommonSteps::join($design, 4, 'every upright seam', 'Each open seam is a bypass.'),
            ...MountSteps::of($mount, $design),
            ...CommonSteps::finish($design),
        );
    }

    /** Closing the box below with a sheet. */
    public static function base(): Step
    {
        return new Step(
            'Tape the base on while the box lies upside down on the bench, then turn the box over.',
            'An untaped base is the longest leak there is.',
            6.0,
            sets: ['base'],
            tools: ['tape'],
            skill: 'taping',
        );
    }
}
