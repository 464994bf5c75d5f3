<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Closure;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Propagation;
use Jornel\Core\Kit\FilterLife;
use Jornel\Core\Numeric\Normal;
use Jornel\Core\Part\Filter;
use LogicException;

/**
 * The finder: the Pareto front of all designs, at every speed and with one to four units, that reach the goal of a room.
 *
 * Multi-objective branch and bound, best first by cost: family of designs, speed and number of units; then the media; then
 * corners and joining. What is not yet chosen is bounded by its best: tight, of the best media, with the cheapest pieces,
 * certain. Clean air rises as leaks and drops fall, so that a branch whose bound falls short or is dominated is pruned. Only
 * what is left is solved.
 *
 * Source: Land and Doig, "An automatic method of solving discrete programming problems", Econometrica 28 (1960).
 */
final class Search
{
    /** Steps of cost after which those who search parts of a question tell each other what they found, and how often. */
    private const ROUND = 5;

    private const ROUNDS = 40;

    /** Deviation that most builds keep to: what is sure enough with it is not asked early whether it is. */
    private const WIDE = 0.2;

    /** Deviation that hardly any build exceeds: what is sure enough with it is taken to be so until the end. */
    private const WIDEST = 0.4;

    /** Share of the goal beyond which each of them is kept. */
    private readonly float $ample;

    private readonly float $plenty;

    private readonly Goal $goal;

    private readonly Pollutant $pollutant;

    private readonly FilterLife $life;

    /** Clean air that all units together give at least where the goal is reached, m3/s. */
    private readonly float $needed;

    private readonly ParetoFront $front;

    private readonly BestBuilds $bests;

    /** @var list<Limit> */
    private readonly array $limits;

    /** @var list<float> most that each of them allows */
    private readonly array $most;

    /** Most that the limits allow, dBA and W. */
    private readonly float $loudest;

    private readonly float $strongest;

    /** @var array<string, BestBuilds> by the limit that they need not keep */
    private readonly array $without;

    private readonly BranchQueue $queue;

    private readonly SearchCounts $counts;

    /** Whether what was last asked about breaks more than one limit. */
    private bool $isPastLimits = false;

    /** Branches after which whoever waits is asked whether they still do. */
    private const BREATH = 64;

    private int $breaths = 0;

    /**
     * @param  (Closure(): void)|null  $meanwhile
     * @param  bool  $trustsPlenty  whether what gives plenty is taken to be sure enough until the end
     */
    private function __construct(private readonly SearchProblem $problem, private readonly EvaluatedSpace $space, private readonly ?Closure $meanwhile, private readonly bool $trustsPlenty)
    {
        [$this->ample, $this->plenty] = [exp(self::WIDE * Normal::quantile($problem->sure)), exp(self::WIDEST * Normal::quantile($problem->sure)) / Goal::LEAST_SHARE];
        $this->goal = new Goal($problem->goal, $problem->room, $problem->standing());
        $this->pollutant = $problem->room->pollutant();
        $this->life = FilterLife::in($this->pollutant);
        $this->needed = $this->goal->leastClean($this->pollutant);
        $this->front = new ParetoFront;
        $this->bests = new BestBuilds;
        $this->limits = $problem->limits->set();
        $this->most = array_map($problem->limits->most(...), $this->limits);
        [$this->loudest, $this->strongest] = [$problem->limits->most(Limit::Level), $problem->limits->most(Limit::Power)];
        $this->without = array_combine(
            array_map(fn (Limit $limit): string => $limit->value, $this->limits),
            array_map(fn (Limit $limit): BestBuilds => new BestBuilds($limit), $this->limits),
        );
        $this->queue = new BranchQueue;
        $this->counts = new SearchCounts;
    }

    /**
     * @param  (Closure(): void)|null  $meanwhile  called again and again; what it throws ends the search
     * @param  EvaluatedSpace|null  $space  that it is searched in, if it was kept
     */
    public static function answer(SearchProblem $problem, ?Closure $meanwhile = null, ?EvaluatedSpace $space = null): SearchResult
    {
        $space ??= new EvaluatedSpace($problem->space(), $problem);
        $result = (new self($problem, $space, $meanwhile, true))->search(null);

        return $result->areSure($problem->sure) ? $result : (new self($problem, $space, $meanwhile, false))->search(null);
    }

    /**
     * The answer from a part of the fans' seats alone, to be put together with those of the others.
     *
     * @param  int  $part  which of so many, from 0
     * @param  int  $parts  1 or more
     * @param  (Closure(list<array{int, int}>): list<array{int, int}>)|null  $tell  tells the others what was found, in steps and
     *                                                                        costs, and answers what they found as far; everybody
     *                                                                        asks it equally often
     * @param  (Closure(): void)|null  $meanwhile  called again and again; what it throws ends the search
     */
    public static function part(SearchProblem $problem, int $part, int $parts, ?Closure $tell = null, ?Closure $meanwhile = null): SearchResult
    {
        return (new self($problem, new EvaluatedSpace($problem->space($part, $parts), $problem), $meanwhile, false))->search($tell);
    }

    /** @param  (Closure(list<array{int, int}>): list<array{int, int}>)|null  $tell */
    private function search(?Closure $tell): SearchResult
    {
        foreach ($this->space->evaluations() as $evaluation) {
            $this->breathe();
            $this->begin($evaluation);
        }
        for ($round = 1; $round <= self::ROUNDS && $tell !== null; $round++) {
            $this->upTo($round * self::ROUND);
            foreach ($tell($this->front->news()) as [$steps, $cost]) {
                $this->front->learn($steps, $cost);
            }
        }
        $this->upTo(PHP_INT_MAX);

        return new SearchResult($this->front->all(), $this->bests, $this->without, $this->space->misfits(), $this->counts);
    }

    /** The least number of units at each speed with which a family, of the best media and tight, would reach the goal. */
    private function begin(FamilyEvaluation $evaluation): void
    {
        $weight = $evaluation->family->weight;
        foreach ($evaluation->operations() as $speed => $operations) {
            $this->counts->generated += $weight * count($operations);
            $shares = $this->goal->shares($evaluation->airflow->mostOfAnyMedia($speed));
            foreach ($operations as $operation) {
                if ($operation->level > $this->loudest && $operation->power > $this->strongest) {
                    // More of them are louder and take more.
                    $this->counts->beyondLimits += $weight * (count($operations) - $operation->units + 1);

                    break;
                }
                $share = $shares($operation->units);
                if ($share >= Goal::LEAST_SHARE) {
                    $this->queue->add(new Branch($evaluation, $operation, $this->atBest($evaluation, $operation), $share, $weight, shares: $shares));

                    break;
                }
                $this->counts->shortOfGoal += $weight;
            }
        }
    }

    /** @param  int  $cost  steps of cost */
    private function upTo(int $cost): void
    {
        while (($branch = $this->queue->next($cost)) !== null) {
            $this->breathe();
            $matters = $this->mayMatter($branch->atBest, $branch->share, $branch->weight);
            if ($matters && $branch->shares !== null && ! $branch->isTight) {
                // What its filters cost is told more closely now that it may matter.
                $this->queue->add($branch->tightened($this->tightened($branch->evaluation, $branch->operation)));

                continue;
            }
            if ($matters) {
                $this->follow($branch);
            }
            if ($branch->shares !== null) {
                $this->more($branch, $branch->shares, $matters);
            }
        }
    }

    /**
     * More of the same units: only their share of the goal is better.
     *
     * @param  Closure(int): float  $shares
     * @param  bool  $matter  whether as many as in the branch do
     */
    private function more(Branch $branch, Closure $shares, bool $matter): void
    {
        [$evaluation, $share] = [$branch->evaluation, $branch->share];
        $operations = $evaluation->operations()[$branch->operation->speed];
        for ($units = $branch->operation->units + 1; $units <= count($operations); $units++) {
            if (! $matter && ($this->isPastLimits || $share >= MeasureSteps::MOST_SHARE || $this->front->beatsAtAnyShare())) {
                $left = $branch->weight * (count($operations) - $units + 1);
                $this->isPastLimits ? $this->counts->beyondLimits += $left : $this->counts->beaten += $left;

                return;
            }
            $operation = $operations[$units - 1];
            [$atBest, $share] = [$this->atBest($evaluation, $operation), $shares($units)];
            if ($matter || $this->mayMatter($atBest, $share, $branch->weight)) {
                $this->queue->add(new Branch($evaluation, $operation, $atBest, $share, $branch->weight, shares: $shares));

                return;
            }
        }
    }

    private function breathe(): void
    {
        if ($this->meanwhile !== null && ++$this->breaths % self::BREATH === 0) {
            ($this->meanwhile)();
        }
    }

    private function follow(Branch $branch): void
    {
        if ($branch->filter === null) {
            $this->chooseMedia($branch);
        } elseif ($branch->priced === null) {
            $this->chooseVariant($branch, $branch->filter);
        } else {
            $this->solve($branch, $branch->filter, $branch->priced, $branch->changes);
        }
    }

    private function chooseMedia(Branch $branch): void
    {
        [$evaluation, $operation] = [$branch->evaluation, $branch->operation];
        if (! $this->mayBeSure($branch->share, fn (): ?Propagation => $evaluation->airflow->propagationOfAnyMedia($operation->speed), $operation->units)) {
            $this->counts->shortOfGoal += $branch->weight;

            return;
        }
        $ideal = $evaluation->ideal($operation->units, $operation->speed);
        foreach ($evaluation->family->media as $filter) {
            $atBest = $evaluation->made($filter, $ideal, $operation, $this->leastChanges($evaluation, $filter, $operation));
            if ($this->mayMatter($atBest, $branch->share, $evaluation->family->ways)) {
                $this->queue->add(new Branch($evaluation, $operation, $atBest, $branch->share, $evaluation->family->ways, $filter));
            }
        }
    }

    /** What a family has at best, whatever its media, where the goal is reached. */
    private function atBest(FamilyEvaluation $evaluation, Operation $operation): Measures
    {
        [$ofDust, $unknown] = $evaluation->leastChange($operation->units);
        $changes = $evaluation->airflow->ideal->isIntake ? 0.0 : $this->life->changesOf($this->needed / $operation->units, 1.0, $this->problem->economy);
        $least = min($ofDust * $changes, $unknown === PHP_INT_MAX ? INF : $unknown * $this->problem->economy->changes);

        return $evaluation->atBest()->ofAnyMedia($operation, (int) ($least * (1.0 - 1e-9)));
    }

    /** The same told more closely, by the clean air that it gives in any case. */
    private function tightened(FamilyEvaluation $evaluation, Operation $operation): Measures
    {
        $least = PHP_INT_MAX;
        foreach ($evaluation->family->media as $filter) {
            $least = min($least, PriceBook::running($evaluation->change($filter, $operation->units), $this->leastChanges($evaluation, $filter, $operation), 0));
        }

        return $evaluation->atBest()->ofAnyMedia($operation, $least);
    }

    /** How often filters are changed at least where the goal is reached. */
    private function neededChanges(FamilyEvaluation $evaluation, Filter $filter, Operation $operation): float
    {
        $clean = $evaluation->airflow->ideal->isIntake ? 0.0 : $this->needed / $operation->units;

        return $this->life->changesOf($clean, $evaluation->figures->capacity($filter), $this->problem->economy);
    }

    /** The same by the clean air that they give in any case. */
    private function leastChanges(FamilyEvaluation $evaluation, Filter $filter, Operation $operation): float
    {
        $clean = $this->pollutant->weigh($evaluation->airflow->leastOf($filter, $operation->speed));

        return max(
            $this->neededChanges($evaluation, $filter, $operation),
            $this->life->changesOf($clean, $evaluation->figures->capacity($filter), $this->problem->economy),
        );
    }

    private function chooseVariant(Branch $branch, Filter $filter): void
    {
        [$evaluation, $operation] = [$branch->evaluation, $branch->operation];
        $share = $this->goal->share($evaluation->airflow->most($filter, $evaluation->figures->variants->ideal(), $operation->speed), $operation->units);
        if (! Goal::mayBeReachedAt($share)) {
            $this->counts->shortOfGoal += $branch->weight;

            return;
        }
        if (! $this->stillMatters($branch, $share)) {
            return;
        }
        if (! $this->mayBeSure($share, fn (): ?Propagation => $evaluation->airflow->propagationAtBest($filter, $evaluation->figures->variants->ideal(), $operation->speed), $operation->units)) {
            $this->counts->shortOfGoal += $branch->weight;

            return;
        }
        $variants = $evaluation->figures->standing($filter);
        if ($variants === null) {
            $this->counts->beyondLimits += $branch->weight;

            return;
        }
        $ways = $evaluation->priced($variants, $operation->units, $operation->speed);
        // Standing otherwise it would tip over, or need not.
        $this->counts->beyondLimits += $branch->weight - count($ways);
        $least = $this->leastChanges($evaluation, $filter, $operation);
        foreach ($ways as $priced) {
            if ($this->mayMatter($evaluation->made($filter, $priced, $operation, $least), $share, 1)) {
                $this->balance($evaluation, $operation, $filter, $priced);
            }
        }
    }

    /** What is left to be chosen is nothing: all but the sheets that it takes is known once fan and filters are balanced. */
    private function balance(FamilyEvaluation $evaluation, Operation $operation, Filter $filter, PricedVariant $priced): void
    {
        $worked = $evaluation->airflow->worked($filter, $priced->variant, $operation->speed);
        $share = $this->goal->share($worked['output'], $operation->units);
        if (! Goal::mayBeReachedAt($share)) {
            $this->counts->shortOfGoal++;

            return;
        }
        $changes = $this->life->changesOf($this->pollutant->weigh($worked['clean']), $evaluation->figures->capacity($filter), $this->problem->economy);
        $measures = $evaluation->working($operation, $evaluation->made($filter, $priced, $operation, $changes), $worked);
        if ($this->mayMatter($measures, $share, 1)) {
            $this->queue->add(new Branch($evaluation, $operation, $measures, $share, 1, $filter, priced: $priced, changes: $changes));
        }
    }

    /** @param  float  $changes  of all filters over the years */
    private function solve(Branch $branch, Filter $filter, PricedVariant $priced, float $changes): void
    {
        [$evaluation, $operation, $share] = [$branch->evaluation, $branch->operation, $branch->share];
        $this->counts->solved++;
        $variants = $evaluation->figures->standing($filter) ?? throw new LogicException('It stands, as ways of making it were found.');
        $exactly = $evaluation->pricedExactly($variants, $priced, $filter, $operation->units, $operation->speed);
        $measures = $branch->atBest->costing($exactly->extra - $priced->extra);
        if ($exactly !== $priced && ! $this->mayMatter($measures, $share, 0)) {
            return;
        }
        $chance = fn (): float => $this->goal->chance($evaluation->airflow->propagation($filter, $priced->variant, $operation->speed), $operation->units, $this->problem->sure);
        // Of what gives plenty the chance is found out at the end, if it is still there: most are beaten before.
        if (! $this->trustsPlenty || $share <= $this->plenty) {
            $chance = $chance();
            if ($chance < $this->problem->sure) {
                return;
            }
        }
        $design = $variants->design($priced->variant, $filter);
        $found = new Found($design->running($design->fan->speeds[$operation->speed]->name), $operation->units, $operation->speed, $measures, $share, $chance, $branch->code($design), FilterLife::months($changes, $this->problem->economy));
        $broken = $measures->broken($this->problem->limits);
        if (count($broken) > 1) {
            return;
        }
        if ($broken === []) {
            $this->bests->offer($found);
            $this->front->add($found);
        }
        foreach ($broken === [] ? $this->limits : $broken as $limit) {
            $this->without[$limit->value]->offer($found);
        }
    }

    /**
     * Whether something may reach the goal with the chance that is asked for.
     *
     * @param  Closure(): (Propagation|null)  $atBest  of one unit that is nowhere worse; null where none is known
     */
    private function mayBeSure(float $share, Closure $atBest, int $units): bool
    {
        if ($share > $this->ample || ($propagation = $atBest()) === null) {
            return true;
        }

        return $this->goal->chance($propagation, $units, $this->problem->sure) >= $this->problem->sure - Goal::HAIR;
    }

    /** Whether a branch that was just found to matter still does by what is known of its share of the goal now. */
    private function stillMatters(Branch $branch, float $share): bool
    {
        return MeasureSteps::ofShare($share) === MeasureSteps::ofShare($branch->share) || $this->mayMatter($branch->atBest, $share, $branch->weight);
    }

    /**
     * Whether something with these measures, at best, could be an answer, or the best where one limit is not kept.
     *
     * @param  int  $weight  candidates that it stands for
     */
    private function mayMatter(Measures $atBest, float $share, int $weight): bool
    {
        $broken = null;
        $this->isPastLimits = false;
        foreach ($this->limits as $number => $limit) {
            if ($atBest->of($limit) > $this->most[$number]) {
                if ($broken !== null) {
                    $this->isPastLimits = true;
                    $this->counts->beyondLimits += $weight;

                    return false;
                }
                $broken = $limit;
            }
        }
        if ($broken === null && (! $this->front->beats(MeasureSteps::of($atBest, $share), $atBest->firstCost + $atBest->running) || $this->bests->mightTake($atBest))) {
            return true;
        }
        foreach ($broken === null ? $this->without : [$this->without[$broken->value]] as $bests) {
            if ($bests->mightTake($atBest)) {
                return true;
            }
        }
        $this->counts->beaten += $weight;

        return false;
    }
}
