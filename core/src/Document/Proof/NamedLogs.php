<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Proof;

use Closure;

/** Logs that a document names instead of holding their readings. */
final class NamedLogs
{
    /** Key under which the text of a log goes on; no document may have it. */
    public const TEXT = 'csv_text';

    /**
     * The same document with the text of every log that is named in it; what is not found is told where it is read.
     *
     * @param  array<mixed>  $document
     * @param  Closure(string): ?string  $textOf  of a file by its name
     * @return array<mixed>
     */
    public static function into(array $document, Closure $textOf): array
    {
        foreach ($document as $key => $value) {
            $document[$key] = is_array($value) && ! is_int($value[0] ?? null) && ! is_float($value[0] ?? null) ? self::into($value, $textOf) : $value;
        }
        $name = $document['csv'] ?? null;
        $text = is_string($name) ? $textOf($name) : null;

        return $text === null ? $document : $document + [self::TEXT => $text];
    }
}
