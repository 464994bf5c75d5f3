<?php

namespace App\Http\Stock;

use App\Http\Shared\StrictRequest;

class MovementPageRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['before' => ['nullable', 'integer', 'min:1']];
    }
}
