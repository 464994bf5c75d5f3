<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\Air;
use Jornel\Core\BuildDay\Day;
use Jornel\Core\BuildDay\InvalidDay;
use Jornel\Core\BuildDay\Person;
use Jornel\Core\BuildDay\Task;
use Jornel\Core\BuildDay\UnitTasks;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Schema\DayForms;
use Jornel\Core\Guide\Guide;
use Jornel\Core\Part\Record;

/** Reads what a build day is to make, who comes and with what. */
final readonly class DayReader
{
    public function __construct(private Record $document, private DataFiles $data)
    {
    }

    /** @throws \Jornel\Core\Fault\Invalid */
    public function day(): Day
    {
        $tools = $this->tools();
        $tasks = isset($this->document->data()['units']) ? $this->ofUnits($tools) : array_map($this->task(...), $this->rows('tasks'));
        $people = array_map($this->person(...), $this->rows('people'));
        if ($tasks === [] || $people === []) {
            throw new \LogicException('The form lets through no day without tasks or people.');
        }

        return Day::of($tasks, $people, $tools, array_map($this->pause(...), $this->rows('breaks')));
    }

    /** @return array<string, int> */
    private function tools(): array
    {
        $tools = [];
        foreach ($this->document->childOr('tools')?->data() ?? [] as $name => $count) {
            $tools[(string) $name] = is_int($count) ? $count : 0;
        }

        return $tools;
    }

    private function task(Record $row): Task
    {
        return new Task(
            $row->text('id'),
            $row->number('work_min', -1e-9)->si,
            $row->optional('wait_min', -1e-9)->si ?? 0.0,
            isset($row->data()['after']) ? $row->texts('after') : [],
            $this->textOr($row, 'skill'),
            $this->textOr($row, 'tool'),
            $row->flagOr('adults_only', false),
            $this->textOr($row, 'unit'),
            $row->flagOr('is_check', false),
            (int) ($row->optional('people', 0.0)->si ?? 1.0),
            $row->place(),
        );
    }

    /**
     * @param  array<string, int>  $tools
     * @return list<Task>
     */
    private function ofUnits(array $tools): array
    {
        $tasks = [];
        $number = 0;
        foreach ($this->rows('units') as $row) {
            $unit = $row->child('unit');
            $design = UnitReader::read($unit, $this->data, Air::reference())->design ?? throw InvalidGuide::bare($unit->path('bare'));
            $guide = Guide::of($design, $this->data->catalogue());
            for ($count = (int) ($row->optional('count', 0.0)->si ?? 1.0); $count > 0; $count--) {
                array_push($tasks, ...UnitTasks::of($guide, (string) ++$number, $tools, $row->place()));
                if (count($tasks) > DayForms::MOST_TASKS) {
                    throw InvalidGuide::tooMany($row->path('count'), DayForms::MOST_TASKS);
                }
            }
        }

        return $tasks;
    }

    private function person(Record $row): Person
    {
        $from = $row->optional('from_min', -1e-9)->si ?? 0.0;
        $to = $row->optional('to_min', -1e-9)->si ?? INF;
        if ($to <= $from) {
            throw InvalidDay::backwards($row->path('to_min'));
        }

        return new Person($row->text('name'), isset($row->data()['skills']) ? $row->texts('skills') : [], $row->flagOr('adult', true), $from, $to);
    }

    /** @return array{float, float} */
    private function pause(Record $row): array
    {
        [$from, $to] = [$row->number('from_min', -1e-9)->si, $row->number('to_min', -1e-9)->si];

        return $to > $from ? [$from, $to] : throw InvalidDay::backwards($row->path('to_min'));
    }

    /** @return list<Record> none where none are told */
    private function rows(string $key): array
    {
        return isset($this->document->data()[$key]) ? $this->document->records($key) : [];
    }

    /** A text, or null where none or null is told. */
    private function textOr(Record $row, string $key): ?string
    {
        return isset($row->data()[$key]) ? $row->text($key) : null;
    }
}
