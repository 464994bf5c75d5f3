<?php

return [
    // log: nothing is sent, what would have been stands in var/storage/logs. smtp: by the server named below.
    'default' => env('MAIL_MAILER', 'log'),
    'mailers' => [
        'log' => ['transport' => 'log', 'channel' => 'mail'],
        'smtp' => [
            'transport' => 'smtp', 'scheme' => env('MAIL_SCHEME'), 'host' => env('MAIL_HOST') ?: '127.0.0.1', 'port' => env('MAIL_PORT') ?: 25,
            'username' => env('MAIL_USERNAME'), 'password' => env('MAIL_PASSWORD'), 'timeout' => 10,
        ],
        'array' => ['transport' => 'array'],
    ],
    'from' => ['address' => env('MAIL_FROM_ADDRESS') ?: 'jornel@localhost', 'name' => env('MAIL_FROM_NAME') ?: 'Jornel'],
];
