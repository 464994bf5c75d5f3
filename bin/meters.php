<?php

/**
 * Simulated meters over HTTP, for the demo: `php -S 127.0.0.1:8090 bin/meters.php`. Each is asked as a real one would be and
 * answers JSON; the particle counter has its last hours as CSV, too.
 */

require dirname(__DIR__).'/vendor/autoload.php';

use Jornel\Core\Proof\StandIn\SimulatedMeters;

$meters = new SimulatedMeters(1509);
$asked = fn (string $key, float $usual): float => is_numeric($_GET[$key] ?? null) ? (float) $_GET[$key] : $usual;
$now = microtime(true);
$isOn = ($_GET['unit'] ?? 'on') !== 'off';
[$clean, $volume] = [$isOn ? $asked('clean_air', 0.2) : 0.0, max(1.0, $asked('volume', 110.0))];
$path = parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);

if ($path === '/particle-counter.csv') {
    header('Content-Type: text/csv');
    echo "time,pm25\n";
    for ($at = floor($now) - 7200.0; $at <= $now; $at += 10.0) {
        $value = $meters->particles($at, $clean, $volume);
        echo $value === null ? '' : gmdate('Y-m-d H:i:s', (int) $at).sprintf(",%.1f\n", $value);
    }

    return true;
}
[$field, $value] = match ($path) {
    '/particle-counter' => ['pm25', $meters->particles($now, $clean, $volume)],
    '/vane-meter' => ['speed_m_s', $meters->airSpeed($now, $asked('x', 0.5), $asked('y', 0.5), $asked('mean', 1.8))],
    '/level-meter' => ['level_dba', $meters->level($now, $isOn ? $asked('level', 52.0) : null)],
    '/plug-meter' => ['power_w', $meters->watts($now, $isOn ? $asked('watts', 80.0) : 0.6)],
    '/outdoor-air' => ['pm25', $meters->outdoors($now)],
    '/weather' => ['temperature_c', $meters->temperature($now)],
    default => ['', null],
};
header('Content-Type: application/json');
if ($field === '') {
    http_response_code(404);
    echo json_encode(['error' => 'There is no such meter.']);

    return true;
}
if ($value === null) {
    http_response_code(503);
    echo json_encode(['error' => 'No reading just now.']);

    return true;
}
echo json_encode([$field => round($value, 3), 'at' => gmdate('Y-m-d\TH:i:s\Z', (int) $now)]);

return true;
