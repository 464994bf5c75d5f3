<?php

namespace App\Http\Shared;

/** What stands in a field of an object that is judged by {@see Fields}. */
enum FieldType
{
    case Number;
    case Whole;
    case Text;
    case Flag;
    /** Of short texts, each by a name of its own. */
    case Texts;

    /** Characters. */
    private const LONGEST = 80;

    /** What is wrong with a value, or null. */
    public function fault(mixed $value): ?string
    {
        return match ($this) {
            self::Number => is_numeric($value) ? null : 'This must be a number.',
            self::Whole => ! is_bool($value) && filter_var($value, FILTER_VALIDATE_INT) !== false ? null : 'This must be a whole number.',
            self::Text => self::text($value),
            self::Flag => is_bool($value) ? null : 'This must be true or false.',
            self::Texts => is_array($value) ? array_reduce($value, fn (?string $fault, mixed $one): ?string => $fault ?? self::text($one)) : 'This must be an object.',
        };
    }

    private static function text(mixed $value): ?string
    {
        return ! is_string($value) ? 'This must be text.' : (mb_strlen($value) > self::LONGEST ? 'This is longer than '.self::LONGEST.' characters.' : null);
    }
}
