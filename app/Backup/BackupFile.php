<?php

namespace App\Backup;

use Generator;

/**
 * All records in one compressed file of SQL. Its first line says which schema they have and when they were written, its last
 * one is a checksum of everything before it, so that a file that was cut off, changed or made by something else is known
 * before any of it is used.
 */
final readonly class BackupFile
{
    private const BEGINS = '-- jornel backup ';

    private const ENDS = '-- jornel backup ends, sha256 ';

    /** Letters of the last line: its words, the checksum, the end of the line. */
    private const LAST_LINE = 30 + 64 + 1;

    private const CHUNK = 262_144;

    /**
     * @param  string  $schema  name of the last migration
     * @param  string  $made  ISO 8601
     */
    private function __construct(public string $path, public string $schema, public string $made)
    {
    }

    /**
     * @param  callable(callable(string): void): void  $dump  is given what takes the SQL, piece by piece
     *
     * @throws BackupFault when not all of it could be written
     */
    public static function write(string $path, string $schema, string $made, callable $dump): self
    {
        $file = @gzopen($path, 'wb6');
        if ($file === false) {
            throw BackupFault::notWritten($path);
        }
        $hash = hash_init('sha256');
        $put = function (string $text) use ($file, $path): void {
            if (@gzwrite($file, $text) !== strlen($text)) {
                throw BackupFault::notWritten($path);
            }
        };
        $take = function (string $text) use ($put, $hash): void {
            hash_update($hash, $text);
            $put($text);
        };
        try {
            $take(self::BEGINS.json_encode(['schema' => $schema, 'made' => $made], JSON_THROW_ON_ERROR)."\n");
            $dump($take);
            $put(self::ENDS.hash_final($hash)."\n");
        } catch (BackupFault $fault) {
            @gzclose($file);

            throw $fault;
        }
        if (! @gzclose($file)) {
            throw BackupFault::notWritten($path);
        }

        try {
            // What does not fit on the disk shows only when it is read again: the last of it is written while the file is closed.
            return self::checked($path);
        } catch (BackupFault) {
            throw BackupFault::notWritten($path);
        }
    }

    /**
     * A file that was read to its end and is whole.
     *
     * @throws BackupFault when it is none of ours, cut off or changed
     */
    public static function checked(string $path): self
    {
        $file = is_file($path) ? @gzopen($path, 'rb') : false;
        if ($file === false) {
            throw BackupFault::notThere($path);
        }
        $first = (string) gzgets($file, 1000);
        $head = str_starts_with($first, self::BEGINS) ? json_decode(substr($first, strlen(self::BEGINS)), true) : null;
        if (! is_array($head) || ! is_string($head['schema'] ?? null) || ! is_string($head['made'] ?? null)) {
            gzclose($file);

            throw BackupFault::foreign($path);
        }
        $hash = hash_init('sha256');
        hash_update($hash, $first);
        $tail = '';
        while (! gzeof($file)) {
            $chunk = @gzread($file, self::CHUNK);
            if ($chunk === false || $chunk === '') {
                break;
            }
            $tail .= $chunk;
            hash_update($hash, substr($tail, 0, -self::LAST_LINE));
            $tail = substr($tail, -self::LAST_LINE);
        }
        gzclose($file);
        if (! str_starts_with($tail, self::ENDS)) {
            throw BackupFault::cutOff($path);
        }
        if (! hash_equals(hash_final($hash), trim(substr($tail, strlen(self::ENDS))))) {
            throw BackupFault::changed($path);
        }

        return new self($path, $head['schema'], $head['made']);
    }

    /** @return Generator<string> its SQL, piece by piece */
    public function sql(): Generator
    {
        $file = gzopen($this->path, 'rb');
        if ($file === false) {
            throw BackupFault::notThere($this->path);
        }
        try {
            while (! gzeof($file)) {
                yield (string) gzread($file, self::CHUNK);
            }
        } finally {
            gzclose($file);
        }
    }
}
