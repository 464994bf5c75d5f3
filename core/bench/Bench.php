<?php

declare(strict_types=1);

/** Times work and prints figures, never judges them. */
final class Bench
{
    private const PYTHON = '/usr/bin/python3';

    /** Which PHP and which flags. */
    public static function head(): void
    {
        $jit = function_exists('opcache_get_status') ? (opcache_get_status(false)['jit'] ?? []) : [];
        printf("PHP %s, OPcache %s, JIT %s, one core\n", PHP_VERSION, ini_get('opcache.enable_cli') ? 'on' : 'off', ($jit['on'] ?? false) ? 'on ('.ini_get('opcache.jit').', '.ini_get('opcache.jit_buffer_size').')' : 'off');
    }

    /** Best of some rounds, after one to warm up. */
    public static function seconds(callable $work, int $rounds = 5): float
    {
        $work();
        $best = INF;
        for ($round = 0; $round < $rounds; $round++) {
            $began = hrtime(true);
            $work();
            $best = min($best, (hrtime(true) - $began) / 1e9);
        }

        return $best;
    }

    /** What a script beside this one prints; null where scipy is not there. */
    public static function python(string $script, string $argument = ''): ?float
    {
        if (! is_executable(self::PYTHON)) {
            return null;
        }
        $printed = shell_exec(implode(' ', array_map(escapeshellarg(...), array_filter([self::PYTHON, __DIR__."/{$script}", $argument]))).' 2>/dev/null');

        return is_numeric(trim((string) $printed)) ? (float) $printed : null;
    }

    /** @param  float|null  $scipy the same figure of scipy's */
    public static function told(string $what, float $mine, string $unit, ?float $scipy): void
    {
        printf("%s: %.4g %s%s\n", $what, $mine, $unit, $scipy === null ? '' : sprintf('; scipy %.4g %s; ratio %.2f', $scipy, $unit, $unit === 's' ? $scipy / $mine : $mine / $scipy));
    }
}
