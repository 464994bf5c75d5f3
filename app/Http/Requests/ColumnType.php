<?php

namespace App\Http\Requests;

/** What stands in a column of rows. */
enum ColumnType
{
    case Number;
    case Text;
    case Flag;

    /** Characters. */
    private const LONGEST = 80;

    /** What is wrong with a value, or null. */
    public function fault(mixed $value): ?string
    {
        return match ($this) {
            self::Number => is_numeric($value) ? null : 'This must be a number.',
            self::Text => ! is_string($value) ? 'This must be text.' : (mb_strlen($value) > self::LONGEST ? 'This is longer than '.self::LONGEST.' characters.' : null),
            self::Flag => is_bool($value) ? null : 'This must be true or false.',
        };
    }
}
