<?php

declare(strict_types=1);

// php core/bench/kept.php FILE: seconds that a question to the finder takes in a process that knows nothing yet, and that the
// next one of another room takes there; for core/bench/find.php.

use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\FindDocument;
use Jornel\Core\Finder\DesignSpaces;
use Jornel\Core\Finder\Search;
use Jornel\Core\Finder\SearchProblem;
use Jornel\Core\Part\Record;

gc_disable();
require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/Bench.php';

$data = new DataFiles(dirname(__DIR__, 2).'/data');
$document = (array) json_decode((string) file_get_contents($argv[1] ?? ''), true) + ['from' => 'rated'];
$question = fn (int $people): SearchProblem => FindDocument::read(new Record(array_replace_recursive($document, ['room' => ['people' => $people]])), $data)->question();
$spaces = new DesignSpaces(1);
$began = hrtime(true);
Search::answer($question(20), null, $spaces->of($question(20)));
$cold = (hrtime(true) - $began) / 1e9;
$people = 20;
$kept = Bench::seconds(function () use ($question, $spaces, &$people): void {
    $next = $question(++$people);
    Search::answer($next, null, $spaces->of($next));
});
printf("%.4f %.4f\n", $cold, $kept);
