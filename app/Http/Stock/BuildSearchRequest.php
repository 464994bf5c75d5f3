<?php

namespace App\Http\Stock;

use App\Http\Shared\StrictRequest;

class BuildSearchRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['search' => ['nullable', 'string', 'max:120']];
    }
}
