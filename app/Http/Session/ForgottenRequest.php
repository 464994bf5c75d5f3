<?php

namespace App\Http\Session;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'ForgottenRequest', required: ['email'], properties: [new OA\Property(property: 'email', type: 'string')])]
class ForgottenRequest extends AccountRequest
{
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email:rfc', 'max:190']];
    }
}
