<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Room;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Room\Clearance;
use Jornel\Core\Room\RoomAir;
use Jornel\Core\Sound\Sound;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ClearanceTest extends TestCase
{
    /** Source: CDC, Guidelines for Environmental Infection Control in Health-Care Facilities (2003), table B.1. */
    #[TestWith([2, 138, 207])]
    #[TestWith([4, 69, 104])]
    #[TestWith([6, 46, 69])]
    #[TestWith([8, 35, 52])]
    #[TestWith([10, 28, 41])]
    #[TestWith([12, 23, 35])]
    #[TestWith([15, 18, 28])]
    #[TestWith([20, 14, 21])]
    #[TestWith([50, 6, 8])]
    public function test_minutes_to_clear_are_the_published_ones(int $airChanges, int $minutes99, int $minutes999): void
    {
        $rates = PerBin::same($airChanges / 3600.0);
        foreach (Sample::data()->pollutants()->all as $pollutant) {
            self::assertSame($minutes99, (int) round(Clearance::time($pollutant, $rates, 0.99) / 60.0), $pollutant->id);
            self::assertSame($minutes999, (int) round(Clearance::time($pollutant, $rates, 0.999) / 60.0), $pollutant->id);
        }
    }

    public function test_a_mixture_clears_neither_faster_than_its_fastest_bin_nor_as_one_mean_rate(): void
    {
        $mixed = Sample::data()->pollutants()->get('shared-air');
        $rates = new PerBin(1.0 / 3600.0, 4.0 / 3600.0, 12.0 / 3600.0);
        $time = Clearance::time($mixed, $rates, 0.99);
        $mean = log(100.0) / $mixed->weigh($rates);

        self::assertGreaterThan($mean, $time);
        self::assertLessThan(log(100.0) / $rates->e1, $time);
        // What is left then is what was asked for: 0.3 exp(-t/h) + 0.3 exp(-4t/h) + 0.4 exp(-12t/h) = 0.01.
        $hours = $time / 3600.0;
        self::assertEqualsWithDelta(0.01, 0.3 * exp(-$hours) + 0.3 * exp(-4.0 * $hours) + 0.4 * exp(-12.0 * $hours), 1e-9);
    }

    public function test_infiltration_and_settling_help(): void
    {
        // Worked by hand: 0.1 m3/s in 189 m3 is 1.90476 air changes; with 0.5 and 0.39 1/h that is 2.79476 1/h for the finest.
        $rates = RoomAir::of(Sample::room(), PerBin::same(0.1))->losses;

        self::assertEqualsWithDelta(2.79476 / 3600.0, $rates->e1, 1e-8);
        self::assertEqualsWithDelta((1.90476 + 0.5 + 4.0) / 3600.0, $rates->e3, 1e-8);
    }

    public function test_levels_add_by_energy(): void
    {
        // Two alike are 3.01 dB louder, ten alike 10 dB; 60 and 50 dB together 60.41 dB.
        self::assertEqualsWithDelta(63.0103, Sound::together([60.0, 60.0]), 1e-4);
        self::assertEqualsWithDelta(60.0, Sound::together(array_fill(0, 10, 50.0)), 1e-9);
        self::assertEqualsWithDelta(60.4139, Sound::together([60.0, 50.0]), 1e-4);
    }
}
