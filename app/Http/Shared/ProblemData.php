<?php

namespace App\Http\Shared;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Problem', description: 'What was wrong, at which field, and what could be meant instead')]
final readonly class ProblemData
{
    /** Described for the interface; made in App\Exceptions\Rendering. */
    private function __construct(
        #[OA\Property] public string $message,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')))] public object $errors,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')))] public object $choices,
    ) {
    }
}
