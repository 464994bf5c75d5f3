<?php

/**
 * How meters' logs grow: rows are added a hundred thousand at a time, and a stretch of two hours is read from one log in the
 * middle, at a hundred thousand, a million and ten million rows in all.
 */

use App\Models\Log;
use App\Models\Programme;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Proof\Decay\ParticleSeries;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

const OF_ONE = 100_000;
$programme = Programme::query()->firstOrFail()->id;
$times = array_map(floatval(...), range(0, OF_ONE - 1));
$values = array_map(fn (float $time): float => 5.0 + 300.0 * exp(-$time / 20000.0), $times);
$series = new ParticleSeries($times, $values);
$first = null;
$logs = [];
foreach ([100_000, 1_000_000, 10_000_000] as $rows) {
    $insert = 0.0;
    $added = 0;
    while (count($logs) * OF_ONE < $rows) {
        $log = Log::query()->create(['programme_id' => $programme, 'sha256' => hash('sha256', 'bench '.count($logs)), 'name' => 'bench', 'source' => 'bench', 'told' => ['notes' => []]]);
        $began = hrtime(true);
        DB::transaction(fn () => $log->add($series));
        $insert += (hrtime(true) - $began) / 1e9;
        $added += OF_ONE;
        $logs[] = $log;
    }
    $middle = $logs[intdiv(count($logs), 2)];
    $reads = [];
    for ($i = 0; $i < 15; $i++) {
        $began = hrtime(true);
        $count = $middle->series(40000.0 + 100.0 * $i, 47200.0 + 100.0 * $i)->count();
        $reads[] = (hrtime(true) - $began) / 1e6;
    }
    sort($reads);
    $perSecond = $added / $insert;
    $first ??= ['insert' => $perSecond, 'read' => $reads[7]];
    printf("%11s rows: %s rows a second added (%.2f of the first), a stretch of %s read in %.1f ms (%.2f of the first)\n", number_format($rows), number_format($perSecond), $perSecond / $first['insert'], number_format($count), $reads[7], $reads[7] / $first['read']);
}
