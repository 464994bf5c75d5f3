<?php

namespace App\Http\Session;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'InvitationRequest', description: 'Of whoever has no account yet; nothing of whoever is signed in', properties: [
    new OA\Property(property: 'name', type: 'string', maxLength: 80), new OA\Property(property: 'email', type: 'string'), new OA\Property(property: 'password', type: 'string', minLength: 12),
])]
class InvitationRequest extends AccountRequest
{
    public function rules(): array
    {
        return $this->user() !== null
            ? ['name' => ['prohibited'], 'email' => ['prohibited'], 'password' => ['prohibited']]
            : ['name' => $this->nameRules(), 'email' => $this->emailRules(), 'password' => $this->passwordRules()];
    }
}
