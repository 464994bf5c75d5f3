<?php

namespace App\Http\Programme;

use App\Http\Shared\StrictRequest;
use App\Models\Programme;
use App\Models\Site;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SiteRequest', required: ['name'], properties: [new OA\Property(property: 'name', type: 'string', maxLength: 80)])]
class SiteRequest extends StrictRequest
{
    public function rules(): array
    {
        [$programme, $site] = [$this->route('programme'), $this->route('site')];
        $of = match (true) {
            $programme instanceof Programme => $programme->id,
            $site instanceof Site => $site->programme_id,
            default => 0,
        };

        return ['name' => ['required', 'string', 'max:80', Rule::unique('sites')->where('programme_id', $of)->ignore($site)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.unique' => 'There is a site of this name already.', 'name.required' => 'Give the site a name.'];
    }
}
