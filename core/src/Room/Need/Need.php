<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Need;

use Closure;
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
     * What the answers set together. Of two rules the one that needs more goes before, of two limits the narrower one; of
     * anything else that two answers set, the later question.
     *
     * @param  array<string, list<string>>  $given  ids of answers by id of their question; those that are not known count nothing
     * @param  (Closure(string): (float|null))|null  $needed  clean air that the room needs by a rule, m3/s; null where no room is known
     * @return array<string, NeedEntry> by field
     */
    public function settle(array $given, ?Closure $needed = null): array
    {
        $settings = [];
        foreach ($this->questions as $question) {
            foreach ($question->answers as $answer) {
                if (! in_array($answer->id, $given[$question->id] ?? [], true)) {
                    continue;
                }
                foreach ($answer->sets as $field => $value) {
                    $entry = new NeedEntry($field, $value, $answer);
                    $before = $settings[$field] ?? null;
                    unset($settings[$field]);
                    $settings[$field] = $before === null ? $entry : self::stricter($before, $entry, $needed);
                }
            }
        }

        return $settings;
    }

    /** @param  (Closure(string): (float|null))|null  $needed */
    private static function stricter(NeedEntry $before, NeedEntry $later, ?Closure $needed): NeedEntry
    {
        if ($before->field === 'goal' && $needed !== null) {
            return ($needed((string) $before->value) ?? 0.0) > ($needed((string) $later->value) ?? 0.0) ? $before : $later;
        }
        if (str_starts_with($later->field, 'limits.')) {
            return (float) $before->value < (float) $later->value ? $before : $later;
        }

        return $later;
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
