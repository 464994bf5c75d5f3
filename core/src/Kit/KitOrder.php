<?php

declare(strict_types=1);

namespace Jornel\Core\Kit;

use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Design;

/** So many units of a design that are to be made. */
final readonly class KitOrder
{
    public Assembly $assembly;

    /**
     * @param  int  $units  1 or more
     *
     * @throws \Jornel\Core\Shape\DoesNotFit
     */
    public function __construct(public Design $design, public int $units)
    {
        $this->assembly = $design->assemble();
    }

    public function fans(): int
    {
        return $this->design->shape->fanCount($this->design) * $this->units;
    }

    public function filters(): int
    {
        return $this->design->shape->filterCount($this->design) * $this->units;
    }
}
