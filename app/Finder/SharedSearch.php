<?php

namespace App\Finder;

use Jornel\Core\Finder\Answer;
use Jornel\Core\Finder\Question;
use Jornel\Core\Finder\Search;

/** The finder's search shared out to two processes on the command line; in one where processes cannot be split. */
final class SharedSearch
{
    private const PARTS = 2;

    public static function answer(Question $question): Answer
    {
        $pair = PHP_SAPI === 'cli' && function_exists('pcntl_fork') ? stream_socket_pair(STREAM_PF_UNIX, STREAM_SOCK_STREAM, 0) : false;
        $child = $pair === false ? -1 : pcntl_fork();
        if ($pair === false || $child === -1) {
            return Search::answer($question);
        }
        [$ours, $theirs] = $pair;
        if ($child === 0) {
            fclose($ours);
            fwrite($theirs, serialize(Search::part($question, 1, self::PARTS)));
            fclose($theirs);
            // Ended at once, so that nothing that was opened before the split is closed twice.
            posix_kill((int) getmypid(), SIGKILL);
        }
        fclose($theirs);
        $own = Search::part($question, 0, self::PARTS);
        $other = unserialize((string) stream_get_contents($ours));
        pcntl_waitpid($child, $status);

        return $other instanceof Answer ? Answer::together($question, [$own, $other]) : Search::answer($question);
    }
}
