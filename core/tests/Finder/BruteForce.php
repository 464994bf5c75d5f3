<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Finder;

use Jornel\Core\Airflow\Propagation;
use Jornel\Core\Airflow\UncertainOutput;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Finder\Limits;
use Jornel\Core\Finder\MeasureSteps;
use Jornel\Core\Finder\SearchProblem;
use Jornel\Core\Finder\Space\Range;
use Jornel\Core\Finder\Space\Standing;
use Jornel\Core\Guide\Work;
use Jornel\Core\Kit\FilterLife;
use Jornel\Core\Kit\RunningCost;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Part\PartKind;
use Jornel\Core\Room\Target\Judgement;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DoesNotFit;
use Jornel\Core\Shape\Measurements;

/** Every candidate of a question evaluated one by one with what the ledger uses, without any bound. */
final class BruteForce
{
    /** @var list<array{code: string, share: float, values: array<string, float>, running: float, steps: list<int>}> that reach the goal */
    public array $reaching = [];

    public int $candidates = 0;

    public function __construct(private readonly SearchProblem $question)
    {
        $catalogue = $question->catalogue;
        foreach ($question->range->shapes as $shape) {
            foreach ($shape->ways() as $way) {
                foreach ($catalogue->fans as $fan) {
                    foreach ($catalogue->filters as $filter) {
                        if (! $question->range->takes($filter)) {
                            continue;
                        }
                        foreach ([null, ...array_filter($catalogue->filters, fn ($one): bool => $question->range->takesBefore($one, $filter))] as $prefilter) {
                            foreach (Range::CORNERS as $corners) {
                                foreach (array_filter($catalogue->joinings, fn ($one): bool => $question->range->takesJoining($one, $shape)) as $joining) {
                                    $this->evaluate(new Design($shape, $fan, $filter, $joining, $corners, $prefilter, null, $way, window: $shape->needsWindow() ? $question->range->window : null));
                                }
                            }
                        }
                    }
                }
            }
        }
    }

    private function evaluate(Design $design): void
    {
        try {
            $assembly = $design->assemble();
        } catch (DoesNotFit) {
            return;
        }
        if ($design->shape->isNeedless($design) || $design->corners->areNeedless($design->made(Corners::Open, $design->joining)) || $assembly->isHalfDead()) {
            return;
        }
        $stands = Standing::isRight($design);
        $question = $this->question;
        $unit = Unit::of($design, $assembly, $question->air);
        $performances = $unit->performances();
        $outputs = array_map(fn (int $speed): UncertainOutput => Propagation::through($unit, $speed, $question->tolerances)->output(), array_keys($performances));
        $measurements = Measurements::of($design);
        $work = Work::of($design);
        $life = FilterLife::in($question->room->pollutant());
        for ($units = 1; $units <= $question->range->units; $units++) {
            foreach ($performances as $number => $performance) {
                $this->candidates++;
                if (! $stands) {
                    continue;
                }
                $all = $question->standing()->output->plus($outputs[$number]->times($units));
                $judgement = Judgement::of($question->goal, $question->room, $all->told);
                $chance = $judgement->chance($all);
                if ($chance === null || $chance < $question->sure) {
                    continue;
                }
                $runs = $design->running($performance->speed->name);
                $list = ShoppingList::for($runs, $runs->assemble(), $units, $question->catalogue, $question->stock);
                $cost = RunningCost::of($list, $units * $performance->watts, $question->economy, $life->changes($performance->cleanAir, $design, $question->economy));
                $values = [
                    'level' => $question->seat->together([...$question->standing()->levels, ...array_fill(0, $units, $performance->level)]),
                    'first_cost' => $cost->first->toFloat(),
                    'total_cost' => $cost->total->toFloat(),
                    'footprint' => $units * $measurements->footprint,
                    'height' => $measurements->height,
                    'power' => $units * $performance->watts,
                    'minutes' => $units * $work->minutes,
                    'tools' => (float) count($question->limits->missingTools($work)),
                    'skills' => (float) count($question->limits->missingSkills($work)),
                    'stock' => (float) array_sum(array_map(fn ($line): int => $line->kind->part() !== PartKind::Material ? $line->needed - $line->fromStock : 0, $list->lines)),
                ];
                $share = $judgement->gets() / ($judgement->asks ?: NAN);
                $this->reaching[] = [
                    'code' => implode('|', [$design->shape->id(), http_build_query($design->options), $design->fan->id, $design->prefilter->id ?? '', "{$design->filter->shopRank()} {$design->filter->id}", $design->corners->value, $design->joining->id, $units, $number]),
                    'share' => $share,
                    'values' => $values,
                    'running' => ($cost->total->hundredths - $cost->first->hundredths) / 100.0,
                    'steps' => [
                        intdiv($cost->total->hundredths, MeasureSteps::COST),
                        (int) floor($values['level'] / MeasureSteps::LEVEL + 1e-9),
                        -(int) floor(min($share, MeasureSteps::MOST_SHARE) / MeasureSteps::SHARE + 1e-9),
                        (int) floor($values['footprint'] / MeasureSteps::FOOTPRINT + 1e-9),
                        (int) floor($values['power'] / MeasureSteps::POWER + 1e-9),
                        (int) floor($values['minutes'] / MeasureSteps::MINUTES + 1e-9),
                    ],
                ];
            }
        }
    }

    /**
     * Codes of the builds within the limits that no other beats.
     *
     * @return list<string> sorted
     */
    public function front(Limits $limits): array
    {
        $firsts = [];
        foreach ($this->within($limits) as $one) {
            $alike = implode(' ', $one['steps']);
            if (! isset($firsts[$alike]) || self::order($one) < self::order($firsts[$alike])) {
                $firsts[$alike] = $one;
            }
        }
        $codes = [];
        foreach ($firsts as $one) {
            foreach ($firsts as $other) {
                $worse = false;
                for ($i = 0; $i < 6 && ! $worse; $i++) {
                    $worse = $other['steps'][$i] > $one['steps'][$i];
                }
                if (! $worse && $other !== $one) {
                    continue 2;
                }
            }
            $codes[] = $one['code'];
        }
        sort($codes);

        return $codes;
    }

    /**
     * Codes of the best within the limits at each of some keys.
     *
     * @param  list<string>  $keys  of the values, or `running`
     * @return array<string, string|null> by key
     */
    public function bests(Limits $limits, array $keys): array
    {
        $best = [];
        foreach ($this->within($limits) as $one) {
            foreach ($keys as $key) {
                $value = $key === 'running' ? $one['running'] : $one['values'][$key];
                if (! isset($best[$key]) || $value < $best[$key][0] || ($value === $best[$key][0] && self::order($one) < $best[$key][1])) {
                    $best[$key] = [$value, self::order($one)];
                }
            }
        }

        return array_combine($keys, array_map(fn (string $key): ?string => $best[$key][1][1] ?? null, $keys));
    }

    /** @return list<array{code: string, share: float, values: array<string, float>, running: float, steps: list<int>}> */
    private function within(Limits $limits): array
    {
        $most = array_map(fn (float $value): float => $value * (1.0 + 1e-9), $limits->most);

        return array_values(array_filter($this->reaching, function (array $one) use ($most): bool {
            foreach ($most as $limit => $value) {
                if ($one['values'][$limit] > $value) {
                    return false;
                }
            }

            return true;
        }));
    }

    /**
     * @param  array{code: string, share: float, values: array<string, float>, running: float, steps: list<int>}  $one
     * @return array{int, string}
     */
    private static function order(array $one): array
    {
        return [(int) round(100.0 * $one['values']['total_cost']), $one['code']];
    }
}
