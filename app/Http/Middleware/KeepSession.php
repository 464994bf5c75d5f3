<?php

namespace App\Http\Middleware;

use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Date;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;
use Throwable;

/**
 * Starts the session of whoever asks, and writes it back only where something in it changed or it was not written for a
 * while: most requests only read who is signed in, and two at a time do not overwrite each other.
 */
class KeepSession extends StartSession
{
    private const KEPT_AT = 'kept_at';

    /** How long it stands as it was written, s; far less than it lives. */
    private const FRESH = 3600;

    /** @var array{string, array<mixed>}|null its id and what was in it */
    private ?array $begun = null;

    /** @param  Session  $session */
    protected function startSession(Request $request, $session): Session
    {
        $session = parent::startSession($request, $session);
        $this->begun = [$session->getId(), $session->all()];

        return $session;
    }

    /** Nothing asks where somebody came from. */
    protected function storeCurrentUrl(Request $request, $session): void
    {
    }

    /** Nothing is kept of visitors who came without a session and leave without one: only a token, or signing in, begins it. */
    private function isPassingBy(Request $request): bool
    {
        return ! $request->hasCookie($request->session()->getName()) && ! $request->is('sanctum/csrf-cookie') && Auth::guard('web')->guest();
    }

    protected function addCookieToResponse(Response $response, Session $session): void
    {
        if ($this->isPassingBy(request())) {
            // A token without a session would be refused.
            $response->headers->removeCookie('XSRF-TOKEN');

            return;
        }
        parent::addCookieToResponse($response, $session);
    }

    protected function saveSession($request): void
    {
        $session = $request->session();
        if ($this->isPassingBy($request)) {
            return;
        }
        $now = Date::now()->getTimestamp();
        $keptAt = $session->get(self::KEPT_AT);
        if ($this->begun === [$session->getId(), $session->all()] && is_int($keptAt) && $now - $keptAt < self::FRESH) {
            return;
        }
        $session->put(self::KEPT_AT, $now);
        try {
            parent::saveSession($request);
        } catch (Throwable $fault) {
            report($fault);
            // Whoever is signed in already is answered all the same; who is not yet would find themselves signed out at once.
            if ($this->begun === null || $this->begun[0] !== $session->getId() || ! is_int($keptAt)) {
                throw new ServiceUnavailableHttpException(5, 'Nobody can sign in just now, as there is no room for sessions. Nothing is lost; tell whoever runs Jornel.', $fault);
            }
        }
    }
}
