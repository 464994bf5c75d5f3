<?php

namespace App\Finder\Service;

/** A value over a stream: how many bytes it takes, then the value as PHP serializes it. */
final class Message
{
    private const LENGTH = 8;

    /** More than any question or answer takes, bytes. */
    private const LONGEST = 64_000_000;

    /**
     * @param  resource  $stream
     * @return bool whether all of it went out
     */
    public static function write($stream, mixed $value): bool
    {
        $bytes = serialize($value);
        $bytes = pack('J', strlen($bytes)).$bytes;
        while ($bytes !== '') {
            $gone = @fwrite($stream, $bytes);
            if ($gone === false || $gone === 0) {
                return false;
            }
            $bytes = substr($bytes, $gone);
        }

        return true;
    }

    /**
     * @param  resource  $stream
     * @return mixed null where there is none, or not all of it
     */
    public static function read($stream): mixed
    {
        $length = self::bytes($stream, self::LENGTH);
        $length = $length === null ? 0 : (int) (unpack('J', $length)[1] ?? 0);
        $bytes = $length < 1 || $length > self::LONGEST ? null : self::bytes($stream, $length);

        return $bytes === null ? null : (@unserialize($bytes) ?: null);
    }

    /** @param  resource  $stream */
    private static function bytes($stream, int $count): ?string
    {
        $bytes = @stream_get_contents($stream, $count);

        return is_string($bytes) && strlen($bytes) === $count ? $bytes : null;
    }
}
