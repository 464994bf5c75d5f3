<?php

namespace App\Http\Question;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NeedRequest', required: ['answers'], properties: [
    new OA\Property(property: 'answers', type: 'object', description: 'Ids of answers by id of their question', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
])]
class NeedRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['answers' => ['present', 'array', 'max:20'], 'answers.*' => ['array', 'max:20'], 'answers.*.*' => ['string', 'max:40']];
    }

    /** @return array<string, list<string>> */
    public function answers(): array
    {
        /** @var array<string, list<string>> $answers */
        $answers = $this->validated('answers');

        return $answers;
    }
}
