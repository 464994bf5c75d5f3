<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\TallBox;

/** Making a tall box, closed below by a plate, by a sheet on the carpet, or by the floor. */
final readonly class TallBoxSteps implements ShapeSteps
{
    public function __construct(private TallBox $shape)
    {
    }

    public function of(Design $design): array
    {
        $below = match ($design->option('base')) {
            'floor' => new Step('floor', 'Where it will stand, wipe the floor and set the box down; nothing closes its base but that floor.', 'Dust under the rim is drawn in first, and a rough floor leaks.', 2.0, ['Floor smooth and clean'], after: [Milestone::FanSet, Milestone::Sealed]),
            'sheet' => new Step('carpet', 'Lay the sheet on the carpet and set the box down in its middle.', 'Carpet lets air in under the rim.', 3.0, ['Sheet flat, its edges beyond the walls all round'], ['base'], [PartUse::cut('base')], after: [Milestone::FanSet, Milestone::Sealed]),
            default => BoxSteps::base($design),
        };

        return BoxSteps::of($design, $below, $this->shape->mount($design));
    }
}
