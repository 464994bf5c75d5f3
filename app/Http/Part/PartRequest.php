<?php

namespace App\Http\Part;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PartRequest', required: ['name', 'like', 'figures', 'packs', 'revision'], properties: [
    new OA\Property(property: 'name', type: 'string', maxLength: 80),
    new OA\Property(property: 'like', type: 'string', description: 'The catalogue’s part whose other figures hold'),
    new OA\Property(property: 'figures', type: 'object', description: 'Figures of one’s own by their path; those not named are as shipped', additionalProperties: new OA\AdditionalProperties(type: 'object', required: ['entry', 'from'], properties: [
        new OA\Property(property: 'entry', type: 'string', example: '1,180 cfm'),
        new OA\Property(property: 'from', type: 'string', enum: ['measured', 'rated', 'typical', 'assumed']),
    ])),
    new OA\Property(property: 'points', type: 'array', description: 'Measured points in place of a fan’s two figures or a filter’s one; none for those', items: new OA\Items(type: 'object', required: ['along', 'pressure'], properties: [
        new OA\Property(property: 'along', type: 'string', example: '620 cfm'), new OA\Property(property: 'pressure', type: 'string', example: '0.11 inWC'),
    ])),
    new OA\Property(property: 'points_from', type: 'string', enum: ['measured', 'rated', 'typical', 'assumed']),
    new OA\Property(property: 'packs', type: 'array', description: 'Packs as they are sold; none for those of the part it is like', items: new OA\Items(type: 'object', required: ['count', 'price'], properties: [
        new OA\Property(property: 'count', type: 'integer'), new OA\Property(property: 'price', type: 'string'),
    ])),
    new OA\Property(property: 'revision', type: 'integer', description: 'The one that was changed; 0 for a new one'),
])]
class PartRequest extends StrictRequest
{
    public function rules(): array
    {
        return [
            'name' => ['nullable', 'string', 'max:200'], 'like' => ['required', 'string', 'max:80'],
            'figures' => ['present', 'array', 'max:60'], 'figures.*' => ['array'], 'figures.*.entry' => ['nullable', 'string', 'max:40'], 'figures.*.from' => ['nullable', 'string', 'max:20'],
            'points' => ['sometimes', 'array', 'max:40'], 'points.*' => ['array'], 'points.*.along' => ['nullable', 'string', 'max:40'], 'points.*.pressure' => ['nullable', 'string', 'max:40'], 'points_from' => ['nullable', 'string', 'max:20'],
            'packs' => ['present', 'array', 'max:20'], 'packs.*' => ['array'], 'packs.*.count' => ['nullable', 'integer'], 'packs.*.price' => ['nullable', 'string', 'max:20'],
            'revision' => ['required', 'integer'],
        ];
    }
}
