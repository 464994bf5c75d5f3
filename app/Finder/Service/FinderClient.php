<?php

namespace App\Finder\Service;

use Closure;
use Jornel\Core\Finder\SearchProblem;
use Jornel\Core\Finder\SearchResult;

/** Asks the finder's service, where it runs. */
final readonly class FinderClient
{
    /** How long it is tried to reach it, s. */
    private const CONNECT = 0.5;

    /** Longest search, s. */
    private const LONGEST = 55.0;

    /** How often whoever waits is asked whether they still do, microseconds. */
    private const PULSE = 50_000;

    /** @param  string  $socket  path of its socket */
    public function __construct(private string $socket)
    {
    }

    /**
     * @param  Closure(): void  $meanwhile  called again and again; what it throws ends the search
     * @return SearchResult|null null where there is no service, or it ended meanwhile
     */
    public function answer(SearchProblem $problem, Closure $meanwhile): ?SearchResult
    {
        $stream = file_exists($this->socket) ? @stream_socket_client("unix://{$this->socket}", $code, $why, self::CONNECT) : false;
        if ($stream === false) {
            return null;
        }
        try {
            // Closing the stream, whatever is thrown, is how the service learns that nobody waits.
            return Message::write($stream, $problem) && self::awaited($stream, $meanwhile) ? self::read($stream) : null;
        } finally {
            fclose($stream);
        }
    }

    /**
     * @param  resource  $stream
     * @param  Closure(): void  $meanwhile
     */
    private static function awaited($stream, Closure $meanwhile): bool
    {
        $until = microtime(true) + self::LONGEST;
        do {
            $meanwhile();
            [$read, $write, $except] = [[$stream], null, null];
            if (stream_select($read, $write, $except, 0, self::PULSE) === 1) {
                return true;
            }
        } while (microtime(true) < $until);

        return false;
    }

    /** @param  resource  $stream */
    private static function read($stream): ?SearchResult
    {
        $answer = Message::read($stream);

        return $answer instanceof SearchResult ? $answer : null;
    }
}
