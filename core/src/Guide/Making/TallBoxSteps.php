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
        return BoxSteps::of($design, match ($design->option('base')) {
            'floor' => new Step('floor', 'Wipe the floor where it will stand; nothing closes its base but that floor.', 'Dust under the rim is drawn in first, and a rough floor leaks.', 2.0, ['Floor smooth and clean'], reaches: [Milestone::Closed]),
            'sheet' => new Step('carpet', 'Lay the sheet on the carpet and stand the box on it.', 'Carpet lets air in under the rim.', 3.0, ['Sheet flat, its edges beyond the walls'], ['base'], [PartUse::cut('base')], [Milestone::Closed]),
            default => BoxSteps::base($design),
        }, $this->shape->mount($design));
    }
}
