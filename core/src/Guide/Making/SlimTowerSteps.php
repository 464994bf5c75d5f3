<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\SlimTower;

/** Making a column of three narrow filters. */
final readonly class SlimTowerSteps implements ShapeSteps
{
    public function __construct(private SlimTower $shape)
    {
    }

    public function of(Design $design): array
    {
        $count = $this->shape->fanCount($design);
        $ids = array_map(fn ($panel): string => $panel->id, $design->assemble()->panels);
        $front = in_array('front', $ids, true);
        $hardware = array_map(strval(...), array_keys($design->assemble()->hardware));
        $panel = $front ? 'front' : 'top';

        return CommonSteps::list(
            CommonSteps::markFan($design),
            ...CutSteps::of($design),
            ...[
                SmallFanSteps::guards($design, $count),
                SmallFanSteps::screw($design, $count, $front ? 'the front panel' : 'the top panel', $front ? ['front', 'fan'] : ['fan'], [$panel]),
                CommonSteps::arrows($design, 'Lay the three filters on the bench.'),
                new Step('stand', $front ? 'Stand the three filters and the front on the bottom panel and tack the corners; lead the cables inside to the hole below.' : 'Stand the three filters in a triangle on the bottom panel and tack the corners.', 'The bottom sets the form of the column.', 5.0, ['All edges within the bottom panel'], ['bottom'], [PartUse::cut('bottom'), PartUse::joining(), ...CommonSteps::tape($design), ...$front ? [PartUse::cut('front')] : []], [Milestone::Standing], $front ? [Milestone::FanSet] : []),
                new Step('square', $front ? 'Measure both diagonals across the top and push the longer one until they are equal.' : 'Lay the top panel on and push the filters until they lie under its edges.', 'A column out of form leaves gaps at both ends.', 2.0, [$front ? 'Diagonals equal within 1/8 in (3 mm)' : 'Filters flush with the top panel all round'], uses: $front ? [] : [PartUse::cut('top')], reaches: [Milestone::Square], tools: ['tape measure']),
                CommonSteps::seal($design, $front ? 4 : 3, 'every upright seam', 'Each open seam is a bypass.'),
                (new Step('ends', 'Lay the top on and '.Sealing::with($design->joining)->close('bottom and top all round').'.', 'The ends leak as much as the sides.', 2.0, ['Both ends closed'], ['top'], [PartUse::cut('top'), PartUse::cut('bottom')], [Milestone::Closed], [Milestone::Sealed, Milestone::FanSet, ...$front ? [Milestone::Wired] : []]))->joining($front ? 8 : 6, $design->joining),
                CommonSteps::wire($design, $count, ...$hardware),
                ...CommonSteps::finish($design, 'Stand it where nobody knocks it over.'),
            ],
        );
    }
}
