<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Closure;
use Jornel\Core\Airflow\Propagation;
use Jornel\Core\Numeric\Normal;
use Jornel\Core\Part\Filter;

/**
 * The finder: every way of putting the parts together, at every speed, one to four units, against the goal of a room.
 *
 * Branch and bound, the cheapest branch first: shape, fan, size of the filters, speed and number of units; then the media;
 * then corners and joining. What is not yet chosen is taken at its best: tight, of the best media, with the cheapest
 * pieces, surely as told. Clean air rises as leaks and drops fall, so what falls short at its best falls short, and what is beaten at its
 * best is beaten. Only what is left is solved.
 *
 * Source: Land and Doig, "An automatic method of solving discrete programming problems", Econometrica 28 (1960).
 */
final class Search
{
    /** Steps of cost after which those who search parts of a question tell each other what they found, and how often. */
    private const ROUND = 5;

    private const ROUNDS = 40;

    /** Deviation that hardly any build exceeds: what is sure enough with it is not asked early whether it is. */
    private const WIDE = 0.2;

    /** Share of the goal beyond which that is so. */
    private readonly float $ample;

    private readonly Goal $goal;

    private readonly Front $front;

    private readonly Bests $bests;

    /** @var list<Limit> */
    private readonly array $limits;

    /** @var list<float> most that each of them allows */
    private readonly array $most;

    /** @var array<string, Bests> by the limit that they need not keep */
    private readonly array $without;

    private readonly PriceBook $book;

    private readonly Bracket $bracket;

    private readonly Opens $opens;

    private readonly Queue $queue;

    private readonly Counts $counts;

    private function __construct(private readonly Question $question)
    {
        $this->ample = exp(self::WIDE * Normal::quantile($question->sure));
        $this->goal = new Goal($question->goal, $question->room, $question->standing());
        $this->front = new Front;
        $this->bests = new Bests;
        $this->limits = $question->limits->set();
        $this->most = array_map($question->limits->most(...), $this->limits);
        $this->without = array_combine(
            array_map(fn (Limit $limit): string => $limit->value, $this->limits),
            array_map(fn (Limit $limit): Bests => new Bests($limit), $this->limits),
        );
        $this->book = new PriceBook($question->stock, $question->economy);
        $this->bracket = new Bracket;
        $this->opens = new Opens($question->seat, $this->book, $question->range->units, $question->standing());
        $this->queue = new Queue;
        $this->counts = new Counts;
    }

    public static function answer(Question $question): Answer
    {
        return self::part($question, 0, 1);
    }

    /**
     * The answer from a part of the fans' seats alone, to be put together with those of the others.
     *
     * @param  int  $part  which of so many, from 0
     * @param  int  $parts  1 or more
     * @param  (Closure(list<array{int, int}>): list<array{int, int}>)|null  $tell  tells the others what was found, in steps and
     *                                                                        costs, and answers what they found as far; everybody
     *                                                                        asks it equally often
     */
    public static function part(Question $question, int $part, int $parts, ?Closure $tell = null): Answer
    {
        $search = new self($question);
        $sieve = new Sieve($question, $part, $parts);
        foreach ($sieve->frames() as $frame) {
            $search->begin(new Lot($frame, $question, $search->book, $search->bracket, $search->opens));
        }
        for ($round = 1; $round <= self::ROUNDS && $tell !== null; $round++) {
            $search->upTo($round * self::ROUND);
            foreach ($tell($search->front->news()) as [$steps, $cost]) {
                $search->front->learn($steps, $cost);
            }
        }
        $search->upTo(PHP_INT_MAX);

        return new Answer($search->front->all(), $search->bests, $search->without, $sieve->misfits(), $search->counts);
    }

    /** Every speed and number of units at which a frame, of the best media and tight, would reach the goal. */
    private function begin(Lot $lot): void
    {
        $weight = $lot->frame->weight();
        foreach ($lot->opens() as $speed => $opens) {
            $share = null;
            foreach ($opens as $open) {
                $this->counts->generated += $weight;
                if (! $this->question->limits->allow(Limit::Level, $open->level) && ! $this->question->limits->allow(Limit::Power, $open->power)) {
                    $this->counts->beyondLimits += $weight;

                    continue;
                }
                $share ??= $this->goal->shares($lot->mostOfAnyMedia($speed));
                $reached = $share($open->units);
                if (Goal::mayBeReachedAt($reached)) {
                    $this->queue->add(new Branch($lot, $open, $lot->atBest()->ofAnyMedia($open), $reached));
                } else {
                    $this->counts->shortOfGoal += $weight;
                }
            }
        }
    }

    /** @param  int  $cost  steps of cost */
    private function upTo(int $cost): void
    {
        while (($branch = $this->queue->next($cost)) !== null) {
            if ($this->mayMatter($branch->atBest, $branch->share, $branch->weight())) {
                $this->follow($branch);
            }
        }
    }

    private function follow(Branch $branch): void
    {
        if ($branch->filter === null) {
            $this->chooseMedia($branch);
        } elseif ($branch->variant === null) {
            $this->chooseVariant($branch, $branch->filter);
        } else {
            $this->solve($branch, $branch->filter, $branch->variant);
        }
    }

    private function chooseMedia(Branch $branch): void
    {
        [$lot, $open] = [$branch->lot, $branch->open];
        if (! $this->mayBeSure($branch->share, fn (): ?Propagation => $lot->propagationOfAnyMedia($open->speed), $open->units)) {
            $this->counts->shortOfGoal += $branch->weight();

            return;
        }
        [$ideal, $extra] = [$lot->ideal(), $lot->atBest()->hardware($open->units)];
        foreach ($lot->frame->media as $filter) {
            $atBest = $lot->ofFansAndFilters($filter, $open)->made($ideal, $extra, $open->units);
            if ($this->mayMatter($atBest, $branch->share, $lot->frame->ways())) {
                $this->queue->add(new Branch($lot, $open, $atBest, $branch->share, $filter));
            }
        }
    }

    private function chooseVariant(Branch $branch, Filter $filter): void
    {
        [$lot, $open] = [$branch->lot, $branch->open];
        $share = $this->goal->share($lot->most($filter, $lot->ideal(), $open->speed), $open->units);
        if (! Goal::mayBeReachedAt($share)) {
            $this->counts->shortOfGoal += $branch->weight();

            return;
        }
        if (! $this->stillMatters($branch, $share)) {
            return;
        }
        if (! $this->mayBeSure($share, fn (): ?Propagation => $lot->propagationAtBest($filter, $lot->ideal(), $open->speed), $open->units)) {
            $this->counts->shortOfGoal += $branch->weight();

            return;
        }
        $variants = $lot->worth($open->units);
        $this->counts->beaten += $branch->weight() - count($variants);
        $parts = $lot->ofFansAndFilters($filter, $open);
        foreach ($variants as [$variant, $extra]) {
            $made = $parts->made($variant, $extra, $open->units);
            if ($this->mayMatter($made, $share, 1)) {
                $this->queue->add(new Branch($lot, $open, $made, $share, $filter, $variant));
            }
        }
    }

    private function solve(Branch $branch, Filter $filter, Variant $variant): void
    {
        [$speed, $units] = [$branch->open->speed, $branch->open->units];
        $share = $this->goal->share($branch->lot->most($filter, $variant, $speed), $units);
        if (! Goal::mayBeReachedAt($share)) {
            $this->counts->shortOfGoal++;

            return;
        }
        if (! $this->stillMatters($branch, $share)) {
            return;
        }
        $this->counts->solved++;
        $solved = $branch->lot->solved($filter, $variant, $branch->open, $branch->atBest);
        $share = $this->goal->share($solved->output, $units);
        if (! Goal::mayBeReachedAt($share) || ! $this->mayMatter($solved->measures, $share, 0)) {
            return;
        }
        $chance = $this->goal->chance($branch->lot->propagation($filter, $variant, $speed), $units, $this->question->sure);
        if ($chance < $this->question->sure) {
            return;
        }
        $design = $branch->lot->frame->design->with(filter: $filter)->made($variant->corners, $variant->joining);
        $found = new Found($design, $units, $speed, $solved->measures, $share, $chance, $branch->code());
        $broken = $found->measures->broken($this->question->limits);
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

        return $this->goal->chance($propagation, $units, $this->question->sure) >= $this->question->sure - Goal::HAIR;
    }

    /** Whether a branch that was just found to matter still does by what is known of its share of the goal now. */
    private function stillMatters(Branch $branch, float $share): bool
    {
        return Steps::ofShare($share) === Steps::ofShare($branch->share) || $this->mayMatter($branch->atBest, $share, $branch->weight());
    }

    /**
     * Whether something with these measures, at best, could be an answer, or the best where one limit is not kept.
     *
     * @param  int  $weight  candidates that it stands for
     */
    private function mayMatter(Measures $atBest, float $share, int $weight): bool
    {
        $broken = null;
        foreach ($this->limits as $number => $limit) {
            if ($atBest->of($limit) > $this->most[$number]) {
                if ($broken !== null) {
                    $this->counts->beyondLimits += $weight;

                    return false;
                }
                $broken = $limit;
            }
        }
        $matters = $broken === null
            ? ! $this->front->beats(Steps::of($atBest, $share), $atBest->totalCost()) || $this->bests->mightTake($atBest)
            : false;
        foreach ($broken === null ? $this->limits : [$broken] as $limit) {
            $matters = $matters || $this->without[$limit->value]->mightTake($atBest);
        }
        if (! $matters) {
            $this->counts->beaten += $weight;
        }

        return $matters;
    }
}
