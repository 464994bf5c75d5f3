<?php

namespace App\Http\Programme;

use App\Http\Shared\StrictRequest;
use App\Models\Programme;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SiteRequest', required: ['name'], properties: [new OA\Property(property: 'name', type: 'string', maxLength: 80)])]
class SiteRequest extends StrictRequest
{
    public function rules(): array
    {
        $programme = $this->route('programme');

        return ['name' => ['required', 'string', 'max:80', Rule::unique('sites')->where('programme_id', $programme instanceof Programme ? $programme->id : 0)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.unique' => 'There is a site of this name already.', 'name.required' => 'Give the site a name.'];
    }
}
