<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Tolerances;
use Jornel\Core\Part\Catalogue;

/** A family of designs with its clean air and the ways of making it: what is the same in every room and at every price. */
final readonly class FamilyFigures
{
    public FamilyAirflow $airflow;

    public Variants $variants;

    /** Of one unit. */
    public int $fans;

    /** Of one unit. */
    public int $filters;

    /** The fans of one unit, in words. */
    public string $driven;

    public function __construct(public DesignFamily $family, Catalogue $catalogue, Air $air, Tolerances $tolerances, BalanceBound $balanceBound)
    {
        $design = $family->design;
        $this->fans = $design->shape->fanCount($design);
        $this->filters = $design->shape->filterCount($design);
        $this->driven = "{$design->fan->id} {$this->fans}";
        $this->airflow = new FamilyAirflow($family, $air, $tolerances, $balanceBound);
        $this->variants = new Variants($family, $catalogue);
    }
}
