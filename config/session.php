<?php

return [
    // A file is read and written sooner than a record; several machines that share sessions name another (deploy/README.md).
    'driver' => env('SESSION_DRIVER', 'file'),
    'files' => storage_path('framework/sessions'),
    // A working day; whoever wants to stay signed in on a device says so (thirty days).
    'lifetime' => 60 * 12,
    'expire_on_close' => true,
    'encrypt' => true,
    'connection' => null,
    'table' => 'sessions',
    'lottery' => [1, 1000],
    'cookie' => 'jornel_session',
    'path' => '/',
    'domain' => null,
    // Over TLS only, where the request came over it, unless told otherwise.
    'secure' => env('SESSION_SECURE_COOKIE'),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
