<?php

namespace App\Http\Session;

use App\Http\Shared\StrictRequest;
use App\Models\Person;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Password;

/** What is known of a person, as they write it. */
abstract class AccountRequest extends StrictRequest
{
    protected function prepareForValidation(): void
    {
        parent::prepareForValidation();
        if (is_string($this->input('email'))) {
            $this->merge(['email' => Person::normalEmail($this->string('email')->toString())]);
        }
    }

    /** @return list<mixed> */
    protected function nameRules(): array
    {
        return ['required', 'string', 'max:80'];
    }

    /** @return list<mixed> */
    protected function emailRules(): array
    {
        return ['required', 'string', 'email:rfc', 'max:190', Rule::unique('people')->ignore($this->user())];
    }

    /** @return list<mixed> */
    protected function passwordRules(): array
    {
        return ['required', 'string', Password::default()];
    }

    /** @return list<mixed> of the one that holds now */
    protected function currentPasswordRules(): array
    {
        return ['required', 'string', 'current_password:web'];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'programme.required' => 'Give the programme a name.',
            'name.required' => 'Say who you are.',
            'email.required' => 'An email address is needed.',
            'email.email' => 'This is no email address.',
            'email.unique' => 'There is an account with this address already. Sign in with it.',
            'password.required' => 'Choose a password.',
            'password.min' => 'A password has twelve characters or more.',
            'current_password.required' => 'Enter the password that holds now.',
            'current_password.current_password' => 'This is not the password that holds now.',
        ];
    }
}
