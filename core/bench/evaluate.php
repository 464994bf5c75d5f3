<?php

declare(strict_types=1);

// How many builds a second the core evaluates on one core: assembly, balance of every speed, efficiencies, clean air
// for every pollutant. Beside it a plain scipy script doing the balance of the same build, as a ratio.

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\DataFiles;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Shapes;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$data = new DataFiles(dirname(__DIR__, 2).'/data');
$catalogue = $data->catalogue();
$pollutants = $data->pollutants()->all;
$air = Air::reference();
$jit = function_exists('opcache_get_status') ? (opcache_get_status(false)['jit'] ?? []) : [];
printf("PHP %s, OPcache %s, JIT %s\n", PHP_VERSION, ini_get('opcache.enable_cli') ? 'on' : 'off', ($jit['on'] ?? false) ? 'on ('.ini_get('opcache.jit').')' : 'off');

$perSecond = [];
foreach (['flat-panel' => '20x20x1-g13-economy', 'cube' => '20x20x1-g13-economy', 'raised-cube' => '20x20x2-g13'] as $shape => $filter) {
    $design = new Design(Shapes::get($shape), $catalogue->fan('box-20-plain'), $catalogue->filter($filter), $catalogue->joining('duct-tape'), Corners::Shroud);
    $evaluate = function () use ($design, $air, $pollutants): float {
        $sum = 0.0;
        foreach (Performance::ofAllSpeeds($design, $design->assemble(), $air) as $performance) {
            foreach ($pollutants as $pollutant) {
                $sum += $performance->clean($pollutant);
            }
        }

        return $sum;
    };
    for ($i = 0; $i < 2000; $i++) {
        $evaluate();
    }
    $best = INF;
    for ($round = 0; $round < 5; $round++) {
        $began = hrtime(true);
        for ($i = 0; $i < 2000; $i++) {
            $evaluate();
        }
        $best = min($best, (hrtime(true) - $began) / 1e9);
    }
    $perSecond[$shape] = 2000 / $best;
    printf("%-12s %6.0f evaluations a second (three speeds, six pollutants)\n", $shape, $perSecond[$shape]);
}

$python = '/usr/bin/python3';
if (is_executable($python) && ($scipy = shell_exec("{$python} ".escapeshellarg(__DIR__.'/evaluate.py').' 2>/dev/null')) !== null && is_numeric(trim((string) $scipy))) {
    printf("scipy, cube  %6.0f a second; ratio %.1f\n", (float) $scipy, $perSecond['cube'] / (float) $scipy);
}
