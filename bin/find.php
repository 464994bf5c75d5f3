<?php

declare(strict_types=1);

// ./jornel find FILE: answers a document of the kind `find` without starting the framework; prints JSON, and on the error
// stream how many candidates there were and how long it took.

use App\Finder\SharedSearch;
use App\Formats\Format;
use App\Formats\NotInFormat;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\FindDocument;
use Jornel\Core\Fault\Invalid;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Part\Record;

$began = hrtime(true);
// Branches refer to each other in no circle: there is nothing for the collector to find.
gc_disable();
require dirname(__DIR__).'/vendor/autoload.php';

$say = fn (string $text): int|false => fwrite(STDERR, $text."\n");
$file = $argv[1] ?? '';
$json = $file === '-' ? stream_get_contents(STDIN) : (is_file($file) ? file_get_contents($file) : false);
if ($json === false) {
    $say('There is no such file.');
    exit(1);
}
try {
    $document = Format::named(FindDocument::kind())->read($json);
    $asked = FindDocument::read(new Record($document + ['from' => 'rated']), new DataFiles(dirname(__DIR__).'/data'));
    $answer = SharedSearch::answer($asked->question());
} catch (NotInFormat $fault) {
    $say($fault->getMessage());
    exit(2);
} catch (InvalidEntries $faults) {
    $say(implode("\n", array_map(fn (Invalid $fault): string => "{$fault->field}: {$fault->getMessage()}", $faults->faults)));
    exit(2);
} catch (Invalid $fault) {
    $say("{$fault->field}: {$fault->getMessage()}");
    exit(2);
}
echo json_encode($asked->told($answer), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR), "\n";
$counts = $answer->counts;
$say(sprintf(
    '%s candidates: %s beyond the limits, %s short of the goal, %s beaten, %s solved; %d builds that none beats. %.2f s.',
    ...[...array_map(number_format(...), [$counts->generated, $counts->beyondLimits, $counts->shortOfGoal, $counts->beaten, $counts->solved]), count($answer->front), (hrtime(true) - $began) / 1e9],
));
