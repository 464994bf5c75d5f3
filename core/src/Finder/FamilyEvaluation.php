<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Airflow\Balance;
use Jornel\Core\Airflow\Box;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Airflow\Propagation;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Filter;

/** Bounds and balances of one family of designs, each computed once during the search. */
final class FamilyEvaluation
{
    private readonly int $fans;

    private readonly int $filters;

    private readonly Unit $ideal;

    private ?FamilyBound $atBest = null;

    private ?Variants $variants = null;

    /** @var array<string, Unit> by filter */
    private array $units = [];

    /** @var array<string, Unit> by filter and variant */
    private array $made = [];

    /** @var array<string, Propagation> of one unit, by filter, variant and speed */
    private array $propagations = [];

    public function __construct(
        public readonly DesignFamily $family,
        private readonly SearchProblem $problem,
        private readonly PriceBook $book,
        private readonly BalanceBound $balanceBound,
        private readonly Operations $operations,
    ) {
        $design = $family->design;
        $this->fans = $design->shape->fanCount($design);
        $this->filters = $design->shape->filterCount($design);
        $this->ideal = Unit::of($design, $family->assembly, $problem->air);
    }

    /** @return list<non-empty-list<Operation>> by speed, by number of units less one */
    public function operations(): array
    {
        return $this->operations->of("{$this->family->design->fan->id} {$this->fans}", $this->ideal);
    }

    /** The most that one unit could give, tight and of the best media. */
    public function mostOfAnyMedia(int $speed): Output
    {
        return $this->atMost($this->ideal, $this->ideal->box->leaking(0.0), $speed);
    }

    /** The most that it could give of some media, leaking as it does. */
    public function most(Filter $filter, Variant $variant, int $speed): Output
    {
        $unit = $this->unit($filter);

        return $this->atMost($unit, $unit->box->leaking($variant->leakArea), $speed);
    }

    /**
     * What it gives, and what it takes and sounds like as it works.
     *
     * @param  Measures  $made  with the figures of a fan in free air
     */
    public function solved(Filter $filter, Variant $variant, Operation $operation, Measures $made): Solved
    {
        // Of an intake it counts which of the leaks are seams.
        $unit = $this->ideal->isIntake ? $this->made($filter, $variant) : $this->unit($filter)->leaking($variant->leakArea);
        $speed = $unit->speeds[$operation->speed];
        $balance = Balance::of($unit->curve($speed), $unit->box);
        $speedUp = $unit->speedUp($speed, $balance->pressure, $balance->fanFlow);
        if ($speedUp === 1.0) {
            return new Solved($unit->output($balance), $made);
        }
        $harder = $this->operations->operation($operation->speed, $operation->units, $unit->level($speed, $speedUp), $unit->watts($speed, $speedUp));

        return new Solved($unit->output($balance), $made->working($operation, $harder));
    }

    /** What one unit gives, and how sure that is. */
    public function propagation(Filter $filter, Variant $variant, int $speed): Propagation
    {
        return $this->propagations["{$filter->id} {$variant->code} {$speed}"] ??= Propagation::through($this->made($filter, $variant), $speed, $this->problem->tolerances);
    }

    /**
     * What one unit would give, tight and of the best media, and how sure that is of what all of them share: whatever figures
     * a unit's fans and media turn out to have, it gives no more than this with the same. Null of intakes.
     */
    public function propagationOfAnyMedia(int $speed): ?Propagation
    {
        return $this->ideal->isIntake ? null : $this->propagations[" {$speed}"] ??= Propagation::through($this->ideal->leaking(0.0), $speed, $this->problem->tolerances);
    }

    /** The same of some media, leaking surely as little as any way of making it. */
    public function propagationAtBest(Filter $filter, Variant $variant, int $speed): ?Propagation
    {
        return $this->ideal->isIntake ? null : $this->propagations["{$filter->id} {$speed}"] ??= Propagation::through($this->unit($filter)->leaking($variant->leakArea), $speed, $this->problem->tolerances);
    }

    public function atBest(): FamilyBound
    {
        return $this->atBest ??= new FamilyBound($this->family, $this->variants()->leastSize(), $this->variants()->leastWork(), $this->problem, $this->book);
    }

    /** @return non-empty-list<array{Variant, int}> with what is bought for it besides fans and filters, hundredths of money */
    public function worth(int $units): array
    {
        return $this->variants()->worth($units);
    }

    /** An imagined way that is in nothing worse than any. */
    public function ideal(): Variant
    {
        return $this->variants()->ideal();
    }

    /** With media, but without corners, joining and what is bought for them. */
    public function ofFansAndFilters(Filter $filter, Operation $operation): Measures
    {
        $units = $operation->units;
        $design = $this->family->design;
        $kit = [[$design->fan, $units * $this->fans], [$filter, $units * $this->filters]];
        $change = $this->book->refill($filter, $units * $this->filters);
        if ($design->prefilter !== null) {
            $kit[] = [$design->prefilter, $units * $this->filters];
            $change += $this->book->refill($design->prefilter, $units * $this->filters);
        }

        return new Measures(
            $this->book->kit($kit), $this->book->running($change, $operation->energy),
            $operation->level, 0.0, 0.0, $operation->power, 0.0, 0, 0, $this->missing($kit),
        );
    }

    private function variants(): Variants
    {
        return $this->variants ??= new Variants($this->family, $this->problem, $this->book);
    }

    private function unit(Filter $filter): Unit
    {
        return $this->units[$filter->id] ??= $this->assembled($filter);
    }

    private function assembled(Filter $filter): Unit
    {
        $design = $this->family->design->with(filter: $filter);

        return Unit::of($design, $design->assemble(), $this->problem->air);
    }

    /** With its own corners and joining. */
    private function made(Filter $filter, Variant $variant): Unit
    {
        return $this->made["{$filter->id} {$variant->code}"] ??= $this->unit($filter)->made(
            $this->family->design->with(filter: $filter)->made($variant->corners, $variant->joining), $variant->assembly,
        );
    }

    private function atMost(Unit $unit, Box $box, int $speed): Output
    {
        $curve = $unit->curve($unit->speeds[$speed]);
        if ($unit->isIntake) {
            // No more comes in than the fan moves freely, all of it clean: more of it holds less of anything.
            return Output::intake($curve->freeFlow(), 0.0, PerBin::same($curve->freeFlow()));
        }
        $key = "{$this->family->design->fan->id} {$speed}".($unit->outlet === null ? '' : " {$unit->flowFactor} {$unit->outlet->law->viscous} {$unit->outlet->law->inertial}");

        return Output::recirculating($box->cleanAir($this->balanceBound->most($key, $curve, $box) * (1.0 + 1e-9)));
    }

    /** @param  list<array{Fan|Filter, int}>  $kit */
    private function missing(array $kit): int
    {
        $needed = [];
        foreach ($kit as [$part, $pieces]) {
            $needed[$part->id] = ($needed[$part->id] ?? 0) + $pieces;
        }
        $missing = 0;
        foreach ($needed as $id => $pieces) {
            $missing += $this->problem->stock->missing((string) $id, $pieces);
        }

        return $missing;
    }
}
