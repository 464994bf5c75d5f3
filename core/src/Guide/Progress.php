<?php

declare(strict_types=1);

namespace Jornel\Core\Guide;

/** How far a unit is, from all that was told of its steps: of two ticks of the same thing the later holds. */
final readonly class Progress
{
    /** @param  array<string, StepProgress>  $steps  by id; those of which nothing was told are left out */
    private function __construct(public array $steps)
    {
    }

    /** @param  list<Tick>  $ticks  in any order */
    public static function of(array $ticks): self
    {
        usort($ticks, fn (Tick $one, Tick $other): int => $one->at <=> $other->at);
        $byStep = [];
        foreach ($ticks as $tick) {
            $byStep[$tick->step][] = $tick;
        }

        return new self(array_map(self::step(...), $byStep));
    }

    public function isDone(string $step): bool
    {
        return ($this->steps[$step]->done ?? null) !== null;
    }

    /**
     * What each step took that was done, by id.
     *
     * @return array<string, float> minutes
     */
    public function minutes(): array
    {
        return array_filter(array_map(fn (StepProgress $step): ?float => $step->done === null ? null : $step->minutes, $this->steps), fn (?float $minutes): bool => $minutes !== null);
    }

    /** @param  non-empty-list<Tick>  $ticks  of one step, in order */
    private static function step(array $ticks): StepProgress
    {
        $done = $minutes = null;
        $seen = $notes = $begun = [];
        foreach ($ticks as $tick) {
            switch ($tick->kind) {
                case TickKind::Begun:
                    $begun[$tick->who()] = $tick->at;
                    break;
                case TickKind::Done:
                    $done = $tick;
                    $minutes = isset($begun[$tick->who()]) ? ($tick->at - $begun[$tick->who()]) / 60.0 : null;
                    break;
                case TickKind::Undone:
                    $done = $minutes = null;
                    break;
                case TickKind::Seen:
                    $seen[$tick->hold ?? 0] = $tick;
                    break;
                case TickKind::Unseen:
                    unset($seen[$tick->hold ?? 0]);
                    break;
                case TickKind::Note:
                case TickKind::Wrong:
                    $notes[] = $tick;
            }
        }
        ksort($seen);

        return new StepProgress($done, $seen, $notes, $minutes);
    }
}
