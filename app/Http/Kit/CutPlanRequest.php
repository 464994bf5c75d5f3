<?php

namespace App\Http\Kit;

use App\Http\Shared\Fields;
use App\Http\Shared\FieldType;
use App\Http\Shared\StrictRequest;
use Jornel\Core\Kit\CutPlanEntry;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'CutPlanRequest', required: ['kerf', 'margin', 'cartons', 'flaps', 'printed', 'sheets', 'pinned', 'revision'], properties: [
    new OA\Property(property: 'kerf', type: 'string', example: '1/8 in'), new OA\Property(property: 'margin', type: 'string'),
    new OA\Property(property: 'cartons', type: 'boolean', description: 'Whether the cartons of the fans are cut up first'),
    new OA\Property(property: 'flaps', type: 'boolean', description: 'Whether their flaps may be used'),
    new OA\Property(property: 'printed', type: 'integer', description: 'Large walls of each carton whose print is kept', minimum: 0, maximum: 2),
    new OA\Property(property: 'sheets', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'width', 'height', 'count', 'grain'], properties: [
        new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'width', type: 'string'), new OA\Property(property: 'height', type: 'string'),
        new OA\Property(property: 'count', type: 'integer'), new OA\Property(property: 'grain', type: 'string', enum: ['along', 'across', 'none']),
    ])),
    new OA\Property(property: 'pinned', type: 'array', items: new OA\Items(type: 'object', required: ['label', 'sheet', 'number', 'x_mm', 'y_mm', 'turn'], properties: [
        new OA\Property(property: 'label', type: 'string', description: 'With its number: A.2'), new OA\Property(property: 'sheet', type: 'string'), new OA\Property(property: 'number', type: 'integer'),
        new OA\Property(property: 'x_mm', type: 'number'), new OA\Property(property: 'y_mm', type: 'number'), new OA\Property(property: 'turn', type: 'integer'),
    ])),
    new OA\Property(property: 'revision', type: 'integer', description: 'The one that was changed; 0 for the first'),
])]
class CutPlanRequest extends StrictRequest
{
    public function rules(): array
    {
        $sheet = new Fields(['count' => FieldType::Whole] + array_fill_keys(['name', 'width', 'height', 'grain'], FieldType::Text), ['width', 'height', 'count']);
        $pinned = new Fields(['number' => FieldType::Whole, 'x_mm' => FieldType::Number, 'y_mm' => FieldType::Number, 'turn' => FieldType::Whole] + array_fill_keys(['label', 'sheet'], FieldType::Text), ['label', 'sheet', 'number', 'x_mm', 'y_mm', 'turn']);

        return [
            'kerf' => ['nullable', 'string', 'max:40'], 'margin' => ['nullable', 'string', 'max:40'],
            'cartons' => ['required', 'boolean'], 'flaps' => ['required', 'boolean'], 'printed' => ['required', 'integer', 'min:0', 'max:2'],
            'sheets' => ['present', 'array', 'max:'.CutPlanEntry::MOST_SHEETS], 'sheets.*' => [$sheet],
            'pinned' => ['present', 'array', 'max:'.CutPlanEntry::MOST_PINNED], 'pinned.*' => [$pinned],
            'revision' => ['required', 'integer', 'min:0'],
        ];
    }

    /** @return array<string, mixed> */
    public function written(): array
    {
        return [
            'kerf' => $this->string('kerf')->toString(), 'margin' => $this->string('margin')->toString(), 'cartons' => $this->boolean('cartons'), 'flaps' => $this->boolean('flaps'), 'printed' => $this->integer('printed'),
            'sheets' => array_map(fn (array $row): array => ['count' => (int) $row['count']] + $row, $this->rows('sheets')),
            'pinned' => array_map(fn (array $row): array => ['number' => (int) $row['number'], 'turn' => (int) $row['turn'], 'x_mm' => (float) $row['x_mm'], 'y_mm' => (float) $row['y_mm']] + $row, $this->rows('pinned')),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function rows(string $key): array
    {
        $rows = (array) $this->validated($key);
        ksort($rows);

        /** @var list<array<string, mixed>> */
        return array_values($rows);
    }
}
