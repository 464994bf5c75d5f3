<?php

declare(strict_types=1);

// One search for the web server (app/Finder/SearchProcess.php): reads a question from the standard input and writes the answer,
// both as PHP serializes them. Two processes share it, which a web server's worker cannot.

use App\Finder\SharedSearch;
use Jornel\Core\Finder\SearchProblem;

gc_disable();
require dirname(__DIR__).'/vendor/autoload.php';

$problem = unserialize((string) stream_get_contents(STDIN));
if (! $problem instanceof SearchProblem) {
    fwrite(STDERR, "This is no question for the finder.\n");
    exit(2);
}
fwrite(STDOUT, serialize(SharedSearch::answer($problem)));
