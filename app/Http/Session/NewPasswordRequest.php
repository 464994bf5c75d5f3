<?php

namespace App\Http\Session;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'NewPasswordRequest', required: ['email', 'password'], properties: [
    new OA\Property(property: 'email', type: 'string'), new OA\Property(property: 'password', type: 'string', minLength: 12),
])]
class NewPasswordRequest extends AccountRequest
{
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:190'], 'password' => $this->passwordRules()];
    }
}
