<?php

namespace App\Http\Middleware;

use App\Http\Shared\StrictRequest;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use OpenApi\Annotations\Operation;
use OpenApi\Annotations\Parameter;
use ReflectionAttribute;
use ReflectionMethod;
use stdClass;
use Symfony\Component\HttpFoundation\Response;

/** What stands after the question mark is judged as a body is, by what the description of the interface says of each route. */
final class JudgeQuery
{
    private const LONGEST = 400;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $route = $request->route();
        if ($request->query->count() === 0) {
            return $next($request);
        }
        $known = self::parameters($route);
        $errors = [];
        foreach ($request->query->all() as $name => $value) {
            $fault = self::fault($known[$name] ?? null, $value);
            if ($fault !== null) {
                $errors[mb_scrub((string) $name)] = [$fault];
            }
        }

        return $errors === [] ? $next($request) : new JsonResponse(['message' => reset($errors)[0], 'errors' => $errors, 'choices' => new stdClass], 422);
    }

    /** @return array<string, Parameter> by name */
    private static function parameters(Route $route): array
    {
        $action = $route->getActionName();
        if (! str_contains($action, '@')) {
            return [];
        }
        $parameters = [];
        foreach ((new ReflectionMethod(...explode('@', $action, 2)))->getAttributes(Operation::class, ReflectionAttribute::IS_INSTANCEOF) as $attribute) {
            // Where none is told there is a word instead of a list.
            foreach ((array) $attribute->newInstance()->parameters as $parameter) {
                // @phpstan-ignore instanceof.alwaysTrue (it is that word else)
                if ($parameter instanceof Parameter && $parameter->in === 'query') {
                    $parameters[$parameter->name] = $parameter;
                }
            }
        }

        return $parameters;
    }

    private static function fault(?Parameter $parameter, mixed $value): ?string
    {
        if ($parameter === null) {
            return StrictRequest::UNKNOWN;
        }
        if ($value === null) {
            return null;
        }
        if (! is_string($value) || ! mb_check_encoding($value, 'UTF-8') || preg_match('/[\x00-\x1F\x7F]/', $value) === 1 || strlen($value) > self::LONGEST) {
            return 'This must be a text of one line.';
        }
        $schema = $parameter->schema;
        $choices = is_array($schema->enum) ? array_map(fn (mixed $one): string => is_scalar($one) ? (string) $one : '', $schema->enum) : null;
        [$least, $most] = [self::bound($schema->minimum) ?? -INF, self::bound($schema->maximum) ?? INF];

        return match (true) {
            $choices !== null && ! in_array($value, $choices, true) => 'This must be one of: '.implode(', ', $choices).'.',
            $schema->type === 'integer' && preg_match('/^-?\d{1,15}$/D', $value) !== 1 => 'This must be a whole number.',
            $schema->type === 'number' && (! is_numeric($value) || ! is_finite((float) $value)) => 'This must be a number.',
            in_array($schema->type, ['integer', 'number'], true) && ((float) $value < $least || (float) $value > $most) => 'This is too small or too large.',
            default => null,
        };
    }

    private static function bound(mixed $bound): ?float
    {
        return is_numeric($bound) ? (float) $bound : null;
    }
}
