<?php

return [
    'default' => 'daily',
    'channels' => [
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/jornel.log'), 'level' => env('LOG_LEVEL', 'warning'), 'days' => 14],
        'mail' => ['driver' => 'daily', 'path' => storage_path('logs/mail.log'), 'level' => 'debug', 'days' => 14],
        'emergency' => ['path' => storage_path('logs/jornel.log')],
    ],
];
