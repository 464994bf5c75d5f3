<?php

namespace App\Http\Session;

use App\Models\Person;
use Illuminate\Auth\Access\Response;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'BeginningRequest', required: ['programme', 'name', 'email', 'password'], properties: [
    new OA\Property(property: 'programme', type: 'string', maxLength: 80, description: 'Its name'),
    new OA\Property(property: 'name', type: 'string', maxLength: 80, description: 'Of its organiser'),
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'password', type: 'string', minLength: 12),
])]
class BeginningRequest extends AccountRequest
{
    public function authorize(): Response
    {
        return config()->boolean('jornel.registration') || Person::query()->doesntExist()
            ? Response::allow()
            : Response::deny('Programmes are begun by invitation here. Ask an organiser for a link.');
    }

    public function rules(): array
    {
        return ['programme' => ['required', 'string', 'max:80'], 'name' => $this->nameRules(), 'email' => $this->emailRules(), 'password' => $this->passwordRules()];
    }

    /** @return array{name: string, email: string, password: string} */
    public function person(): array
    {
        return ['name' => $this->string('name')->trim()->toString(), 'email' => $this->string('email')->toString(), 'password' => $this->string('password')->toString()];
    }
}
