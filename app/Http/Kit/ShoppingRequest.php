<?php

namespace App\Http\Kit;

use App\Http\Shared\StrictRequest;

class ShoppingRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['rooms' => ['nullable', 'string', 'max:2000', 'regex:/^\d{1,18}(,\d{1,18})*$/']];
    }

    /** @return list<int>|null null for all */
    public function rooms(): ?array
    {
        $rooms = $this->string('rooms')->toString();

        return $rooms === '' ? null : array_map(intval(...), explode(',', $rooms));
    }
}
