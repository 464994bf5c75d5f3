<?php

declare(strict_types=1);

namespace Jornel\Core\BuildDay;

/** When one person, or so many of one tool, are taken. */
final class Calendar
{
    /** Minutes below which two times are the same. */
    public const HAIR = 1e-9;

    /** @var list<float> in order */
    private array $starts = [];

    /** @var list<float> of the same */
    private array $ends = [];

    /** @var array{list<float>, list<float>}|null when all of several are taken; null where it must be worked out anew */
    private ?array $full = null;

    /** @param  int  $count  how many may be taken at once, 1 or more */
    public function __construct(private readonly int $count, private readonly float $from, private readonly float $to)
    {
    }

    /** Takes one of them from a minute to another; nothing where they are the same. */
    public function take(float $start, float $end): void
    {
        if ($end - $start <= self::HAIR) {
            return;
        }
        $place = count($this->starts);
        while ($place > 0 && $this->starts[$place - 1] > $start) {
            $place--;
        }
        if ($this->count === 1) {
            // What touches is one: few intervals are gone through.
            $touchesBefore = $place > 0 && $this->ends[$place - 1] >= $start - self::HAIR;
            $touchesAfter = isset($this->starts[$place]) && $this->starts[$place] <= $end + self::HAIR;
            if ($touchesBefore) {
                $this->ends[$place - 1] = $touchesAfter ? $this->ends[$place] : $end;
                if ($touchesAfter) {
                    array_splice($this->starts, $place, 1);
                    array_splice($this->ends, $place, 1);
                }

                return;
            }
            if ($touchesAfter) {
                $this->starts[$place] = $start;

                return;
            }
        }
        array_splice($this->starts, $place, 0, [$start]);
        array_splice($this->ends, $place, 0, [$end]);
        $this->full = null;
    }

    /**
     * The earliest minute from which one of them is free for as long.
     *
     * @return float INF where none is any more
     */
    public function earliest(float $from, float $long): float
    {
        $at = $from > $this->from ? $from : $this->from;
        if ($this->count > 1) {
            [$starts, $ends] = $this->full ??= $this->allTaken();
        } else {
            [$starts, $ends] = [$this->starts, $this->ends];
        }
        // The intervals are apart, so that the first that ends later is found by halving.
        [$low, $high] = [0, $count = count($ends)];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($ends[$middle] <= $at + self::HAIR) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        for (; $low < $count && $starts[$low] < $at + $long - self::HAIR; $low++) {
            $at = $ends[$low] > $at ? $ends[$low] : $at;
        }

        return $at + $long > $this->to + self::HAIR ? INF : $at;
    }

    /**
     * When all of several are taken.
     *
     * @return array{list<float>, list<float>} beginnings and ends, in order, apart
     */
    private function allTaken(): array
    {
        $ends = $this->ends;
        sort($ends);
        [$from, $to] = [[], []];
        $taken = $place = 0;
        foreach ($this->starts as $start) {
            while ($ends[$place] <= $start + self::HAIR) {
                if ($taken-- === $this->count) {
                    $to[] = $ends[$place];
                }
                $place++;
            }
            if (++$taken === $this->count) {
                $from[] = $start;
            }
        }
        if (count($to) < count($from)) {
            // Of those that are taken last, the first that is given back.
            $to[] = $ends[count($ends) - $this->count];
        }

        return [$from, $to];
    }
}
