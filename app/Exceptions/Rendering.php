<?php

namespace App\Exceptions;

use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Jornel\Core\Fault\Invalid;
use Jornel\Core\Fault\InvalidEntries;
use PDOException;
use stdClass;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** How faults are told to whoever asked: at their field, and never as a trace. */
final class Rendering
{
    /**
     * Client error codes of MariaDB: no answer, gone away, lost; and the server's own: shutting down, too many, others were
     * waited for in vain.
     */
    private const DATABASE_AWAY = [1040, 1053, 1205, 1213, 2002, 2003, 2006, 2013];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*') || $request->expectsJson());
        $exceptions->dontReport([Invalid::class, InvalidEntries::class, Overtaken::class, TooManyTries::class, LastOrganiser::class]);
        $exceptions->render(fn (Overtaken $fault): JsonResponse => new JsonResponse(['message' => $fault->getMessage()], 409));
        $exceptions->render(fn (LastOrganiser $fault): JsonResponse => new JsonResponse(['message' => $fault->getMessage(), 'errors' => ['role' => [$fault->getMessage()]], 'choices' => new stdClass], 422));
        $exceptions->render(fn (TooManyTries $fault): JsonResponse => new JsonResponse(['message' => $fault->getMessage()], 429, ['Retry-After' => (string) max(1, $fault->seconds)]));
        $exceptions->render(fn (Invalid $fault): JsonResponse => self::faults([$fault]));
        $exceptions->render(fn (InvalidEntries $faults): JsonResponse => self::faults($faults->faults));
        $exceptions->render(fn (NotFoundHttpException $exception): ?JsonResponse => self::noRecord($exception));
        $exceptions->render(fn (PDOException $exception, Request $request): JsonResponse|Response|null => self::databaseAway($exception, $request));
    }

    /** @param  non-empty-list<Invalid>  $faults */
    private static function faults(array $faults): JsonResponse
    {
        $errors = $choices = [];
        foreach ($faults as $fault) {
            $errors[$fault->field][] = $fault->getMessage();
            if ($fault->choices !== []) {
                $choices[$fault->field] = $fault->choices;
            }
        }

        return new JsonResponse(['message' => $faults[0]->getMessage(), 'errors' => $errors, 'choices' => (object) $choices], 422);
    }

    /** A record that is gone, or that somebody may not see: which of the two is not told. */
    private static function noRecord(NotFoundHttpException $exception): ?JsonResponse
    {
        return $exception->getPrevious() instanceof ModelNotFoundException
            ? new JsonResponse(['message' => 'This was not found; it may have been deleted. Reload the page.'], 404)
            : null;
    }

    private static function databaseAway(PDOException $exception, Request $request): JsonResponse|Response|null
    {
        $cause = $exception instanceof QueryException ? $exception->getPrevious() : $exception;
        $code = $cause instanceof PDOException ? (int) ($cause->errorInfo[1] ?? $cause->getCode()) : 0;
        if (! in_array($code, self::DATABASE_AWAY, true)) {
            return null;
        }
        $message = 'The records cannot be reached just now. Nothing is lost; try again in a moment.';

        return $request->is('api/*') || $request->expectsJson()
            ? new JsonResponse(['message' => $message], 503, ['Retry-After' => '5'])
            : new Response(view('away', ['message' => $message])->render(), 503, ['Retry-After' => '5']);
    }
}
