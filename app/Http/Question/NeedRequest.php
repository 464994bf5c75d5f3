<?php

namespace App\Http\Question;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NeedRequest', required: ['answers'], properties: [
    new OA\Property(property: 'answers', type: 'object', description: 'Ids of answers by id of their question', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
    new OA\Property(property: 'room', ref: '#/components/schemas/RoomEntries', description: 'As it is written down so far: of two rules the one that needs more in it is set'),
])]
class NeedRequest extends StrictRequest
{
    public function rules(): array
    {
        $room = $this->roomRules()['room'];
        $room[0] = 'nullable';

        return ['answers' => ['present', 'array', 'max:20'], 'answers.*' => ['array', 'max:20'], 'answers.*.*' => ['string', 'max:40'], 'room' => $room];
    }

    /** @return array<string, list<string>> */
    public function answers(): array
    {
        /** @var array<string, list<string>> $answers */
        $answers = $this->validated('answers');

        return $answers;
    }
}
