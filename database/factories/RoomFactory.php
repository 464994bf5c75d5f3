<?php

namespace Database\Factories;

use App\Models\Room;
use App\Models\Site;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Room> */
class RoomFactory extends Factory
{
    protected $model = Room::class;

    public function definition(): array
    {
        return [
            'site_id' => Site::factory(), 'name' => 'A room', 'use' => 'classroom',
            'length_m' => 9.0, 'length_entry' => '9 m', 'width_m' => 7.0, 'width_entry' => '7 m', 'height_m' => 3.0, 'height_entry' => '3 m',
            'people' => 25, 'pollutant' => 'wildfire-pm25', 'noise_limit_dba' => null, 'has_fuel_burning' => false, 'goal' => 'air-changes-5', 'revision' => 1,
        ];
    }
}
