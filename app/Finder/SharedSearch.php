<?php

namespace App\Finder;

use Closure;
use Jornel\Core\Finder\Search;
use Jornel\Core\Finder\SearchProblem;
use Jornel\Core\Finder\SearchResult;
use Throwable;

/** The finder's search shared out to two processes on the command line; in one where processes cannot be split. */
final class SharedSearch
{
    private const PARTS = 2;

    /** @param  (Closure(): void)|null  $meanwhile  called again and again; what it throws ends the search */
    public static function answer(SearchProblem $problem, ?Closure $meanwhile = null): SearchResult
    {
        $pair = PHP_SAPI === 'cli' && function_exists('pcntl_fork') ? stream_socket_pair(STREAM_PF_UNIX, STREAM_SOCK_STREAM, 0) : false;
        $parent = getmypid();
        $child = $pair === false ? -1 : pcntl_fork();
        if ($pair === false || $child === -1) {
            return Search::answer($problem, $meanwhile);
        }
        [$ours, $theirs] = $pair;
        if ($child === 0) {
            fclose($ours);
            fwrite($theirs, serialize(Search::part($problem, 1, self::PARTS, self::over($theirs), self::endWith((int) $parent))));
            fclose($theirs);
            // Ended at once, so that nothing that was opened before the split is closed twice.
            posix_kill((int) getmypid(), SIGKILL);
        }
        fclose($theirs);
        try {
            $own = Search::part($problem, 0, self::PARTS, self::over($ours), $meanwhile);
        } catch (Throwable $ended) {
            posix_kill($child, SIGKILL);
            pcntl_waitpid($child, $status);
            throw $ended;
        }
        $other = unserialize((string) stream_get_contents($ours));
        pcntl_waitpid($child, $status);

        return $other instanceof SearchResult ? SearchResult::together($problem, [$own, $other]) : Search::answer($problem);
    }

    /** @return Closure(): void what ends this process once its parent has ended */
    private static function endWith(int $parent): Closure
    {
        return function () use ($parent): void {
            if (posix_getppid() !== $parent) {
                posix_kill((int) getmypid(), SIGKILL);
            }
        };
    }

    /**
     * Steps and costs go over as whole numbers of 64 bits, how many of them first. Who hears nothing any more goes on alone.
     *
     * @param  resource  $stream
     * @return Closure(list<array{int, int}>): list<array{int, int}>
     */
    private static function over($stream): Closure
    {
        return function (array $news) use ($stream): array {
            // The other may have died: that is no fault of this half.
            @fwrite($stream, pack('q*', 2 * count($news), ...array_merge(...$news)));
            $count = self::numbers($stream, 1)[0] ?? 0;

            return array_map(fn (array $pair): array => [$pair[0], $pair[1] ?? 0], array_chunk(self::numbers($stream, $count), 2));
        };
    }

    /**
     * @param  resource  $stream
     * @return list<int>
     */
    private static function numbers($stream, int $count): array
    {
        $bytes = $count === 0 ? '' : (string) stream_get_contents($stream, 8 * $count);

        return strlen($bytes) < 8 * $count || $bytes === '' ? [] : array_values((array) unpack('q*', $bytes));
    }
}
