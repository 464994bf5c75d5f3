<?php

namespace App\Http\Day;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PlanDayRequest', required: ['budget'], properties: [new OA\Property(property: 'budget', type: 'integer', description: 'Milliseconds that a shorter plan is looked for'), new OA\Property(property: 'revision', type: 'integer', nullable: true, description: 'Of the day that is planned; that of now where not given')])]
class PlanDayRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['budget' => ['required', 'integer', 'min:0', 'max:5000'], 'revision' => ['nullable', 'integer']];
    }
}
