<?php

namespace App\Http\Middleware;

use App\Models\Person;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Illuminate\Support\Facades\DB;
use stdClass;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * A write is acknowledged exactly when it is committed: all that a request changes, and the answer to it, is one transaction,
 * which is undone where anything fails before the answer is ready. With a key of the client’s own (`Idempotency-Key`) the
 * answer is kept too, so that the same request sent again after a lost answer is answered again and does nothing twice.
 */
final class AcknowledgeWrite
{
    public const KEY = 'Idempotency-Key';

    public const REPEATED = 'Idempotency-Replayed';

    public const OWN_KEYS = 'own-keys';

    /** How long answers are kept, days. */
    public const KEPT = 2;

    /**
     * @param  Closure(Request): Response  $next
     * @param  string  $keys  `own-keys` where all that a route is told has keys of its own, so that no answer is kept
     */
    public function handle(Request $request, Closure $next, string $keys = ''): Response
    {
        $key = $keys === self::OWN_KEYS ? null : $request->headers->get(self::KEY);
        if ($request->isMethodSafe()) {
            return $next($request);
        }
        if ($key !== null && preg_match('/^[A-Za-z0-9_-]{8,64}$/D', $key) !== 1) {
            return new JsonResponse(['message' => 'The key of a write is 8 to 64 letters, digits, hyphens and underscores.'], 400);
        }
        DB::beginTransaction();
        try {
            $earlier = $key === null ? null : $this->claim($request, $key);
            $response = $earlier ?? $next($request);
            if ($earlier !== null || $response->getStatusCode() >= 400) {
                DB::rollBack();

                return $response;
            }
            if ($key !== null) {
                $this->written($request, $key)->update(['status' => $response->getStatusCode(), 'answer' => $response->getContent()]);
            }
            DB::commit();

            return $response;
        } catch (Throwable $fault) {
            rescue(fn () => DB::rollBack(), report: false);

            throw $fault;
        }
    }

    /** Takes a key for this write; else what was answered when it was written with that key. */
    private function claim(Request $request, string $key): ?Response
    {
        $fingerprint = hash('sha256', $request->method()."\n".$request->path()."\n".$request->getContent());
        // Whoever sends the same at the same time waits here until the first is committed or undone.
        if (DB::table('writes')->insertOrIgnore(['person_id' => $this->person($request)->id, 'key' => $key, 'fingerprint' => $fingerprint]) === 1) {
            return null;
        }
        $earlier = $this->written($request, $key)->sharedLock()->first();
        if (! $earlier instanceof stdClass || $earlier->fingerprint !== $fingerprint) {
            return new JsonResponse(['message' => 'This key was used for another write already.'], 422);
        }

        return new PlainResponse((string) $earlier->answer, (int) $earlier->status, ['Content-Type' => 'application/json', self::REPEATED => 'true']);
    }

    private function written(Request $request, string $key): \Illuminate\Database\Query\Builder
    {
        return DB::table('writes')->where(['person_id' => $this->person($request)->id, 'key' => $key]);
    }

    private function person(Request $request): Person
    {
        $person = $request->user();

        return $person instanceof Person ? $person : abort(401);
    }
}
