<?php

declare(strict_types=1);

// How many builds a second the core evaluates: assembly, balance of every speed, efficiencies of all bins, clean air for
// every pollutant; without band and explanation. Beside it a plain scipy script doing the balance of the same build.

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Shapes;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/Bench.php';

const BUILDS = 2000;

Bench::head();
$data = new DataFiles(dirname(__DIR__, 2).'/data');
$catalogue = $data->catalogue();
$pollutants = $data->pollutants()->all;
$air = Air::reference();
foreach (['flat-panel' => '20x20x1-g13-economy', 'cube' => '20x20x1-g13-economy', 'raised-cube' => '20x20x2-g13'] as $shape => $filter) {
    $design = new Design(Shapes::get($shape), $catalogue->fan('box-20-plain'), $catalogue->filter($filter), $catalogue->joining('duct-tape'), Corners::Shroud);
    $seconds = Bench::seconds(function () use ($design, $air, $pollutants): float {
        $sum = 0.0;
        for ($i = 0; $i < BUILDS; $i++) {
            foreach (Performance::ofAllSpeeds($design, $design->assemble(), $air) as $performance) {
                foreach ($pollutants as $pollutant) {
                    $sum += $performance->clean($pollutant);
                }
            }
        }

        return $sum;
    });
    Bench::told("{$shape}: evaluations a second (three speeds, all bins and pollutants)", BUILDS / $seconds, '/s', $shape === 'cube' ? Bench::python('evaluate.py') : null);
}
