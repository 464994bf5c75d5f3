<?php

namespace App\Http\Middleware;

use App\Models\Person;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whose request it is, on a phone that goes from hand to hand. A page says as whom it writes, and nothing is written as anybody
 * else; an answer says for whom it is, so that what a browser keeps of it is shown to nobody else.
 */
final class NamePerson
{
    public const HEADER = 'X-Jornel-Person';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $person = $request->user();
        $named = $request->headers->get(self::HEADER);
        if ($person instanceof Person && $named !== null && $named !== (string) $person->id) {
            return new JsonResponse(['message' => 'Somebody else is signed in in this browser now. Sign in again to go on.'], 401);
        }
        $response = $next($request);
        if ($person instanceof Person) {
            $response->headers->set(self::HEADER, (string) $person->id);
        }

        return $response;
    }
}
