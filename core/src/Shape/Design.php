<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Joining;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Shape\Scene\Scene;

/** What is chosen for a unit: a shape and the parts that go into it. */
final readonly class Design
{
    public function __construct(
        public Shape $shape,
        public Fan $fan,
        public Filter $filter,
        public Joining $joining,
        public Corners $corners,
    ) {
    }

    /** @throws DoesNotFit when the parts cannot make this shape */
    public function assemble(): Assembly
    {
        return $this->shape->assemble($this);
    }

    public function scene(): Scene
    {
        return $this->shape->scene($this);
    }

    /** The least certain of the figures that the result rests on. */
    public function provenance(): Provenance
    {
        return $this->fan->provenance->weaker($this->filter->provenance)->weaker($this->joining->provenance);
    }
}
