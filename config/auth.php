<?php

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'people'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'people']],
    'passwords' => ['people' => ['provider' => 'people', 'table' => 'password_reset_tokens', 'expire' => 60, 'throttle' => 60]],
    'providers' => ['people' => ['driver' => 'eloquent', 'model' => App\Models\Person::class]],
];
