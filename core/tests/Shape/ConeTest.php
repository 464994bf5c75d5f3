<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Shape;

use Jornel\Core\Shape\Cone;
use Jornel\Core\Shape\EndCap;
use PHPUnit\Framework\TestCase;

final class ConeTest extends TestCase
{
    public function test_the_flat_development_rolls_up_to_both_openings(): void
    {
        // 180 to 110 mm over 35 mm: slant sqrt(35^2 + 35^2) = 49.497 mm; outer radius 49.497 x 90 / 35 = 127.28 mm.
        $cone = new Cone(0.18, 0.11, 0.035);
        $flat = $cone->development();

        self::assertEqualsWithDelta([0.049497, 0.127279, 0.077782], [$cone->slant(), $flat['outer'], $flat['inner']], 1e-6);
        self::assertEqualsWithDelta(M_PI * 0.18, $flat['outer'] * $flat['angle'], 1e-12);
        self::assertEqualsWithDelta(M_PI * 0.11, $flat['inner'] * $flat['angle'], 1e-12);
    }

    public function test_its_panel_has_the_area_of_the_cone_and_a_lap(): void
    {
        // Mantle of a frustum: pi (R + r) s; the lap is 12 mm along the slant.
        $panel = (new Cone(0.18, 0.11, 0.035))->panel('cone', 'Cone', 720);

        self::assertEqualsWithDelta(M_PI * (0.09 + 0.055) * 0.0494975 + 0.012 * 0.0494975, $panel->area(), 1e-6);
    }

    public function test_alike_ends_make_a_strip(): void
    {
        $panel = (new Cone(0.11, 0.11, 0.05))->panel('cone', 'Cone');

        self::assertTrue($panel->isRectangle());
        self::assertEqualsWithDelta([M_PI * 0.11 + 0.012, 0.05], [$panel->width, $panel->height], 1e-9);
    }

    public function test_printing_time_goes_by_volume(): void
    {
        // A wall of 2 mm: frustums of radii 92 and 57 less 90 and 55 mm over 35 mm: 64.3 cm3; 12 cm3 an hour (assumed).
        $volume = (new Cone(0.18, 0.11, 0.035))->volume();

        self::assertEqualsWithDelta(M_PI * 35 / 3 * ((92 ** 2 + 92 * 57 + 57 ** 2) - (90 ** 2 + 90 * 55 + 55 ** 2)), $volume * 1e9, 1e-3);
        self::assertEqualsWithDelta($volume * 1e6 / 12 * 60, Cone::printing($volume), 1e-9);
        self::assertGreaterThan(M_PI * 0.09 ** 2 * 0.002, (new EndCap(0.18))->volume());
    }
}
