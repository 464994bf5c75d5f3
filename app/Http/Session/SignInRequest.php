<?php

namespace App\Http\Session;

use App\Http\Shared\StrictRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SignInRequest', required: ['email', 'password'], properties: [
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'password', type: 'string'),
    new OA\Property(property: 'remember', type: 'boolean', description: 'Stay signed in on this device for thirty days'),
])]
class SignInRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:255'], 'password' => ['required', 'string', 'max:255'], 'remember' => ['boolean']];
    }
}
