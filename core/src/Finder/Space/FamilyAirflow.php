<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

use Jornel\Core\Air\Air;
use Jornel\Core\Air\PerBin;
use Jornel\Core\Airflow\Balance;
use Jornel\Core\Airflow\Box;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Airflow\Propagation;
use Jornel\Core\Airflow\Tolerances;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Joining;

/** Clean air of one unit of a family’s designs: bounds, balances and how sure they are, each computed once. */
final class FamilyAirflow
{
    public readonly Unit $ideal;

    /** @var array<int, Output> by speed */
    private array $mostOfAnyMedia = [];

    /** @var array<string, array<string, array<int, Output>>> by filter, variant and speed */
    private array $most = [];

    /** @var array<string, array<int, PerBin>> m3/s by filter and speed */
    private array $leastOf = [];

    private ?float $mostLeak = null;

    /** @var array<string, array<string, array<int, array{output: Output, clean: PerBin, level: float, watts: float, works_harder: bool}>>> by filter, variant and speed */
    private array $worked = [];

    /** @var array<string, Unit> by filter */
    private array $units = [];

    /** @var array<string, array<int, Propagation>> by filter and variant, as far as they are told; by speed */
    private array $propagations = [];

    public function __construct(
        private readonly DesignFamily $family,
        private readonly Air $air,
        private readonly Tolerances $tolerances,
        private readonly BalanceBound $balanceBound,
    ) {
        $this->ideal = Unit::of($family->design, $family->assembly, $air);
    }

    /** The most that it could give, tight and of the best media. */
    public function mostOfAnyMedia(int $speed): Output
    {
        return $this->mostOfAnyMedia[$speed] ??= $this->atMost($this->ideal, $this->ideal->box->leaking(0.0), $speed);
    }

    /** The most that it could give of some media, leaking as it does. */
    public function most(Filter $filter, Variant $variant, int $speed): Output
    {
        return $this->most[$filter->id][$variant->code][$speed] ??= $this->tightest($filter, $variant, $speed);
    }

    /** The least clean air that it could give of some media, however it is made; nothing where air comes in from outdoors. */
    public function leastOf(Filter $filter, int $speed): PerBin
    {
        return $this->leastOf[$filter->id][$speed] ??= $this->atLeast($this->unit($filter), $speed);
    }

    private function atLeast(Unit $unit, int $speed): PerBin
    {
        if ($unit->isIntake) {
            return PerBin::same(0.0);
        }
        $box = $unit->box->leaking($this->mostLeak());

        return $box->cleanAir($this->balanceBound->between($this->curveKey($unit, $speed), $unit->curve($unit->speeds[$speed]), $box)[0] * (1.0 - 1e-9));
    }

    /** @return float leaks with open corners and the joining that leaves the widest gap, m2 */
    private function mostLeak(): float
    {
        return $this->mostLeak ??= $this->family->assembly->openArea()
            + $this->family->assembly->joinedLength() * max(array_map(fn (Joining $joining): float => $joining->residualGap, $this->family->joinings));
    }

    /**
     * What it gives, takes and sounds like as it works.
     *
     * @return array{output: Output, clean: PerBin, level: float, watts: float, works_harder: bool} air cleaned by its filters in m3/s, level at 1 m in dBA, W; whether its fans work
     *                                                                               harder than in free air
     */
    public function worked(Filter $filter, Variant $variant, int $speed): array
    {
        return $this->worked[$filter->id][$variant->code][$speed] ??= $this->solved($filter, $variant, $speed);
    }

    /** What it gives, and how sure that is. */
    public function propagation(Filter $filter, Variant $variant, int $speed): Propagation
    {
        return $this->propagations["{$filter->id} {$variant->code}"][$speed] ??= Propagation::through($this->made($filter, $variant), $speed, $this->tolerances);
    }

    /**
     * What it would give, tight and of the best media, and how sure that is of what all of them share: whatever figures a
     * unit's fans and media turn out to have, it gives no more than this with the same. Null of intakes.
     */
    public function propagationOfAnyMedia(int $speed): ?Propagation
    {
        return $this->ideal->isIntake ? null : $this->propagations[''][$speed] ??= Propagation::through($this->ideal->leaking(0.0), $speed, $this->tolerances);
    }

    /** The same of some media, leaking surely as little as any way of making it. */
    public function propagationAtBest(Filter $filter, Variant $variant, int $speed): ?Propagation
    {
        return $this->ideal->isIntake ? null : $this->propagations[$filter->id][$speed] ??= Propagation::through($this->unit($filter)->leaking($variant->leakArea), $speed, $this->tolerances);
    }

    /** @return array{output: Output, clean: PerBin, level: float, watts: float, works_harder: bool} */
    private function solved(Filter $filter, Variant $variant, int $number): array
    {
        // Of an intake it counts which of the leaks are seams.
        $unit = $this->ideal->isIntake ? $this->made($filter, $variant) : $this->unit($filter)->leaking($variant->leakArea);
        $speed = $unit->speeds[$number];
        $balance = Balance::of($unit->curve($speed), $unit->box);
        $speedUp = $unit->speedUp($speed, $balance->pressure, $balance->fanFlow);

        return ['output' => $unit->output($balance), 'clean' => $unit->box->cleanAir($balance->pressure), 'level' => $unit->level($speed, $speedUp), 'watts' => $unit->watts($speed, $speedUp), 'works_harder' => $speedUp !== 1.0];
    }

    private function tightest(Filter $filter, Variant $variant, int $speed): Output
    {
        $unit = $this->unit($filter);

        return $this->atMost($unit, $unit->box->leaking($variant->leakArea), $speed);
    }

    private function atMost(Unit $unit, Box $box, int $speed): Output
    {
        $curve = $unit->curve($unit->speeds[$speed]);
        if ($unit->isIntake) {
            // No more comes in than the fan moves freely, all of it clean: more of it holds less of anything.
            return Output::intake($curve->freeFlow(), 0.0, PerBin::same($curve->freeFlow()));
        }

        return Output::recirculating($box->cleanAir($this->balanceBound->between($this->curveKey($unit, $speed), $curve, $box)[1] * (1.0 + 1e-9)));
    }

    /** The same for curves that differ by a factor on their flow alone. */
    private function curveKey(Unit $unit, int $speed): string
    {
        return "{$this->family->design->fan->id} {$speed}".($unit->outlet === null ? '' : " {$unit->flowFactor} {$unit->outlet->law->viscous} {$unit->outlet->law->inertial}");
    }

    private function unit(Filter $filter): Unit
    {
        return $this->units[$filter->id] ??= $this->assembled($filter);
    }

    private function assembled(Filter $filter): Unit
    {
        $design = $this->family->design->with(filter: $filter);

        return Unit::of($design, $this->family->assembly->refitted($design), $this->air);
    }

    /** With its own corners and joining. */
    private function made(Filter $filter, Variant $variant): Unit
    {
        return $this->unit($filter)->made($this->family->design->with(filter: $filter)->made($variant->corners, $variant->joining), $variant->assembly);
    }
}
