<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Closure;
use Jornel\Core\BuildDay\Assignment;
use Jornel\Core\BuildDay\Day;
use Jornel\Core\BuildDay\Plan;
use Jornel\Core\BuildDay\Planner;
use Jornel\Core\BuildDay\Schedule;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Schema\DayForms;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Part\Record;

/** Who does what when on a build day. */
final readonly class DayDocument implements Document
{
    /** Milliseconds that a plan may take where nothing is told. */
    private const BUDGET = 2000.0;

    private function __construct(private Day $day, private float $budget)
    {
    }

    public static function kind(): string
    {
        return 'day';
    }

    public static function form(): Form
    {
        return DayForms::day();
    }

    /** Without a clock every question to it counts as a millisecond, so that the answer is the same everywhere. */
    public static function answer(Record $document, DataFiles $data): array
    {
        $asked = 0;

        return self::read($document, $data)->told(function () use (&$asked): float {
            return (float) ++$asked;
        });
    }

    public static function read(Record $document, DataFiles $data): self
    {
        return new self((new DayReader($document, $data))->day(), $document->optional('budget_ms', -1e-9)->si ?? self::BUDGET);
    }

    /**
     * @param  Closure(): float  $clock  milliseconds since the planning began
     * @param  (Closure(Schedule, float): bool)|null  $tell  is told of better schedules
     * @return array<string, mixed>
     */
    public function told(Closure $clock, ?Closure $tell = null): array
    {
        return self::plan(Planner::plan($this->day, $this->budget, $clock, $tell));
    }

    /** @return array<string, mixed> */
    private static function plan(Plan $plan): array
    {
        $day = $plan->schedule->day;

        return [
            'tasks' => array_map(fn (Assignment $one): array => [
                'id' => $one->task->id, 'unit' => $one->task->unit,
                'start_min' => self::minutes($one->start), 'end_min' => self::minutes($one->end),
                'people' => array_map(fn (int $person): string => $day->people[$person]->name, $one->people),
                'tool' => $one->task->tool,
            ], $plan->schedule->inTime()),
            'length_min' => self::minutes($plan->schedule->length()),
            'lower_bound_min' => self::minutes($plan->bound),
            'why_not_shorter' => $plan->why,
        ];
    }

    /** Without what adding up leaves behind the ninth digit. */
    private static function minutes(float $minutes): float
    {
        return round($minutes, 9) + 0.0;
    }
}
