<?php

namespace App\Http\Guide;

use App\Http\Shared\StrictRequest;

class StepRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['turn' => ['nullable', 'integer', 'min:-360', 'max:360'], 'large' => ['nullable', 'boolean']];
    }
}
