<?php

namespace App\Actions;

use App\Models\BuildDay;
use App\Models\Person as Account;
use App\Models\Version;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Jornel\Core\BuildDay\Assignment;
use Jornel\Core\BuildDay\Day;
use Jornel\Core\BuildDay\InvalidDay;
use Jornel\Core\BuildDay\Move;
use Jornel\Core\BuildDay\Person;
use Jornel\Core\BuildDay\Plan;
use Jornel\Core\BuildDay\Planner;
use Jornel\Core\BuildDay\Schedule;
use Jornel\Core\BuildDay\Task;
use Jornel\Core\BuildDay\UnitTasks;
use Jornel\Core\Guide\Guide;
use Jornel\Core\Guide\GuidePart;
use Jornel\Core\Guide\GuideStep;

/** Plans build days, and follows them by what is told at the tables. */
final class BuildDays
{
    /** Units of all kinds on one day. */
    public const MOST_UNITS = 60;

    /** @var array<int, Guide> by version */
    private array $guides = [];

    public function __construct(private readonly Guides $guide)
    {
    }

    /**
     * What is to do, in units that are numbered as they are written; what was set aside is not.
     *
     * @return list<array{Task, Version}>
     */
    public function tasks(BuildDay $day): array
    {
        $tasks = [];
        $number = 0;
        foreach ($day->written['units'] as $place => $row) {
            $version = Version::withProgramme($row['version']);
            if ($version->programmeId() !== $day->programme_id) {
                continue;
            }
            $version->load('build.room.site.programme.parts');
            $guide = $this->guideOf($version);
            [$times] = $this->guide->times($guide, $day->programme_id);
            $minutes = [];
            foreach ($guide->steps as $step) {
                $minutes[$step->id()] = $times->minutes($step->step);
            }
            for ($count = $row['count']; $count > 0; $count--) {
                if (in_array(++$number, $day->set_aside ?? [], true)) {
                    continue;
                }
                foreach (UnitTasks::of($guide, (string) $number, $day->written['tools'], "units.{$place}", $minutes) as $task) {
                    $tasks[] = [$task, $version];
                }
            }
        }

        return $tasks;
    }

    public function guideOf(Version $version): Guide
    {
        return $this->guides[$version->id] ??= $this->guide->of($version);
    }

    /** What a task asks to be done. */
    public function action(string $task, BuildDay $day): string
    {
        return $this->step($task, $day)->step->action ?? $task;
    }

    /**
     * Parts and tools that a task takes.
     *
     * @return array{list<string>, list<string>}
     */
    public function takes(string $task, BuildDay $day): array
    {
        $step = $this->step($task, $day);

        return $step === null ? [[], []] : [array_map(fn (GuidePart $part): string => $part->told(), $step->parts), $step->step->tools()];
    }

    private function step(string $task, BuildDay $day): ?GuideStep
    {
        [$unit, $step] = explode('.', $task, 2);
        $number = (int) $unit;
        foreach ($day->written['units'] as $row) {
            if ($number <= $row['count']) {
                return isset($this->guides[$row['version']]) ? $this->guides[$row['version']]->step($step) : null;
            }
            $number -= $row['count'];
        }

        return null;
    }

    /**
     * @param  array<int, Assignment>  $frozen
     *
     * @throws InvalidDay
     */
    public function day(BuildDay $day, float $now = 0.0, array $frozen = []): Day
    {
        $tasks = array_map(fn (array $one): Task => $one[0], $this->tasks($day));
        $people = array_map(fn (array $row): Person => new Person($row['name'], $row['skills'], $row['adult'], (float) $row['from'], $row['to'] === null ? INF : (float) $row['to']), $day->written['people']);
        if ($tasks === [] || $people === []) {
            throw $tasks === [] ? InvalidDay::nothingToMake() : InvalidDay::nobodyComes();
        }

        return Day::of($tasks, $people, $day->written['tools'], array_map(fn (array $row): array => [(float) $row['from'], (float) $row['to']], $day->written['breaks']), $now, $frozen);
    }

    /**
     * @param  float  $budget  ms
     *
     * @throws InvalidDay
     */
    public function plan(BuildDay $day, float $budget): Plan
    {
        $began = hrtime(true);
        $frozen = $this->live($day);
        $now = $day->begun_at === null ? 0.0 : $this->minute($day);

        return Planner::plan($this->day($day, $now, $frozen), $budget, fn (): float => (hrtime(true) - $began) / 1e6);
    }

    /**
     * The plan as it is kept, with what was told laid over it; null where there is none, or it is of another day by now.
     *
     * @throws InvalidDay
     */
    public function schedule(BuildDay $day): ?Schedule
    {
        if ($day->plan === null) {
            return null;
        }
        $made = $this->day($day);
        $numbers = array_flip(array_map(fn (Task $task): string => $task->id, $made->tasks));
        $names = array_flip(array_map(fn (Person $person): string => $person->name, $made->people));
        $done = [];
        foreach ($day->plan['tasks'] as $one) {
            if (in_array((int) $one['id'], $day->set_aside ?? [], true)) {
                continue;
            }
            $people = array_values(array_filter(array_map(fn (string $name): ?int => $names[$name] ?? null, $one['people']), is_int(...)));
            if (! isset($numbers[$one['id']]) || $people === []) {
                return null;
            }
            $done[$numbers[$one['id']]] = new Assignment($made->tasks[$numbers[$one['id']]], $one['start'], $one['end'], $people);
        }

        return count($done) === count($made->tasks) ? new Schedule($made, $done) : null;
    }

    /**
     * @param  non-empty-list<string>  $people
     *
     * @throws InvalidDay
     */
    public function move(BuildDay $day, string $task, float $start, array $people): Schedule
    {
        $schedule = $this->schedule($day) ?? throw InvalidDay::noPlan();
        $now = $day->begun_at === null ? 0.0 : $this->minute($day);
        $schedule = new Schedule($schedule->day->from($now, $this->live($day)), $schedule->assignments);
        $number = array_search($task, array_map(fn (Task $one): string => $one->id, $schedule->day->tasks), true);
        $names = array_map(fn (Person $person): string => $person->name, $schedule->day->people);
        $who = array_values(array_filter(array_map(fn (string $name): int|false => array_search($name, $names, true), $people), is_int(...)));
        if (! is_int($number)) {
            throw InvalidDay::unknownTask('task', $task);
        }

        return Move::put($schedule, $number, $start, $who === [] ? throw InvalidDay::nobodyComes() : $who);
    }

    /** Begins the day: its units are begun, and ticks at the tables are its clock. */
    public function begin(BuildDay $day, Account $by): void
    {
        $units = [];
        foreach ($day->written['units'] as $row) {
            $version = Version::withProgramme($row['version'])->load('build.room.site.programme.parts');
            for ($count = $row['count']; $count > 0; $count--) {
                $units[] = $this->guide->begin($version, $by, '')->id;
            }
        }
        $day->fill(['units' => $units, 'begun_at' => now()]);
    }

    /**
     * What is done or under way, by the ticks at the tables.
     *
     * @return array<int, Assignment> by number of the task
     */
    public function live(BuildDay $day): array
    {
        if ($day->begun_at === null || $day->units === null) {
            return [];
        }
        $tasks = array_map(fn (array $one): Task => $one[0], $this->tasks($day));
        $planned = array_column($day->plan['tasks'] ?? [], null, 'id');
        $names = array_column($day->written['people'], 'name');
        $done = DB::table('unit_steps')->leftJoin('people', 'people.id', '=', 'unit_steps.done_by')->whereIn('unit_id', $day->units)->whereNotNull('done_at_ms')
            ->get(['unit_id', 'step', 'done_at_ms', 'minutes', 'people.name'])->keyBy(fn (object $row): string => "{$row->unit_id} {$row->step}");
        $begun = (float) $day->begun_at->getTimestamp();
        $frozen = [];
        foreach ($tasks as $number => $task) {
            [$unit, $step] = explode('.', $task->id, 2);
            $told = $done->get(($day->units[(int) $unit - 1] ?? 0)." {$step}");
            if ($told === null) {
                continue;
            }
            $end = max(0.0, ($told->done_at_ms / 1000.0 - $begun) / 60.0);
            $start = max(0.0, $end - ($told->minutes ?? $task->work));
            $who = array_search($told->name, $names, true);
            $other = array_search($planned[$task->id]['people'][0] ?? '', $names, true);
            $frozen[$number] = new Assignment($task, $start, $end, [is_int($who) ? $who : (is_int($other) ? $other : 0)]);
        }

        return $frozen;
    }

    /** Minute of the day that it is now. */
    public function minute(BuildDay $day): float
    {
        return $day->begun_at === null ? 0.0 : max(0.0, $day->begun_at->diffInSeconds(Date::now(), false) / 60.0);
    }

    /** @return array{tasks: list<array{id: string, start: float, end: float, people: list<string>}>, bound: float, why: string} */
    public static function kept(Schedule $schedule, float $bound, string $why): array
    {
        return [
            'tasks' => array_map(fn (Assignment $one): array => [
                'id' => $one->task->id, 'start' => round($one->start, 4), 'end' => round($one->end, 4),
                'people' => array_map(fn (int $person): string => $schedule->day->people[$person]->name, $one->people),
            ], $schedule->inTime()),
            'bound' => round($bound, 4), 'why' => $why,
        ];
    }
}
