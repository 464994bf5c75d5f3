<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;

/** Making sheets of mask before a fan (common practice, no source). */
final readonly class MaskSheetSteps implements ShapeSteps
{
    public function of(Design $design): array
    {
        return CommonSteps::list(
            new Step('Cut a hole into the film, a little smaller than the six sheets together.', 'Each edge of the hole must lie under a sheet.', 8.0, null, ['film'], ['scissors', 'tape measure'], 'cutting'),
            new Step('Stick the sheets over the hole with double-sided tape, edges overlapped by 1 cm.', 'Edge to edge they leak along every line.', 10.0, 'No line of light between sheets', ['face-1'], ['tape'], 'taping'),
            CommonSteps::join($design, 4, 'the film to the fan’s front, all round the rim', 'Air takes the easiest way.', 'fan'),
            ...CommonSteps::finish($design),
        );
    }
}
