<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\FanFamily;
use Jornel\Core\Part\FilterForm;
use Jornel\Core\Part\ShaftPosition;

/** What holds for shapes round one ring cartridge: its fan lies flat, and no other form of filter goes in. */
trait RingCartridge
{
    public function shaft(Design $design): ShaftPosition
    {
        return ShaftPosition::Vertical;
    }

    public function filterCount(Design $design): int
    {
        return 1;
    }

    /**
     * @param  non-empty-list<FanFamily>  $families  of fans that it takes
     *
     * @throws DoesNotFit
     */
    private function mustTake(Design $design, array $families): void
    {
        if ($design->filter->form !== FilterForm::Ring) {
            throw DoesNotFit::notARing($design->filter, $design->shape);
        }
        FanFamilies::mustBe($design->fan, $families, $this);
    }
}
