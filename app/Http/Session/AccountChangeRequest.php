<?php

namespace App\Http\Session;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'AccountChangeRequest', required: ['name', 'email', 'current_password'], properties: [
    new OA\Property(property: 'name', type: 'string', maxLength: 80),
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'current_password', type: 'string'),
    new OA\Property(property: 'password', type: 'string', minLength: 12, nullable: true, description: 'A new one; ends every other session'),
])]
class AccountChangeRequest extends AccountRequest
{
    public function rules(): array
    {
        return [
            'name' => $this->nameRules(), 'email' => $this->emailRules(), 'current_password' => $this->currentPasswordRules(),
            'password' => ['nullable', ...array_slice($this->passwordRules(), 1)],
        ];
    }
}
