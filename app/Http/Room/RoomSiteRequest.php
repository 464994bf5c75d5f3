<?php

namespace App\Http\Room;

use App\Http\Shared\StrictRequest;
use App\Models\Room;
use App\Models\Site;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RoomSiteRequest', required: ['site'], properties: [new OA\Property(property: 'site', type: 'integer', description: 'Of the same programme')])]
class RoomSiteRequest extends StrictRequest
{
    public function rules(): array
    {
        $room = $this->route('room');

        return ['site' => ['required', 'integer', Rule::exists('sites', 'id')->where('programme_id', $room instanceof Room ? $room->programmeId() : 0)->whereNull('deleted_at')]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['site.*' => 'Choose a site of this programme.'];
    }

    public function site(): Site
    {
        return Site::query()->findOrFail($this->integer('site'));
    }
}
