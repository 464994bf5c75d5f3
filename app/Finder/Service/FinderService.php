<?php

namespace App\Finder\Service;

use Closure;
use Jornel\Core\Finder\DesignSpaces;
use Jornel\Core\Finder\Search;
use Jornel\Core\Finder\SearchProblem;
use RuntimeException;
use Throwable;

/**
 * The finder, kept running (bin/finder.php): what it knows of a catalogue's designs it need not work out again for the next
 * question. It listens on a socket that nobody but its own user can open; several processes answer, each one question at a time.
 */
final readonly class FinderService
{
    /** Design spaces that a process keeps: about 60 to 150 MB each. */
    private const SPACES = 3;

    /** What a process may hold before it gives up what it keeps, bytes. */
    private const MEMORY = 450_000_000;

    /** Whoever comes and says nothing is waited for so long, s. */
    private const PATIENCE = 5;

    /** A process that ended is replaced after so long, microseconds: whatever ended it should not keep a core busy. */
    private const PAUSE = 200_000;

    /**
     * @param  string  $socket  path
     * @param  string  $last  file of the last question that was new, for a beginning that keeps nobody waiting
     * @param  list<SearchProblem>  $usual  questions of whoever has the shipped parts alone, who is to wait no longer than the next
     */
    public function __construct(private string $socket, private string $last, private array $usual = [])
    {
    }

    /** @param  int  $processes  1 or more */
    public function run(int $processes): never
    {
        $listening = $this->listen();
        // Worked out once and shared by all processes, those too that take the place of others.
        $spaces = $this->warmedUp();
        $children = [];
        while (true) {
            while (count($children) < $processes) {
                $child = pcntl_fork();
                if ($child === 0) {
                    $this->serve($listening, (int) posix_getppid(), $spaces);
                }
                $children[$child] = true;
            }
            $ended = pcntl_wait($status);
            unset($children[$ended]);
            usleep(self::PAUSE);
        }
    }

    /** @return resource */
    private function listen()
    {
        // What a service left that was killed.
        @unlink($this->socket);
        $mask = umask(0177);
        $listening = @stream_socket_server("unix://{$this->socket}", $code, $why);
        umask($mask);

        return $listening === false ? throw new RuntimeException("The finder cannot listen at {$this->socket}: {$why}") : $listening;
    }

    /** @param  resource  $listening */
    private function serve($listening, int $parent, DesignSpaces $spaces): never
    {
        while (posix_getppid() === $parent) {
            $stream = @stream_socket_accept($listening, 1.0);
            if ($stream !== false) {
                stream_set_timeout($stream, self::PATIENCE);
                $this->answer($stream, $spaces);
                fclose($stream);
                if (memory_get_usage() > self::MEMORY) {
                    $spaces->clear();
                }
            }
        }
        exit(0);
    }

    /** @param  resource  $stream */
    private function answer($stream, DesignSpaces $spaces): void
    {
        try {
            $problem = Message::read($stream);
            if ($problem instanceof SearchProblem) {
                $space = $spaces->of($problem);
                $isNew = ! $space->isKnown();
                Message::write($stream, Search::answer($problem, self::endWith($stream), $space));
                if ($isNew) {
                    $this->remember($problem);
                }
            }
        } catch (NobodyWaits) {
            // Whoever asked has left.
        } catch (Throwable $fault) {
            fwrite(STDERR, date('c')." A search failed: {$fault->getMessage()} at {$fault->getFile()}:{$fault->getLine()}\n");
            // What it was working on may be half done.
            $spaces->clear();
        }
    }

    /**
     * @param  resource  $stream  that is closed at its other end once nobody waits
     * @return Closure(): void
     */
    private static function endWith($stream): Closure
    {
        return function () use ($stream): void {
            [$read, $write, $except] = [[$stream], null, null];
            if (stream_select($read, $write, $except, 0) === 1) {
                throw new NobodyWaits;
            }
        };
    }

    private function remember(SearchProblem $problem): void
    {
        $beside = "{$this->last}.".getmypid();
        if (@file_put_contents($beside, serialize($problem)) !== false) {
            @rename($beside, $this->last);
        }
    }

    /** What is known before anybody asks. */
    public function warmedUp(): DesignSpaces
    {
        $spaces = new DesignSpaces(self::SPACES);
        try {
            $last = @unserialize((string) @file_get_contents($this->last));
            foreach ([...$last instanceof SearchProblem ? [$last] : [], ...$this->usual] as $problem) {
                Search::answer($problem, null, $spaces->of($problem));
            }
        } catch (Throwable) {
            // Of another version: the first question is answered from nothing.
            $spaces->clear();
        }

        return $spaces;
    }
}
