<?php

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** How much may be sent at once, judged before anything reads it. */
final class LimitBody
{
    /** Bytes. */
    public const MOST = 1_000_000;

    /** Values; a plan with all its corners and furnishings has some eight hundred. */
    public const MOST_VALUES = 4000;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ((int) $request->headers->get('Content-Length') > self::MOST || strlen($request->getContent()) > self::MOST) {
            return new JsonResponse(['message' => 'This is more than can be sent at once: a megabyte at most.'], 413);
        }
        // What stands in texts is counted with it, which no text that has business here comes near.
        if (substr_count($request->getContent(), ',') > self::MOST_VALUES && ! $this->isDraft($request)) {
            return new JsonResponse(['message' => 'These are more values than can be sent at once: '.number_format(self::MOST_VALUES).' at most.'], 413);
        }

        return $next($request);
    }

    /** What a screen keeps is one text, with a limit of its own. */
    private function isDraft(Request $request): bool
    {
        return $request->is('api/v1/rooms/*/draft');
    }
}
