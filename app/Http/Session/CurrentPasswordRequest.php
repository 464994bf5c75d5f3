<?php

namespace App\Http\Session;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'CurrentPasswordRequest', required: ['current_password'], properties: [new OA\Property(property: 'current_password', type: 'string')])]
class CurrentPasswordRequest extends AccountRequest
{
    public function rules(): array
    {
        return ['current_password' => $this->currentPasswordRules()];
    }
}
