<?php

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

/** Asks the application in this process as whoever is signed in; what is refused ends the benchmark. */
function ask(string $method, string $path, array $body = []): void
{
    global $app;
    $request = Request::create("/api/v1/{$path}", $method, content: $body === [] ? null : json_encode($body), server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json']);
    $answer = $app->make(Kernel::class)->handle($request);
    if ($answer->getStatusCode() >= 300) {
        throw new RuntimeException("{$method} {$path}: {$answer->getStatusCode()} ".substr((string) $answer->getContent(), 0, 400));
    }
}
