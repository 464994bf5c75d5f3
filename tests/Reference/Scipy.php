<?php

namespace Tests\Reference;

use Symfony\Component\Process\Process;

/** Asks a script beside this file, which answers with scipy. */
final class Scipy
{
    /**
     * @param  array<mixed>  $question
     * @return array<mixed>
     */
    public static function answer(string $script, array $question): array
    {
        $python = new Process(['/usr/bin/python3', __DIR__."/{$script}.py"], null, null, json_encode($question, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), 120);

        return json_decode($python->mustRun()->getOutput(), true, 64, JSON_THROW_ON_ERROR);
    }

    /** Prints how far apart two sets of numbers are at most, and says it. */
    public static function worst(string $what, array $mine, array $theirs, float $floor = 1e-12): float
    {
        $worst = 0.0;
        array_walk_recursive($mine, function (float $value, int|string $key) use (&$flatMine): void {
            $flatMine[] = $value;
        });
        array_walk_recursive($theirs, function (float|int $value) use (&$flatTheirs): void {
            $flatTheirs[] = (float) $value;
        });
        foreach ($flatMine as $i => $value) {
            $worst = max($worst, abs($value - $flatTheirs[$i]) / max($floor, abs($flatTheirs[$i])));
        }
        fwrite(STDERR, sprintf("\n%s: %d figures, largest relative difference %.1e\n", $what, count($flatMine), $worst));

        return $worst;
    }
}
