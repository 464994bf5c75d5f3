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

    /** Bytes of a meter’s log: half a million readings. */
    public const MOST_LOG = 24_000_000;

    /** Values; a plan with all its corners and furnishings has some eight hundred. */
    public const MOST_VALUES = 4000;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $most = $this->isLog($request) ? self::MOST_LOG : self::MOST;
        if ((int) $request->headers->get('Content-Length') > $most || strlen($request->getContent()) > $most) {
            return new JsonResponse(['message' => sprintf('This is more than can be sent at once: %s at most.', $most === self::MOST ? 'a megabyte' : intdiv($most, 1_000_000).' megabytes')], 413);
        }
        if ($this->isLog($request)) {
            return $next($request);
        }
        // What stands in texts is counted with it, which no text that has business here comes near.
        if (substr_count($request->getContent(), ',') > self::MOST_VALUES && ! $this->isDraft($request)) {
            return new JsonResponse(['message' => 'These are more values than can be sent at once: '.number_format(self::MOST_VALUES).' at most.'], 413);
        }

        return $next($request);
    }

    /** A meter’s log, which is a file of text. */
    private function isLog(Request $request): bool
    {
        return $request->is('api/v1/units/*/logs') && $request->isMethod('POST');
    }

    /** What a screen keeps is one text, with a limit of its own. */
    private function isDraft(Request $request): bool
    {
        return $request->is('api/v1/rooms/*/draft');
    }
}
