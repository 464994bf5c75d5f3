<?php

namespace App\Http\Requests;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'DraftRequest', required: ['work'], properties: [
    new OA\Property(property: 'work', type: 'string', description: 'JSON of an object, as the screen keeps it'),
])]
class DraftRequest extends StrictRequest
{
    /** Of what the screen keeps, bytes. */
    private const MOST = 200_000;

    public function rules(): array
    {
        return ['work' => ['required', 'string', 'json', 'max:'.self::MOST]];
    }

    /** @return array<string, mixed> */
    public function work(): array
    {
        $work = json_decode($this->string('work')->toString(), true, 64, JSON_THROW_ON_ERROR);

        /** @var array<string, mixed> */
        return is_array($work) ? $work : [];
    }
}
