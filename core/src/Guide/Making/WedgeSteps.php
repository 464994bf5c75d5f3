<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Wedge;

/** Making a wedge (common practice, no source). */
final readonly class WedgeSteps implements ShapeSteps
{
    public function __construct(private Wedge $shape)
    {
    }

    public function of(Design $design): array
    {
        return CommonSteps::list(
            CommonSteps::cut($design),
            CommonSteps::fanDirection('Lay it face down on the bench.'),
            CommonSteps::arrows($design, 'Stand the two filters in a V on the fan’s back edges.')->setting('fan'),
            CommonSteps::join($design, 3, 'the seam at the point and both filters to the fan', 'They hold the V while the ends are fitted.'),
            (new Step('Lay a triangle on each end and tape it all round.', 'Each end is as long a leak as both filters together.', 2.0, 'Both ends closed', ['end'], skill: 'taping'))->joining(6, $design->joining),
            PanelSteps::collar($this->shape->collar($design), $design),
            CommonSteps::corners($design),
            ...CommonSteps::finish($design),
        );
    }
}
