<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

use Closure;

/**
 * The shortest schedule of a few tasks, by going through all of them: branch and bound over who does which task next.
 * Partial schedules that were met before are not gone on with again, nor those that the chain of what is left makes too long.
 */
final class ExactSearch
{
    /** Tasks up to which it is tried. */
    public const MOST = 8;

    /** @var array<string, true> partial schedules that were gone through */
    private array $met = [];

    /** @var array<int, Assignment> */
    private array $best;

    private float $length;

    private bool $isWhole = true;

    /** @var list<float> minutes of work and waiting from the beginning of each task on */
    private readonly array $chains;

    /**
     * @param  array<int, Assignment>  $best
     * @param  Closure(): bool  $goesOn
     */
    private function __construct(private readonly Day $day, private readonly Decoder $decoder, array $best, private readonly Closure $goesOn)
    {
        $this->best = $best;
        $this->length = (new Schedule($day, $best))->length();
        $chains = array_map(fn (Task $task): float => $task->work, $day->tasks);
        foreach (array_reverse($day->order) as $number) {
            foreach ($day->after[$number] as $one) {
                $chains[$one] = max($chains[$one], $day->tasks[$one]->work + $day->tasks[$one]->wait + $chains[$number]);
            }
        }
        $this->chains = array_values($chains);
    }

    /**
     * @param  array<int, Assignment>  $best  the best that is known; empty for none
     * @param  Closure(): bool  $goesOn  whether there is time left
     * @return array{array<int, Assignment>, bool} the best, and whether all was gone through
     */
    public static function best(Day $day, Decoder $decoder, array $best, Closure $goesOn): array
    {
        $search = new self($day, $decoder, $best, $goesOn);
        if ($best === []) {
            $search->length = INF;
        }
        $search->extend([]);

        return [$search->best, $search->isWhole];
    }

    /** @param  array<int, Assignment>  $done */
    private function extend(array $done): void
    {
        if (! ($this->goesOn)()) {
            $this->isWhole = false;

            return;
        }
        $key = self::key($done);
        if (isset($this->met[$key])) {
            return;
        }
        $this->met[$key] = true;
        if (count($done) === count($this->day->tasks)) {
            $length = (new Schedule($this->day, $done))->length();
            if ($length < $this->length - Calendar::HAIR) {
                [$this->best, $this->length] = [$done, $length];
            }

            return;
        }
        $earliest = $this->earliest($done);
        foreach ($earliest as $number => $at) {
            if ($at + $this->chains[$number] >= $this->length - Calendar::HAIR) {
                return;
            }
        }
        [$people, $tools] = $this->calendars($done);
        foreach ($this->day->tasks as $number => $task) {
            if (isset($done[$number]) || array_diff($this->day->after[$number], array_keys($done)) !== []) {
                continue;
            }
            foreach (self::sets($this->allowed($number, $done), $task->people) as $who) {
                $start = Decoder::together($task, $earliest[$number], $who, $people, $tools);
                if ($start !== null && $start + $this->chains[$number] < $this->length - Calendar::HAIR) {
                    $this->extend($done + [$number => new Assignment($task, $start, $start + $task->work, $who)]);
                }
            }
        }
    }

    /**
     * @param  array<int, Assignment>  $done
     * @return array<int, float> when each of the others may begin, if nobody did anything else
     */
    private function earliest(array $done): array
    {
        $ends = $earliest = [];
        foreach ($this->day->order as $number) {
            $at = $this->day->now;
            foreach ($this->day->after[$number] as $one) {
                $at = max($at, $ends[$one] + $this->day->tasks[$one]->wait);
            }
            if (isset($done[$number])) {
                $ends[$number] = $done[$number]->end;
            } else {
                $earliest[$number] = $at;
                $ends[$number] = $at + $this->day->tasks[$number]->work;
            }
        }

        return $earliest;
    }

    /**
     * @param  array<int, Assignment>  $done
     * @return list<int> who may do it beside what they did
     */
    private function allowed(int $number, array $done): array
    {
        $task = $this->day->tasks[$number];
        if ($task->unit === null) {
            return $this->day->able[$number];
        }
        $not = [];
        foreach ($done as $one) {
            if ($one->task->unit === $task->unit && $one->task->isCheck !== $task->isCheck) {
                array_push($not, ...$one->people);
            }
        }

        return array_values(array_diff($this->day->able[$number], $not));
    }

    /**
     * @param  array<int, Assignment>  $done
     * @return array{list<Calendar>, array<string, Calendar>}
     */
    private function calendars(array $done): array
    {
        [$people, $tools] = [$this->decoder->freePeople(), $this->decoder->freeTools()];
        foreach ($done as $one) {
            foreach ($one->people as $person) {
                $people[$person]->take($one->start, $one->end);
            }
            if ($one->task->tool !== null) {
                $tools[$one->task->tool]->take($one->start, $one->end);
            }
        }

        return [$people, $tools];
    }

    /** @param  array<int, Assignment>  $done */
    private static function key(array $done): string
    {
        ksort($done);

        return implode(';', array_map(fn (int $number, Assignment $one): string => sprintf('%d %.6f %s', $number, $one->start, implode(',', $one->people)), array_keys($done), $done));
    }

    /**
     * @param  list<int>  $able
     * @return list<non-empty-list<int>>
     */
    private static function sets(array $able, int $size): array
    {
        $sets = [];
        foreach ($able as $place => $one) {
            if ($size === 1) {
                $sets[] = [$one];

                continue;
            }
            foreach (self::sets(array_slice($able, $place + 1), $size - 1) as $rest) {
                $sets[] = [$one, ...$rest];
            }
        }

        return $sets;
    }
}
