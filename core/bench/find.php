<?php

declare(strict_types=1);

// How long the finder takes from a cold start over the whole shipped catalogue, without limits and with some, against the
// second that it may take; what a candidate costs it beside evaluating each by itself; and what the next question costs where the
// design space is kept.

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Shapes;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/Bench.php';

const ALLOWED = 1.0;
const ROUNDS = 5;

$root = dirname(__DIR__, 2);
$limited = (array) json_decode((string) file_get_contents("{$root}/formats/examples/find.json"), true);
$free = array_diff_key($limited, ['limits' => true, 'stock' => true]);
$data = new DataFiles("{$root}/data");
$catalogue = $data->catalogue();
$each = Bench::seconds(function () use ($catalogue): void {
    for ($i = 0; $i < 500; $i++) {
        $design = new Design(Shapes::get('cube'), $catalogue->fan('box-20-plain'), $catalogue->filter('20x20x1-g13-economy'), $catalogue->joining('duct-tape'), Corners::Shroud);
        $assembly = $design->assemble();
        Performance::ofAllSpeeds($design, $assembly, Air::reference());
        ShoppingList::for($design, $assembly, 1, $catalogue);
    }
}) / 500 / 3;
foreach (['without limits' => $free, 'with limits and stock' => $limited] as $how => $document) {
    $file = (string) tempnam(sys_get_temp_dir(), 'find');
    file_put_contents($file, (string) json_encode($document));
    [$best, $candidates, $builds] = [INF, 0, 0];
    for ($round = 0; $round < ROUNDS; $round++) {
        $began = hrtime(true);
        $answer = (array) json_decode((string) shell_exec(escapeshellarg("{$root}/jornel").' find '.escapeshellarg($file).' 2>/dev/null'), true);
        $best = min($best, (hrtime(true) - $began) / 1e9);
        [$candidates, $builds] = [$answer['counts']['generated'], $answer['counts']['builds']];
    }
    [$cold, $kept] = sscanf((string) shell_exec(implode(' ', array_map(escapeshellarg(...), [PHP_BINARY, '-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=disable', __DIR__.'/kept.php', $file]))), '%f %f');
    unlink($file);
    printf("find, %s: %s candidates in %.2f s from cold (%d builds that none beats); ratio to the second allowed %.2f; ratio of time a candidate, evaluated by itself over found %.0f\n", $how, number_format($candidates), $best, $builds, ALLOWED / $best, $each * $candidates / $best);
    printf("find, %s, in one process on one core: %.2f s from nothing, %.2f s the next question; ratio %.1f\n", $how, $cold, $kept, $cold / $kept);
}
