<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Tolerances;
use Jornel\Core\Kit\FilterLife;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Filter;

/** A family of designs with its clean air and the ways of making it: what is the same in every room and at every price. */
final class FamilyFigures
{
    public readonly FamilyAirflow $airflow;

    /** Standing alone, where that is open: it takes no more than anything that stands on feet. */
    public readonly Variants $variants;

    /** Of one unit. */
    public readonly int $fans;

    /** Of one unit. */
    public readonly int $filters;

    /** The fans of one unit, in words. */
    public readonly string $driven;

    /** @var array<string, string|null>|null what it stands on, by filter; without those with which it tips over */
    private ?array $standing = null;

    /** @var array<string, Variants> by what it stands on */
    private array $all;

    /** @var array<string, float|null> kg by filter */
    private array $capacities = [];

    public function __construct(public readonly DesignFamily $family, Catalogue $catalogue, Air $air, Tolerances $tolerances, BalanceBound $balanceBound)
    {
        $design = $family->design;
        $this->fans = $design->shape->fanCount($design);
        $this->filters = $design->shape->filterCount($design);
        $this->driven = "{$design->fan->id} {$this->fans}";
        $this->airflow = new FamilyAirflow($family, $air, $tolerances, $balanceBound);
        $this->all = array_combine(
            array_map(strval(...), $family->stands), array_map(fn (?string $stand): Variants => new Variants($family, $catalogue, $stand), $family->stands),
        );
        $this->variants = $this->all[(string) $family->stands[0]];
    }

    /** Dust that the filters of one unit hold, kg; null where that is not known. */
    public function capacity(Filter $filter): ?float
    {
        return $this->capacities[$filter->id] ??= FilterLife::capacityOf($this->filters, $filter, $this->family->design->prefilter);
    }

    /** The ways of making it of some media, as it should be stood: on feet only where it would tip over without them; null where it tips over all the same. */
    public function standing(Filter $filter): ?Variants
    {
        $this->standing ??= Standing::of($this->family->design, $this->family->stands, $this->family->media);

        return array_key_exists($filter->id, $this->standing) ? $this->all[(string) $this->standing[$filter->id]] : null;
    }
}
