<?php

namespace App\Http\Programme;

use App\Http\Shared\StrictRequest;
use App\Models\Programme;
use Illuminate\Contracts\Validation\Validator;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SiteOrderRequest', required: ['sites'], properties: [
    new OA\Property(property: 'sites', type: 'array', items: new OA\Items(type: 'integer'), description: 'All sites of the programme, in the order wanted'),
])]
class SiteOrderRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['sites' => ['required', 'array', 'max:1000'], 'sites.*' => ['integer', 'distinct']];
    }

    public function after(): array
    {
        return [...parent::after(), function (Validator $validator): void {
            $programme = $this->route('programme');
            if ($validator->errors()->isEmpty() && $programme instanceof Programme && array_diff($programme->sites()->get(['id'])->modelKeys(), $this->sites()) + array_diff($this->sites(), $programme->sites()->get(['id'])->modelKeys()) !== []) {
                $validator->errors()->add('sites', 'Somebody added or deleted a site meanwhile. Reload the page.');
            }
        }];
    }

    /** @return list<int> */
    public function sites(): array
    {
        return array_map(intval(...), array_values((array) $this->input('sites')));
    }
}
