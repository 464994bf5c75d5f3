<?php

namespace App\Http\Room;

use App\Actions\Places;
use App\Http\Shared\StrictRequest;
use Illuminate\Contracts\Validation\Validator;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'CopiesRequest', required: ['count', 'name', 'from'], properties: [
    new OA\Property(property: 'count', type: 'integer', minimum: 1, maximum: 40),
    new OA\Property(property: 'name', type: 'string', maxLength: 80, example: 'Classroom #', description: '# stands for the number'),
    new OA\Property(property: 'from', type: 'integer', minimum: 0, description: 'Number of the first'),
])]
class CopiesRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['count' => ['required', 'integer', 'min:1', 'max:40'], 'name' => ['required', 'string', 'max:80'], 'from' => ['required', 'integer', 'min:0', 'max:9999']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['count.*' => 'Say how many, from 1 to 40.', 'name.required' => 'Say what they are called.', 'from.*' => 'Say with which number they begin.'];
    }

    public function after(): array
    {
        return [...parent::after(), function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && $this->integer('count') > 1 && ! str_contains($this->string('name')->toString(), Places::NUMBER)) {
                $validator->errors()->add('name', 'Put a # where the number goes, as in “Classroom #”.');
            }
        }];
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(
            fn (int $number): string => str_replace(Places::NUMBER, (string) $number, $this->string('name')->trim()->toString()),
            range($this->integer('from'), $this->integer('from') + $this->integer('count') - 1),
        );
    }
}
