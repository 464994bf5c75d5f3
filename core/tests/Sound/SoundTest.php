<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Sound;

use Jornel\Core\Sound\Sound;
use PHPUnit\Framework\TestCase;

final class SoundTest extends TestCase
{
    public function test_in_the_open_twice_the_distance_is_six_decibels_less(): void
    {
        self::assertEqualsWithDelta(53.979, Sound::free(60.0, 2.0), 1e-3);
        self::assertEqualsWithDelta(60.0, Sound::free(Sound::free(60.0, 5.0), 1.0, 5.0), 1e-12);
    }

    public function test_in_a_room_by_hand(): void
    {
        // 60 dBA at 1 m on the floor: Lw = 60 + 10 log10(2 pi) = 67.982. A room of 9 x 7 x 3 m has 222 m2 of surface, with
        // 0.15 absorbed R = 39.176 m2; at 3 m: 67.982 + 10 log10(2 / (36 pi) + 4 / 39.176) = 58.766.
        $power = Sound::power(60.0);
        $constant = Sound::roomConstant(Sound::surface(9.0, 7.0, 3.0));

        self::assertEqualsWithDelta([67.982, 39.176], [$power, $constant], 1e-3);
        self::assertEqualsWithDelta(58.766, Sound::inRoom($power, 3.0, $constant), 2e-3);
    }

    public function test_the_direct_field_of_a_soft_room_is_that_of_the_open(): void
    {
        self::assertEqualsWithDelta(Sound::free(60.0, 4.0), Sound::inRoom(Sound::power(60.0), 4.0, 1e12), 1e-8);
    }

    public function test_the_background_is_taken_off_by_energy_or_said_to_hide_it(): void
    {
        self::assertEqualsWithDelta(59.5424, Sound::withoutBackground(60.0, 50.0), 1e-4);
        self::assertNull(Sound::withoutBackground(50.0, 47.5));
        self::assertEqualsWithDelta(60.0, Sound::together([Sound::withoutBackground(60.0, 52.0) ?? 0.0, 52.0]), 1e-9);
    }
}
