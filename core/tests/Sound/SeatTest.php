<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Sound;

use Jornel\Core\Fault\OutOfRange;
use Jornel\Core\Sound\Seat;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class SeatTest extends TestCase
{
    public function test_one_metre_off_in_the_open_a_unit_is_as_loud_as_it_is_rated(): void
    {
        self::assertEqualsWithDelta(58.0, Seat::atOneMetre()->level(58.0), 1e-12);
        self::assertEqualsWithDelta(61.01, Seat::atOneMetre()->level(58.0, 2), 0.005);
        self::assertEqualsWithDelta(64.02, Seat::atOneMetre()->level(58.0, 4), 0.005);
    }

    public function test_in_the_open_it_falls_by_six_decibels_for_twice_the_distance(): void
    {
        self::assertEqualsWithDelta(-6.02, Seat::at(4.0, null)->level(50.0) - Seat::at(2.0, null)->level(50.0), 0.005);
    }

    /** By hand: Lw = 60 + 10 log(4 pi / 2) = 67.98; R = 200 x 0.15 / 0.85 = 35.29; + 10 log(2 / (4 pi 9) + 4 / R) = -8.83. */
    public function test_in_a_room_its_sides_throw_it_back(): void
    {
        self::assertEqualsWithDelta(59.15, Seat::at(3.0, 200.0)->level(60.0), 0.01);
        self::assertLessThan(Seat::at(3.0, 200.0)->level(60.0), Seat::at(3.0, 200.0, 0.6)->level(60.0), 'more absorbing sides are quieter');
        self::assertGreaterThan(Seat::at(3.0, null)->level(60.0), Seat::at(3.0, 200.0)->level(60.0));
    }

    public function test_far_off_in_a_room_distance_hardly_matters(): void
    {
        self::assertLessThan(0.3, Seat::at(6.0, 150.0)->level(60.0) - Seat::at(9.0, 150.0)->level(60.0));
    }

    #[TestWith([0.1])]
    #[TestWith([31.0])]
    public function test_a_seat_in_the_unit_or_in_another_street_is_refused(float $distance): void
    {
        $this->expectException(OutOfRange::class);
        Seat::at($distance, 100.0);
    }
}
