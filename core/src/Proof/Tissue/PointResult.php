<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Tissue;

use Jornel\Core\Quantity\Interval;

/** What is known of one point after the test. */
final readonly class PointResult
{
    /**
     * @param  Finding|null  $finding  null where nobody looked
     * @param  bool  $leaks  whether air was seen to get past the filters there
     * @param  Interval|null  $gap  mean open width, m; of an opening null
     * @param  Interval|null  $area  open area, m2; null at a filter's face
     */
    public function __construct(public TissuePoint $point, public ?Finding $finding, public bool $leaks, public ?Interval $gap, public ?Interval $area)
    {
    }
}
