<?php

namespace App\Http\Proof;

use App\Http\Shared\StrictRequest;
use Illuminate\Validation\Rule;
use Jornel\Core\Part\PartKind;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MeasuredRequest', required: ['kind'], properties: [new OA\Property(property: 'kind', type: 'string', enum: ['fan', 'filter', 'joining'])])]
class MeasuredRequest extends StrictRequest
{
    public function rules(): array
    {
        return ['kind' => ['required', Rule::enum(PartKind::class)]];
    }

    public function kind(): PartKind
    {
        return PartKind::from($this->string('kind')->toString());
    }
}
