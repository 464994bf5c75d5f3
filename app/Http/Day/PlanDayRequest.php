<?php

namespace App\Http\Day;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PlanDayRequest', required: ['budget'], properties: [new OA\Property(property: 'budget', type: 'integer', description: 'Milliseconds that a shorter plan is looked for')])]
class PlanDayRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['budget' => ['required', 'integer', 'min:0', 'max:5000']];
    }
}
