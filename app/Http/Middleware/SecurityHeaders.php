<?php

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What a browser may do with any answer. Files that a web server gives out by itself get the same from it (`deploy/headers.conf`). */
final class SecurityHeaders
{
    /** Styles stand in the page because the control set writes them there; scripts never do. */
    public const POLICY = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; "
        ."font-src 'self' data:; connect-src 'self'; worker-src 'self' blob:; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    public const ALL = [
        'Content-Security-Policy' => self::POLICY,
        'X-Content-Type-Options' => 'nosniff',
        'X-Frame-Options' => 'DENY',
        'Referrer-Policy' => 'same-origin',
    ];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        foreach (self::ALL as $name => $value) {
            $response->headers->set($name, $value);
        }

        return $response;
    }
}
