<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Schema;

use Jornel\Core\Quantity\Dimension;

final class AirForm
{
    public static function form(): Form
    {
        return Form::about('A density; or altitude and temperature, 0 m and 20 °C standing in for what is missing; 1.2 kg/m3 where nothing is given')
            ->number('density_kg_m3', ['minimum' => 0.3, 'maximum' => 2.0], '')
            ->number('viscosity_pa_s', ['minimum' => 1e-5, 'maximum' => 3e-5], '1.81e-5 where not given')
            ->quantity('altitude', Dimension::Length, 'Above the sea', [])
            ->quantity('temperature', Dimension::Temperature, '', [])
            ->notTogether('density_kg_m3', 'altitude')->notTogether('density_kg_m3', 'temperature');
    }
}
