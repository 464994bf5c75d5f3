<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Shape\Design;

/** Making a tote (common practice, no source). */
final readonly class ToteSteps implements ShapeSteps
{
    public function of(Design $design): array
    {
        return CommonSteps::list(
            new Step('Cut the lid open to the size on this sheet, and the wall where the blower’s mouth will be.', 'A hole smaller than the frame’s rim keeps the filter from falling in.', 12.0, null, ['tote', 'lid'], ['tape measure', 'knife', 'marker'], 'cutting'),
            new Step('Hold the blower over the cut-out, mark through its bolt holes and drill them.', 'Marked from the blower itself the holes cannot be off.', 8.0, null, [], ['drill'], 'drilling'),
            new Step('Bolt the blower on, washers inside the thin plastic: all four hand-tight first, then with the wrench.', 'One tight bolt pulls the rim crooked.', 8.0, 'All four bolts tight, rim closed', ['fan'], ['wrench'], 'drilling'),
            CommonSteps::arrows($design, 'Lay the filter on the lid.'),
            CommonSteps::join($design, 4, 'the filter’s edges on the lid', 'What leaks at the rim passes no filter.'),
            new Step('Tie a piece of coarse filter over the blower’s open intake as a guard.', 'Fingers and loose cord stay out of the wheel.', 3.0, 'Intake guarded'),
            ...CommonSteps::finish($design),
        );
    }
}
