<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

use Closure;
use Jornel\Core\Quantity\Texts;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Plans a build day: a priority list on the critical path first, then a local search on that list until the time is up or
 * nothing shorter is possible. A few tasks are gone through exactly.
 *
 * Source: list scheduling on the critical path, R. L. Graham, "Bounds on multiprocessing timing anomalies", SIAM Journal on
 * Applied Mathematics 17 (1969); simulated annealing, S. Kirkpatrick, C. D. Gelatt and M. P. Vecchi, Science 220 (1983).
 */
final class Planner
{
    /** Biases that the first lists are tried with, minutes. */
    private const BIASES = [2.0, 0.0, 15.0, 60.0];

    /** Minutes by which each unit comes before the next in the first lists. */
    private const EARLIER = [0.0, 1.0, 3.0, 10.0, 1000.0];

    /** Share of the time for them. */
    private const FIRST_SHARE = 0.2;

    /** Schedules between two that are pushed to the end of the day and back. */
    private const PUSHED = 24;

    /** Random lists that are tried before a day is called impossible. */
    private const TRIES = 200;

    /** Share of the length by which a longer schedule is gone on with at first. */
    private const WARMTH = 0.02;

    private readonly Decoder $decoder;

    private readonly LowerBound $bound;

    private readonly Randomizer $random;

    /** @var array<int, Assignment> */
    private array $best = [];

    private float $length = INF;

    /** @var list<float> minutes of work and waiting that hang on each task, itself included */
    private readonly array $chains;

    private float $total = INF;

    /**
     * @param  Closure(): float  $clock  milliseconds since the planning began
     * @param  (Closure(Schedule, float): bool)|null  $tell  is told of every better schedule and of the share of the time that
     *                                                       is used, now and then; false ends the search
     */
    private function __construct(private readonly Day $day, private readonly float $budget, private readonly Closure $clock, private readonly ?Closure $tell)
    {
        $this->decoder = new Decoder($day);
        $this->bound = LowerBound::of($day, $this->decoder);
        $this->random = new Randomizer(new Mt19937(count($day->tasks)));
        $chains = array_map(fn (Task $task): float => $task->work, $day->tasks);
        foreach (array_reverse($day->order) as $number) {
            foreach ($day->after[$number] as $one) {
                $chains[$one] = max($chains[$one], $day->tasks[$one]->work + $day->tasks[$one]->wait + $chains[$number]);
            }
        }
        $this->chains = array_values($chains);
    }

    /**
     * @param  float  $budget  milliseconds
     * @param  Closure(): float  $clock  milliseconds since the planning began
     * @param  (Closure(Schedule, float): bool)|null  $tell  as above
     *
     * @throws InvalidDay where no schedule was found
     */
    public static function plan(Day $day, float $budget, Closure $clock, ?Closure $tell = null): Plan
    {
        return (new self($day, $budget, $clock, $tell))->planned();
    }

    private function planned(): Plan
    {
        $checkers = Checkers::shared($this->day);
        $choice = $this->first($checkers);
        $isProved = false;
        $few = count($this->day->tasks) - count($this->day->frozen) <= ExactSearch::MOST && $this->day->frozen === [];
        if ($few && ! $this->isShortest()) {
            [$best, $isProved] = ExactSearch::best($this->day, $this->decoder, $this->best, fn (): bool => ($this->clock)() < $this->budget);
            if ($best !== []) {
                $this->offer($best);
            }
        }
        if ($this->best === []) {
            $choice = $this->anyhow($checkers);
        }
        if (! $isProved && ! $this->isShortest()) {
            $this->improve($choice);
        }
        $schedule = new Schedule($this->day, $this->best);
        $bound = $isProved ? max($this->bound->minutes, $this->length) : min($this->bound->minutes, $this->length);

        return new Plan($schedule, $bound, match (true) {
            $this->isShortest() => $this->bound->why,
            $isProved => Texts::of('day')->tell('proved'),
            default => Texts::of('day')->tell('searched', minutes: (string) round($bound, 1), why: $this->bound->why),
        });
    }

    /**
     * Lists by the longest chain that hangs on a task, all units at once or the first units first, with people on whom much
     * hangs kept free or not. The first list comes before the clock is asked.
     *
     * @param  array<int, list<int>>  $checkers
     */
    private function first(array $checkers): Choice
    {
        $best = null;
        foreach (self::BIASES as $bias) {
            foreach (self::EARLIER as $earlier) {
                $choice = new Choice($this->byChain($earlier), $checkers, $bias);
                if ($this->isBetter($choice) || $best === null) {
                    $best = $choice;
                }
                if (($this->clock)() > self::FIRST_SHARE * $this->budget && $this->best !== []) {
                    return $best;
                }
            }
        }

        return $best;
    }

    /**
     * @param  float  $earlier  minutes by which each unit comes before the next
     * @return list<float>
     */
    private function byChain(float $earlier): array
    {
        $units = array_flip(array_values(array_unique(array_map(fn (Task $task): string => (string) $task->unit, $this->day->tasks))));
        $priorities = [];
        foreach ($this->day->tasks as $number => $task) {
            $priorities[] = $earlier * $units[(string) $task->unit] - $this->chains[$number];
        }

        return $priorities;
    }

    /**
     * Random lists and checkers, where windows are so narrow that the first lists found no way.
     *
     * @param  array<int, list<int>>  $checkers
     *
     * @throws InvalidDay
     */
    private function anyhow(array $checkers): Choice
    {
        $stuck = 0;
        for ($try = 0; $try < self::TRIES && ($try < 20 || ($this->clock)() < $this->budget); $try++) {
            $choice = new Choice(array_map(fn (): float => $this->chance(), $this->day->tasks), $this->changed($checkers), 0.0);
            $done = $this->decoder->decode($choice);
            if (is_array($done)) {
                $this->offer($done);

                return $choice;
            }
            $stuck = $done;
        }
        throw InvalidDay::noTime($this->day->path($stuck), $this->day->tasks[$stuck]->id);
    }

    /**
     * @param  array<int, list<int>>  $checkers
     * @return array<int, list<int>>
     */
    private function changed(array $checkers): array
    {
        foreach (array_keys($checkers) as $check) {
            if (! isset($this->day->frozen[$check])) {
                $sets = Checkers::possible($this->day, (string) $this->day->tasks[$check]->unit, $check, $checkers);
                $checkers[$check] = $sets === [] ? $checkers[$check] : $sets[$this->random->getInt(0, count($sets) - 1)];
            }
        }

        return $checkers;
    }

    /** Local search on the list of the best: a task is put before another, or some are shifted, and the day is planned anew. */
    private function improve(Choice $choice): void
    {
        $current = $choice->withPriorities($this->byStart($this->best));
        $done = $this->decoder->decode($current);
        if (! is_array($done)) {
            $current = $choice;
        }
        [$length, $total] = is_array($done) ? self::measure($done) : [$this->length, $this->total];
        $open = array_values(array_filter(array_keys($this->day->tasks), fn (int $number): bool => ! isset($this->day->frozen[$number])));
        for ($turn = 0; ! $this->isShortest(); $turn++) {
            $share = ($this->clock)() / max($this->budget, 1e-9);
            if ($share >= 1.0 || ($this->tell !== null && $turn % 16 === 0 && ! ($this->tell)(new Schedule($this->day, $this->best), $share))) {
                return;
            }
            $next = $turn % self::PUSHED === 0 ? $this->pushed($current) : $this->moved($current, $open);
            $done = $next === null ? null : $this->decoder->decode($next);
            if ($next === null || ! is_array($done)) {
                continue;
            }
            [$longer, $more] = self::measure($done);
            $this->offer($done);
            $worse = ($longer - $length) + 0.2 * ($more - $total) / count($open);
            if ($worse <= 0.0 || $this->chance() < exp(-$worse / (self::WARMTH * $length * (1.0 - $share) ** 2 + 1e-9))) {
                [$current, $length, $total] = [$next, $longer, $more];
            }
        }
    }

    /**
     * The list after every task was pushed as late as it goes, the last first: what comes early in it is what must.
     *
     * Source: K. Y. Li and R. J. Willis, "An iterative scheduling technique for resource-constrained project scheduling",
     * European Journal of Operational Research 56 (1992).
     */
    private function pushed(Choice $choice): ?Choice
    {
        if ($this->day->frozen !== []) {
            return null;
        }
        $done = $this->decoder->decode($choice);
        if (! is_array($done)) {
            return null;
        }
        $length = self::measure($done)[0];
        $late = (new Decoder($this->day->mirrored($length)))->decode($choice->withPriorities(array_map(fn (int $number): float => -$done[$number]->end, array_keys($this->day->tasks))));

        return is_array($late) ? $choice->withPriorities(array_map(fn (int $number): float => $length - $late[$number]->end, array_keys($this->day->tasks))) : null;
    }

    /** @param  list<int>  $open */
    private function moved(Choice $choice, array $open): Choice
    {
        $checks = array_values(array_filter(array_keys($choice->checkers), fn (int $check): bool => ! isset($this->day->frozen[$check])));
        $kind = $this->random->getInt(0, 9);
        if ($kind === 0 && $checks !== []) {
            $check = $checks[$this->random->getInt(0, count($checks) - 1)];
            $sets = Checkers::possible($this->day, (string) $this->day->tasks[$check]->unit, $check, $choice->checkers);

            return $sets === [] ? $choice : $choice->withChecker($check, $sets[$this->random->getInt(0, count($sets) - 1)]);
        }
        if ($kind === 1) {
            return $choice->withBias($this->chance() ** 2 * 60.0);
        }
        $priorities = $choice->priorities;
        if ($kind < 6) {
            // Some tasks some minutes earlier or later.
            for ($count = 1 + (int) (count($open) * 0.1 * $this->chance() ** 2); $count > 0; $count--) {
                $one = $open[$this->random->getInt(0, count($open) - 1)];
                $priorities[$one] += (2.0 * $this->chance() - 1.0) * 20.0;
            }
        } else {
            $one = $open[$this->random->getInt(0, count($open) - 1)];
            $other = $open[$this->random->getInt(0, count($open) - 1)];
            if ($kind < 8) {
                $priorities[$one] = $priorities[$other] - (1e-6 + 1e-3 * $this->chance());
            } else {
                [$priorities[$one], $priorities[$other]] = [$priorities[$other], $priorities[$one]];
            }
        }

        return $choice->withPriorities(array_values($priorities));
    }

    /**
     * @param  array<int, Assignment>  $done
     * @return list<float> minutes in which the tasks begin
     */
    private function byStart(array $done): array
    {
        return array_map(fn (int $number): float => $done[$number]->start + 1e-6 * $number, array_keys($this->day->tasks));
    }

    /** From 0 to 1. */
    private function chance(): float
    {
        return $this->random->getInt(0, 1 << 30) / (1 << 30);
    }

    private function isBetter(Choice $choice): bool
    {
        $done = $this->decoder->decode($choice);

        return is_array($done) && $this->offer($done);
    }

    /** @param  array<int, Assignment>  $done */
    private function offer(array $done): bool
    {
        [$length, $total] = self::measure($done);
        if ($length > $this->length + Calendar::HAIR || ($length > $this->length - Calendar::HAIR && $total >= $this->total - Calendar::HAIR)) {
            return false;
        }
        $isShorter = $length < $this->length - Calendar::HAIR;
        [$this->best, $this->length, $this->total] = [$done, $length, $total];
        if ($isShorter && $this->tell !== null) {
            ($this->tell)(new Schedule($this->day, $done), ($this->clock)() / max($this->budget, 1e-9));
        }

        return true;
    }

    /** Whether nothing shorter is possible. */
    private function isShortest(): bool
    {
        return $this->length <= $this->bound->minutes + 1e-6;
    }

    /**
     * @param  array<int, Assignment>  $done
     * @return array{float, float} minutes until all is done, and of all ends together
     */
    private static function measure(array $done): array
    {
        [$length, $total] = [0.0, 0.0];
        foreach ($done as $one) {
            $length = $one->end > $length ? $one->end : $length;
            $total += $one->end;
        }

        return [$length, $total];
    }
}
