<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Schema;

/** Forms of what is asked of a build day. */
final class DayForms
{
    /** Tasks in all: some sixty units. */
    public const MOST_TASKS = 1500;

    private const MOST_PEOPLE = 200;

    private const MOST_UNITS = 100;

    private const MOST_MINUTES = 10000;

    private const MINUTES = ['minimum' => 0, 'maximum' => self::MOST_MINUTES];

    public static function day(): Form
    {
        return Form::about('Units to make, or tasks one by one; who comes, with which tools; breaks')
            ->list('units', self::unit(), '', 1, self::MOST_UNITS)
            ->list('tasks', self::task(), 'In place of units', 1, self::MOST_TASKS)
            ->list('people', self::person(), '', 1, self::MOST_PEOPLE)
            ->key('tools', ['type' => 'object', 'additionalProperties' => ['type' => 'integer', 'minimum' => 0, 'maximum' => 1000], 'maxProperties' => 100], 'How many there are of each tool that is shared, by name; of what is not named there are enough where units are told')
            ->list('breaks', Form::about('Nobody works')->number('from_min', self::MINUTES, '')->number('to_min', self::MINUTES, '')->requires('from_min', 'to_min')->schema(), '', 0, 50)
            ->number('budget_ms', ['minimum' => 0, 'maximum' => 60000], 'How long a shorter plan is looked for; 2000 where not given')
            ->requires('people')
            ->oneWay([['units'], ['tasks']])
            ->notTogether('units', 'tasks');
    }

    /** @return array<string, mixed> */
    private static function unit(): array
    {
        return Form::about('So many units of a design')
            ->object('unit', UnitForms::unit())
            ->count('count', ['minimum' => 1, 'maximum' => self::MOST_UNITS], '1 where not given')
            ->requires('unit')->schema();
    }

    /** @return array<string, mixed> */
    private static function task(): array
    {
        $name = ['type' => ['string', 'null'], 'minLength' => 1];

        return Form::about('A piece of work that is not interrupted')
            ->text('id', 'Each once')
            ->number('work_min', self::MINUTES, '')
            ->number('wait_min', self::MINUTES, 'Until it holds; nobody is needed; 0 where not given')
            ->key('after', ['type' => 'array', 'items' => ['type' => 'string'], 'maxItems' => self::MOST_TASKS], 'Ids of the tasks that must be done, and hold, before')
            ->key('skill', $name, 'Of whoever does it; anybody where not given')
            ->key('tool', $name, 'That it takes for as long as it lasts')
            ->flag('adults_only', 'false where not given')
            ->key('unit', $name, 'That it is part of')
            ->flag('is_check', 'Whether somebody does it who does nothing else on its unit; false where not given')
            ->count('people', ['minimum' => 1, 'maximum' => 10], 'Who do it together, 1 where not given')
            ->requires('id', 'work_min')->schema();
    }

    /** @return array<string, mixed> */
    private static function person(): array
    {
        return Form::about('Somebody who comes')
            ->text('name', 'Each once')
            ->key('skills', ['type' => 'array', 'items' => ['type' => 'string'], 'maxItems' => 50], 'None where not given')
            ->flag('adult', 'true where not given')
            ->number('from_min', self::MINUTES, 'Minute of the day in which they come; 0 where not given')
            ->number('to_min', self::MINUTES, 'In which they go; they stay where not given')
            ->requires('name')->schema();
    }
}
