<?php

use App\Exceptions\Rendering;
use App\Http\Middleware\AcknowledgeWrite;
use App\Http\Middleware\JudgeQuery;
use App\Http\Middleware\KeepSession;
use App\Http\Middleware\LimitBody;
use App\Http\Middleware\SecurityHeaders;
use Illuminate\Auth\Middleware\Authorize;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Session\Middleware\AuthenticateSession;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        commands: __DIR__.'/../routes/console.php',
        apiPrefix: 'api/v1',
        then: fn () => require __DIR__.'/../routes/pages.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->append(SecurityHeaders::class);
        $middleware->prepend(LimitBody::class);
        // Once it is known who asks, for what, and that they may.
        $middleware->appendToPriorityList(Authorize::class, AcknowledgeWrite::class);
        // One origin: no cross-origin answers are ever given.
        $middleware->remove(HandleCors::class);
        // Only the page of this origin asks, so every request carries the session; a sheet opened by its address too.
        $middleware->api(prepend: [EncryptCookies::class, AddQueuedCookiesToResponse::class, KeepSession::class, ValidateCsrfToken::class, JudgeQuery::class], append: [AuthenticateSession::class]);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        Rendering::register($exceptions);
    })
    ->create()
    ->useStoragePath(dirname(__DIR__).'/var/storage');
