<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

use Jornel\Core\Quantity\Texts;

/**
 * What a day takes at the least, and why: the longest chain of work and waiting; the work of some tasks over those who may
 * do them; the use of a tool over how many there are of it. Of the tasks of a group, those that cannot begin before a minute
 * and are followed by so much at least are looked at by themselves, too.
 *
 * Source: the critical path and the resource bounds of J. P. Stinson, E. W. Davis and B. M. Khumawala, "Multiple
 * resource-constrained scheduling using branch and bound", AIIE Transactions 10 (1978).
 */
final class LowerBound
{
    /** Beginnings that are looked at, of each group. */
    private const MOST_BEGINNINGS = 60;

    public float $minutes = 0.0;

    public string $why = '';

    private function __construct(private readonly Day $day)
    {
        $this->why = Texts::of('day')->tell('nothing');
    }

    public static function of(Day $day, Decoder $decoder): self
    {
        $bound = new self($day);
        [$begins, $ends] = $bound->heads($decoder);
        $tails = $bound->tails();
        $bound->chain($ends);
        $open = array_values(array_filter(array_keys($day->tasks), fn (int $number): bool => ! isset($day->frozen[$number]) && $day->tasks[$number]->work > 0.0));
        foreach ($bound->groups($open) as [$tasks, $people, $tool, $key, $name]) {
            $bound->energy($tasks, $people, $tool, $begins, $tails, $key, $name);
        }

        return $bound;
    }

    /**
     * The earliest that each task can begin and end if nobody did anything else.
     *
     * @return array{non-empty-list<float>, non-empty-list<float>}
     */
    private function heads(Decoder $decoder): array
    {
        $people = $decoder->freePeople();
        $begins = $ends = array_fill(0, count($this->day->tasks), 0.0);
        foreach ($this->day->order as $number) {
            $task = $this->day->tasks[$number];
            if (isset($this->day->frozen[$number])) {
                [$begins[$number], $ends[$number]] = [$this->day->frozen[$number]->start, $this->day->frozen[$number]->end];

                continue;
            }
            $earliest = $this->day->now;
            foreach ($this->day->after[$number] as $one) {
                $earliest = max($earliest, $ends[$one] + $this->day->tasks[$one]->wait);
            }
            $begins[$number] = min(array_map(fn (int $person): float => $people[$person]->earliest($earliest, $task->work), $this->day->able[$number]) ?: [INF]);
            $ends[$number] = $begins[$number] + $task->work;
        }

        return [array_values($begins), array_values($ends)];
    }

    /** @return list<float> minutes that follow each task at the least */
    private function tails(): array
    {
        $tails = array_fill(0, count($this->day->tasks), 0.0);
        foreach (array_reverse($this->day->order) as $number) {
            foreach ($this->day->after[$number] as $one) {
                $tails[$one] = max($tails[$one], $this->day->tasks[$one]->wait + $this->day->tasks[$number]->work + $tails[$number]);
            }
        }

        return array_values($tails);
    }

    /** @param  non-empty-list<float>  $ends */
    private function chain(array $ends): void
    {
        $last = (int) array_search(max($ends), $ends, true);
        $chain = [$last];
        $number = $last;
        while (true) {
            $before = null;
            foreach ($this->day->after[$number] as $one) {
                if ($before === null || $ends[$one] + $this->day->tasks[$one]->wait > $ends[$before] + $this->day->tasks[$before]->wait) {
                    $before = $one;
                }
            }
            if ($before === null) {
                break;
            }
            array_unshift($chain, $number = $before);
        }
        $units = array_unique(array_map(fn (int $one): ?string => $this->day->tasks[$one]->unit, $chain));
        $tasks = count($units) === 1 && $units[0] !== null && count($chain) > 1
            ? Texts::of('day')->tell('chain-of-unit', count: count($chain), unit: $units[0])
            : implode(', ', array_map(fn (int $one): string => $this->day->tasks[$one]->id, $chain));
        $this->raise($ends[$last], Texts::of('day')->tell('chain', minutes: self::told($ends[$last]), tasks: $tasks));
    }

    /**
     * Groups of tasks that share people or a tool.
     *
     * @param  list<int>  $open
     * @return list<array{list<int>, list<int>, string|null, string, string}> tasks, people, tool, key of the text, name in it
     */
    private function groups(array $open): array
    {
        $all = array_keys($this->day->people);
        $groups = [[$open, $all, null, 'people', '']];
        $adults = array_values(array_filter($open, fn (int $number): bool => $this->day->tasks[$number]->isForAdults));
        $groups[] = [$adults, array_values(array_filter($all, fn (int $person): bool => $this->day->people[$person]->isAdult)), null, 'adults', ''];
        $bySkill = $byTool = $byAble = [];
        foreach ($open as $number) {
            $task = $this->day->tasks[$number];
            if ($task->skill !== null) {
                $bySkill[$task->skill][] = $number;
            }
            if ($task->tool !== null) {
                $byTool[$task->tool][] = $number;
            }
            $byAble[implode(' ', $this->day->able[$number])][] = $number;
        }
        foreach ($bySkill as $skill => $tasks) {
            $groups[] = [$tasks, self::union(array_map(fn (int $number): array => $this->day->able[$number], $tasks)), null, 'skill', (string) $skill];
        }
        foreach ($byTool as $tool => $tasks) {
            $groups[] = [$tasks, $all, (string) $tool, 'tool', (string) $tool];
        }
        // Whoever may do the same tasks, and all tasks that only some of them may do.
        foreach (array_keys($byAble) as $able) {
            $people = array_map(intval(...), explode(' ', (string) $able));
            $tasks = array_values(array_filter($open, fn (int $number): bool => array_diff($this->day->able[$number], $people) === []));
            $groups[] = [$tasks, $people, null, 'only', implode(', ', array_map(fn (int $person): string => $this->day->people[$person]->name, array_slice($people, 0, 6))).(count($people) > 6 ? ', ...' : '')];
        }

        return array_values(array_filter($groups, fn (array $group): bool => $group[0] !== [] && $group[1] !== []));
    }

    /**
     * @param  list<int>  $tasks
     * @param  list<int>  $people
     * @param  list<float>  $begins
     * @param  list<float>  $tails
     */
    private function energy(array $tasks, array $people, ?string $tool, array $begins, array $tails, string $key, string $name): void
    {
        $byTail = $tasks;
        usort($byTail, fn (int $one, int $other): int => $tails[$other] <=> $tails[$one]);
        $heads = array_values(array_unique(array_map(fn (int $number): float => $begins[$number], $tasks)));
        sort($heads);
        if (count($heads) > self::MOST_BEGINNINGS) {
            $heads = array_map(fn (int $i): float => $heads[intdiv($i * (count($heads) - 1), self::MOST_BEGINNINGS - 1)], range(0, self::MOST_BEGINNINGS - 1));
        }
        foreach ($heads as $head) {
            if ($head === INF) {
                continue;
            }
            $sum = 0.0;
            $supply = $this->supply($head, $people, $tool);
            foreach ($byTail as $place => $number) {
                if ($begins[$number] >= $head - Calendar::HAIR) {
                    $task = $this->day->tasks[$number];
                    $sum += $task->work * ($tool === null ? $task->people : 1);
                }
                $next = $byTail[$place + 1] ?? null;
                if ($sum > 0.0 && ($next === null || $tails[$next] < $tails[$number])) {
                    $until = self::reached($supply, $sum) + $tails[$number];
                    if ($until > $this->minutes + Calendar::HAIR) {
                        $count = $tool === null ? count($people) : $this->day->tools[$tool];
                        $this->raise($until, Texts::of('day')->tell($key, minutes: self::told($until), work: self::told($sum), count: $count, name: $name, head: self::told($head), tail: self::told($tails[$number])));
                    }
                }
            }
        }
    }

    /**
     * How many there are to do something from a minute on, as steps.
     *
     * @param  list<int>  $people
     * @return list<array{float, int}> minute, how many from there
     */
    private function supply(float $from, array $people, ?string $tool): array
    {
        $changes = [];
        foreach ($people as $person) {
            $begin = max($from, $this->day->people[$person]->from, $this->day->now);
            $end = $this->day->people[$person]->to;
            if ($end <= $begin) {
                continue;
            }
            $changes[] = [$begin, 1];
            if ($end < INF) {
                $changes[] = [$end, -1];
            }
            foreach ($this->day->breaks as [$off, $on]) {
                [$off, $on] = [max($off, $begin), min($on, $end)];
                if ($on > $off) {
                    array_push($changes, [$off, -1], [$on, 1]);
                }
            }
        }
        usort($changes, fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $steps = [];
        $count = 0;
        foreach ($changes as [$minute, $change]) {
            $count += $change;
            $steps[] = [$minute, $tool === null ? $count : min($count, $this->day->tools[$tool])];
        }

        return $steps;
    }

    /**
     * @param  list<array{float, int}>  $supply
     * @return float minute in which so much is done
     */
    private static function reached(array $supply, float $sum): float
    {
        foreach ($supply as $place => [$minute, $count]) {
            $until = $supply[$place + 1][0] ?? INF;
            if ($count > 0) {
                if ($sum <= $count * ($until - $minute) + Calendar::HAIR) {
                    return $minute + $sum / $count;
                }
                $sum -= $count * ($until - $minute);
            }
        }

        return INF;
    }

    private function raise(float $minutes, string $why): void
    {
        if ($minutes > $this->minutes + Calendar::HAIR) {
            [$this->minutes, $this->why] = [$minutes, $why];
        }
    }

    /**
     * @param  list<list<int>>  $several
     * @return list<int>
     */
    private static function union(array $several): array
    {
        return array_values(array_unique(array_merge(...$several)));
    }

    private static function told(float $minutes): string
    {
        return rtrim(rtrim(number_format($minutes, 1, '.', ''), '0'), '.');
    }
}
