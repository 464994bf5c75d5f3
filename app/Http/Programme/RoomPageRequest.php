<?php

namespace App\Http\Programme;

use App\Http\Shared\StrictRequest;

class RoomPageRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['after' => ['nullable', 'integer', 'min:0']];
    }
}
