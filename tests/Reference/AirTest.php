<?php

namespace Tests\Reference;

use Jornel\Core\Air\Air;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Density of the air against psychrolib, which has its own atmosphere and gas constant. */
class AirTest extends TestCase
{
    public function test_density_is_that_of_psychrolib(): void
    {
        $asked = [];
        foreach (range(-400, 4000, 200) as $altitude) {
            foreach ([253.15, 273.15, 293.15, 303.15, 318.15] as $kelvin) {
                $asked[] = [(float) $altitude, $kelvin];
            }
        }
        $mine = array_map(fn (array $case): float => Air::at(...$case)->density, $asked);
        $node = new Process(['node', __DIR__.'/density.mjs'], dirname(__DIR__, 2), null, json_encode($asked, JSON_THROW_ON_ERROR), 60);
        $theirs = json_decode($node->mustRun()->getOutput(), true, 4, JSON_THROW_ON_ERROR);

        // Their constants of the standard atmosphere and of dry air differ in the fifth figure.
        self::assertLessThan(2e-4, Scipy::worst('density of air against psychrolib', $mine, $theirs));
    }
}
