<?php

namespace App\Http\Question;

use App\Http\Shared\Fields;
use App\Http\Shared\FieldType;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PlanEditRequest', required: ['room', 'edit'], properties: [new OA\Property(property: 'edit', ref: '#/components/schemas/PlanChangeRequest')])]
class PlanEditRequest extends PlanRequest
{
    public const WHAT = ['rectangle', 'move-corner', 'move-wall', 'add-corner', 'add-recess', 'remove-corner', 'move-thing', 'remove-thing', 'put'];

    public function rules(): array
    {
        $numbers = array_fill_keys(['index', 'x', 'y', 'x2', 'y2', 'near', 'wall'], FieldType::Number);

        return [...parent::rules(), 'edit' => ['required', new Fields($numbers + ['what' => FieldType::Text, 'kind' => FieldType::Text], ['what'])]];
    }

    /** @return list<mixed> of the room’s entries */
    public function rows(string $field): array
    {
        $rows = $this->input("room.{$field}");

        return is_array($rows) ? array_values($rows) : [];
    }

    public function number(string $field): float
    {
        return (float) $this->input("edit.{$field}", 0.0);
    }
}
