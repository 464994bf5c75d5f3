<?php

return [
    // A file is read and written sooner than a record; several machines that share sessions name another (deploy/README.md).
    'driver' => env('SESSION_DRIVER', 'file'),
    'files' => storage_path('framework/sessions'),
    'lifetime' => 60 * 24 * 14,
    'expire_on_close' => false,
    'encrypt' => true,
    'connection' => null,
    'table' => 'sessions',
    'lottery' => [2, 100],
    'cookie' => 'jornel_session',
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE_COOKIE', false),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
