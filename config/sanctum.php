<?php

use Laravel\Sanctum\Sanctum;

return [
    // One origin: whichever host name the page was opened under is the one that holds the session.
    'stateful' => [Sanctum::$currentRequestHostPlaceholder],
    'guard' => ['web'],
    'expiration' => null,
    'middleware' => [
        'authenticate_session' => Laravel\Sanctum\Http\Middleware\AuthenticateSession::class,
        'encrypt_cookies' => Illuminate\Cookie\Middleware\EncryptCookies::class,
        'validate_csrf_token' => Illuminate\Foundation\Http\Middleware\ValidateCsrfToken::class,
    ],
];
