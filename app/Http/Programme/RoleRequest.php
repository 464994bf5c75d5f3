<?php

namespace App\Http\Programme;

use App\Http\Shared\StrictRequest;
use App\Models\Role;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RoleRequest', required: ['role'], properties: [new OA\Property(property: 'role', type: 'string', enum: ['organiser', 'builder', 'reader'])])]
class RoleRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['role' => ['required', Rule::enum(Role::class)]];
    }

    public function role(): Role
    {
        return Role::from($this->string('role')->toString());
    }
}
