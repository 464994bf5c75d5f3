<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DuctBox;

/** Making a box with an inline fan (common practice, no source). */
final readonly class DuctBoxSteps implements ShapeSteps
{
    public function __construct(private DuctBox $shape)
    {
    }

    public function of(Design $design): array
    {
        $five = $design->number('faces') === 5;

        return CommonSteps::list(
            CommonSteps::cut($design),
            CommonSteps::arrows($design, 'Lay two filters on the bench.'),
            new Step('Set the four filters up as a pinwheel, each overlapping the next, and tack the corners.', 'Begun one way, it must go on that way.', 5.0),
            new Step('Square up: measure both diagonals across the top.', 'A box out of square leaves gaps under top and base.', 2.0, 'Diagonals equal within 1/8 in', tools: ['tape measure']),
            $five
                ? new Step('Lay the fifth filter on the open bottom, tape all four edges, and fix four feet of at least 10 cm.', 'Air must reach the fifth filter from below.', 9.0, 'At least 10 cm clear', ['face-5', 'feet'], ['screwdriver'], 'taping')
                : BoxSteps::base(),
            CommonSteps::join($design, 4, 'every upright seam', 'Each open seam is a bypass.'),
            new Step('Screw the flange to the top panel, close its rim, and tape the top on.', 'An inline fan pulls harder than a box fan: the rim of its flange leaks first.', 10.0, 'Flange tight', ['top'], ['screwdriver', 'knife'], 'drilling'),
            CommonSteps::fanDirection('Set it on the flange with its clamp.')->setting('fan'),
            $this->shape->hasCanister($design) ? new Step('Outdoors, run the canister in until no dust comes; then clamp it on the fan and close its joint with foil tape.', 'Loose carbon dust comes out on the first start.', 6.0, 'No more dust', ['canister'], ['screwdriver']) : null,
            $design->number('duct-metres') > 0 ? new Step('Draw the duct straight, clamp both ends, close them with foil tape and tie it up.', 'A sagging duct takes flow.', 10.0, null, ['duct'], ['screwdriver', 'knife']) : null,
            ...CommonSteps::finish($design),
        );
    }
}
