<?php

namespace App\Http\Day;

use App\Http\Shared\StrictRequest;
use App\Models\BuildDay;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SetAsideRequest', required: ['units', 'revision'], properties: [
    new OA\Property(property: 'units', type: 'array', items: new OA\Items(type: 'integer'), description: 'Numbers on the day of all units that cannot go on'), new OA\Property(property: 'revision', type: 'integer'),
])]
class SetAsideRequest extends StrictRequest
{
    public function rules(): array
    {
        /** @var BuildDay $day */
        $day = $this->route('day');

        return ['units' => ['present', 'array'], 'units.*' => ['integer', 'min:1', 'distinct', 'max:'.array_sum(array_column($day->written['units'], 'count'))], 'revision' => ['required', 'integer']];
    }

    /** @return list<int> */
    public function numbers(): array
    {
        return array_values(array_map(fn (mixed $unit): int => (int) $unit, (array) $this->validated('units')));
    }
}
