<?php

namespace Tests\Reference;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Plan\Outline;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Rooms under a ceiling of one slope, against scipy's convex hulls. */
class OutlinesTest extends TestCase
{
    public function test_volume_and_surface_are_those_of_the_hull(): void
    {
        $random = new Randomizer(new Mt19937(23));
        $between = fn (float $low, float $high): float => $low + ($high - $low) * $random->getInt(0, 1_000_000) / 1e6;
        $asked = $mine = [];
        for ($k = 0; $k < 60; $k++) {
            $corners = $heights = [];
            $count = $random->getInt(3, 12);
            [$a, $b] = [$between(-0.15, 0.15), $between(-0.15, 0.15)];
            [$wide, $deep] = [$between(2.0, 12.0), $between(2.0, 12.0)];
            for ($i = 0; $i < $count; $i++) {
                // On an ellipse, so that every corner is one of the hull too.
                $angle = 2.0 * M_PI * ($i + $between(-0.3, 0.3)) / $count;
                $corners[] = [$wide * cos($angle), $deep * sin($angle)];
                $heights[] = 5.0 + $a * $corners[$i][0] + $b * $corners[$i][1];
            }
            $asked[] = ['corners' => $corners, 'heights' => $heights];
            $outline = Outline::of(PlanePoint::list($corners), $heights);
            $mine[] = [$outline->volume(), $outline->surface()];
        }

        self::assertLessThan(1e-12, Scipy::worst('rooms under a slope against ConvexHull', $mine, Scipy::answer('outlines', $asked), 1.0));
    }
}
