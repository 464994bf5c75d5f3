<?php

declare(strict_types=1);

/**
 * How long evidence takes, as ratios to what it may take: a hundred thousand readings read from a file and fitted in a second, a
 * joint fit of all evidence of a unit in three tenths of one.
 */

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/Bench.php';

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Numeric\Lognormal;
use Jornel\Core\Proof\Decay\DecayRun;
use Jornel\Core\Proof\Decay\Weights;
use Jornel\Core\Proof\Fit\Evidence;
use Jornel\Core\Proof\Fit\EvidenceKind;
use Jornel\Core\Proof\Fit\UnitFit;
use Jornel\Core\Proof\Log\ReadLog;
use Jornel\Core\Proof\StandIn\MeterNoise;
use Jornel\Core\Proof\StandIn\SimulatedRoom;
use Jornel\Core\Quantity\Interval;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Shapes;

const ROWS = 100_000;

$series = (new SimulatedRoom(190.0, 0.9 / 3600.0, 6.0, new MeterNoise(3)))->log(0.02, 300.0, 600.0, (float) ROWS, 1.0);
$csv = "time,pm1,pm25,pm10\n".implode("\n", array_map(fn (float $time, float $value): string => gmdate('Y-m-d H:i:s', 1764000000 + (int) $time).",1,{$value},9", $series->times, $series->values));
$read = 1e3 * Bench::seconds(function () use ($csv): void {
    ReadLog::of($csv);
});
$log = ReadLog::of($csv)->series;
$fit = 1e3 * Bench::seconds(function () use ($log): void {
    DecayRun::of($log, Weights::Meter);
});
printf("%s readings: read %.0f ms, stretch and fit %.0f ms; %.2f of the second that both may take\n", number_format($log->count()), $read, $fit, ($read + $fit) / 1000.0);

$data = new DataFiles(dirname(__DIR__, 2).'/data');
$catalogue = $data->catalogue();
$design = new Design(Shapes::get('cube'), $catalogue->fan('box-20-plain'), $catalogue->filter('20x20x1-g13-economy'), $catalogue->joining('duct-tape'), Corners::Shroud);
$unit = Unit::of($design, $design->assemble(), Air::reference());
$about = fn (EvidenceKind $kind, float $value): Evidence => Evidence::measured($kind, 2, new Interval($value, 0.93 * $value, 1.07 * $value));
$evidence = [Evidence::tissue(new Lognormal(0.003, 0.3)), $about(EvidenceKind::Traverse, 0.33), $about(EvidenceKind::FreeTraverse, 0.45), $about(EvidenceKind::Decay, 0.25), $about(EvidenceKind::Power, 82.0), Evidence::level(2, 60.0, 3.0)];
$joint = 1e3 * Bench::seconds(fn () => UnitFit::of($unit, $evidence, $data->pollutants()->get('wildfire-pm25'), $data->tolerances(), $data->evidenceTolerances())->cleanAir(2));
printf("joint fit of six kinds of evidence: %.0f ms, %.2f of the 300 ms that it may take\n", $joint, $joint / 300.0);
