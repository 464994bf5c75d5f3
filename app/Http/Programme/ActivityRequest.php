<?php

namespace App\Http\Programme;

use App\Http\Shared\StrictRequest;

class ActivityRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['before' => ['nullable', 'integer', 'min:1'], 'room' => ['nullable', 'integer', 'min:1']];
    }
}
