<?php

namespace App\Http\Programme;

use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'InviteRequest', required: ['role'], properties: [
    new OA\Property(property: 'role', type: 'string', enum: ['organiser', 'builder', 'reader']),
    new OA\Property(property: 'email', type: 'string', nullable: true, description: 'Where the link is sent to; without it nothing is sent'),
])]
class InviteRequest extends RoleRequest
{
    public function rules(): array
    {
        return parent::rules() + ['email' => ['nullable', 'string', 'email:rfc', 'max:190']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['email.email' => 'This is no email address.'];
    }
}
