<?php

namespace Database\Factories;

use App\Models\Programme;
use App\Models\Site;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Site> */
class SiteFactory extends Factory
{
    protected $model = Site::class;

    public function definition(): array
    {
        return ['name' => 'A site', 'programme_id' => Programme::factory()];
    }
}
