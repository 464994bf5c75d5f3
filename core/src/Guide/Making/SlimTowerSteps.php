<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\SlimTower;

/** Making a slim tower (common practice, no source). */
final readonly class SlimTowerSteps implements ShapeSteps
{
    public function __construct(private SlimTower $shape)
    {
    }

    public function of(Design $design): array
    {
        $count = $this->shape->fanCount($design);

        return CommonSteps::list(
            CommonSteps::cut($design)?->setting('bottom'),
            new Step('Screw a guard and the fan to its panel, blowing outwards; cables on one side.', 'A fan the wrong way round undoes its neighbour.', 2.0 * $count, 'All arrows point outwards', ['front', 'fan'], ['screwdriver'], 'wiring'),
            CommonSteps::arrows($design, 'Stand the three filters on the bottom panel.'),
            CommonSteps::join($design, 4, 'every upright seam', 'Each open seam is a bypass.'),
            CommonSteps::join($design, 2, 'bottom and top all round', 'The ends leak as much as the sides.', 'top'),
            ...CommonSteps::finish($design),
        );
    }
}
