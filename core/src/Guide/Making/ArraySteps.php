<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\ArrayBox;
use Jornel\Core\Shape\Design;

/** Making an array of small fans (common practice, no source). */
final readonly class ArraySteps implements ShapeSteps
{
    public function __construct(private ArrayBox $shape)
    {
    }

    public function of(Design $design): array
    {
        $count = $this->shape->fanCount($design);

        return CommonSteps::list(
            CommonSteps::cut($design)?->setting('bottom', 'end', 'end-plain', 'top'),
            new Step('Screw guards to the fans, then the fans to their panels: every fan blows outwards, all cables on one side.', 'A fan the wrong way round undoes its neighbour.', 2.0 * $count, 'All arrows point outwards', ['fan'], ['screwdriver'], 'wiring'),
            new Step('Stick foam along the edges where a filter’s frame will lie, from corner to corner.', 'Frames are rough; foam closes what tape cannot reach.', 8.0, tools: ['scissors']),
            new Step('Tape bottom, ends and top together; they stay slack for now.', 'The filters will stiffen them.', 6.0, skill: 'taping'),
            CommonSteps::arrows($design, 'Ease the first filter in without tearing the foam, then the other.'),
            CommonSteps::join($design, 8, 'both filters all round', 'Something must pull the long panels onto the frames.'),
            new Step(sprintf('Join the cables of %d fans to the hub; count sockets and add up amperes against the supply.', $count), 'An overloaded supply runs hot.', 1.0 * $count, 'Sum of the fans’ amperes below the supply’s', [], ['cable ties'], 'wiring'),
            ...CommonSteps::finish($design),
        );
    }
}
