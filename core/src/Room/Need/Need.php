<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Need;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Record;

/** The questions about the need of a room, in order, and what their answers come to together. */
final readonly class Need
{
    /** @param  array<string, NeedQuestion>  $questions  by id */
    private function __construct(public array $questions)
    {
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     *
     * @throws BadRecord
     */
    public static function fromRows(array $rows): self
    {
        $questions = [];
        foreach ($rows as $row) {
            $record = new Record($row);
            $answers = [];
            foreach ($record->records('answers') as $answer) {
                $sets = array_filter((array) ($answer->data()['sets'] ?? []), fn (mixed $value): bool => is_string($value) || is_bool($value));
                /** @var array<string, string|bool> $sets */
                $answers[$answer->text('id')] = new NeedAnswer($answer->text('id'), $answer->text('name'), $sets, $answer->textOr('why', ' '));
            }
            $id = $record->text('id');
            $questions[$id] = new NeedQuestion($id, $record->text('asks'), $record->flagOr('many', false), $answers === [] ? throw BadRecord::missing("{$id}.answers") : $answers);
        }

        return new self($questions);
    }

    /**
     * What the answers set together; of two that set the same the later question goes before.
     *
     * @param  array<string, list<string>>  $given  ids of answers by id of their question; those that are not known count nothing
     * @return array<string, NeedEntry> by field
     */
    public function settle(array $given): array
    {
        $settings = [];
        foreach ($this->questions as $question) {
            foreach ($question->answers as $answer) {
                if (! in_array($answer->id, $given[$question->id] ?? [], true)) {
                    continue;
                }
                foreach ($answer->sets as $field => $value) {
                    unset($settings[$field]);
                    $settings[$field] = new NeedEntry($field, $value, $answer);
                }
            }
        }

        return $settings;
    }

    /**
     * What is said to answers besides what they set.
     *
     * @param  array<string, list<string>>  $given  as above
     * @return list<NeedAnswer>
     */
    public function said(array $given): array
    {
        $said = [];
        foreach ($this->questions as $question) {
            foreach ($question->answers as $answer) {
                if ($answer->sets === [] && trim($answer->why) !== '' && in_array($answer->id, $given[$question->id] ?? [], true)) {
                    $said[] = $answer;
                }
            }
        }

        return $said;
    }
}
