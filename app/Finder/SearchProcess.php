<?php

namespace App\Finder;

use App\Finder\Service\FinderClient;
use Closure;
use Illuminate\Support\Facades\Log;
use Jornel\Core\Finder\Search;
use Jornel\Core\Finder\SearchProblem;
use Jornel\Core\Finder\SearchResult;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * A search outside the web server's worker, which can be ended at any moment: by the finder's service, or, where that does not
 * run, in a process of its own (bin/search.php), shared out to two cores.
 */
final readonly class SearchProcess
{
    private const LONGEST = 55;

    /** The signal; a web server's worker does not know it by name. */
    private const KILL = 9;

    /** How often whoever waits is asked whether they still do, microseconds. */
    private const PULSE = 50_000;

    public function __construct(private FinderClient $service)
    {
    }

    /** @param  Closure(): void  $meanwhile  called again and again; what it throws ends the search */
    public function answer(SearchProblem $problem, Closure $meanwhile): SearchResult
    {
        return $this->service->answer($problem, $meanwhile) ?? self::inOneOfItsOwn($problem, $meanwhile);
    }

    /** @param  Closure(): void  $meanwhile */
    private static function inOneOfItsOwn(SearchProblem $problem, Closure $meanwhile): SearchResult
    {
        $php = (new PhpExecutableFinder)->find(false);
        $compiled = base_path('var/compiled');
        if ($php === false || (! is_dir($compiled) && ! @mkdir($compiled, 0700, true))) {
            return Search::answer($problem, $meanwhile);
        }
        // No just-in-time compiler (docs/decisions.md); what was compiled is kept for the next time.
        $process = new Process(
            [$php, '-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=disable', '-d', "opcache.file_cache={$compiled}", '-d', 'memory_limit=512M', base_path('bin/search.php')],
            input: serialize($problem), timeout: self::LONGEST,
        );
        $process->start();
        try {
            while ($process->isRunning()) {
                $meanwhile();
                $process->checkTimeout();
                usleep(self::PULSE);
            }
        } finally {
            // Whoever shares the search ends with it.
            $process->stop(0.0, self::KILL);
        }
        $answer = $process->isSuccessful() ? @unserialize($process->getOutput()) : null;
        if ($answer instanceof SearchResult) {
            return $answer;
        }
        Log::error('A search in a process of its own failed.', ['said' => mb_substr($process->getErrorOutput(), 0, 2000)]);

        return Search::answer($problem, $meanwhile);
    }
}
