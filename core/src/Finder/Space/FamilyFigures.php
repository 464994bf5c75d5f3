<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Tolerances;
use Jornel\Core\Kit\FilterLife;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Filter;
use Jornel\Core\Shape\Footing;

/** A family of designs with its clean air and the ways of making it: what is the same in every room and at every price. */
final class FamilyFigures
{
    public readonly FamilyAirflow $airflow;

    public readonly Variants $variants;

    /** Of one unit. */
    public readonly int $fans;

    /** Of one unit. */
    public readonly int $filters;

    /** The fans of one unit, in words. */
    public readonly string $driven;

    /** Whether it is of a shape that may tip over, which is found out before anything else. */
    public readonly bool $mayTip;

    /** @var array<string, bool> by filter */
    private array $stands = [];

    /** @var array<string, float|null> kg by filter */
    private array $capacities = [];

    public function __construct(public readonly DesignFamily $family, Catalogue $catalogue, Air $air, Tolerances $tolerances, BalanceBound $balanceBound)
    {
        $design = $family->design;
        $this->fans = $design->shape->fanCount($design);
        $this->filters = $design->shape->filterCount($design);
        $this->driven = "{$design->fan->id} {$this->fans}";
        $this->airflow = new FamilyAirflow($family, $air, $tolerances, $balanceBound);
        $this->variants = new Variants($family, $catalogue);
        $this->mayTip = Footing::mayBeChosen($design->shape);
    }

    /** Dust that the filters of one unit hold, kg; null where that is not known. */
    public function capacity(Filter $filter): ?float
    {
        return $this->capacities[$filter->id] ??= FilterLife::capacityOf($this->filters, $filter, $this->family->design->prefilter);
    }

    /** Whether it is stood as it should be with some media: safely, and on feet only where it would tip over without them. */
    public function stands(Filter $filter): bool
    {
        return $this->stands[$filter->id] ??= Standing::isRight($this->family->design->with(filter: $filter));
    }
}
