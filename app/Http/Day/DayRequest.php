<?php

namespace App\Http\Day;

use App\Actions\BuildDays;
use App\Http\Shared\StrictRequest;
use App\Models\BuildDay;
use Illuminate\Validation\Rule;
use Jornel\Core\Guide\GuideStep;
use Jornel\Core\Guide\Work;
use OpenApi\Attributes as OA;

/**
 * @phpstan-import-type Written from BuildDay
 */
#[OA\Schema(schema: 'DayRequest', required: ['name', 'starts_at', 'units', 'people', 'tools', 'tables', 'breaks'], properties: [
    new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'starts_at', type: 'string', description: 'As 2026-12-05T09:30'),
    new OA\Property(property: 'units', type: 'array', items: new OA\Items(type: 'object', required: ['version', 'count'], properties: [new OA\Property(property: 'version', type: 'integer'), new OA\Property(property: 'count', type: 'integer')])),
    new OA\Property(property: 'people', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'skills', 'adult', 'from', 'to'], properties: [
        new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'skills', type: 'array', items: new OA\Items(type: 'string')), new OA\Property(property: 'adult', type: 'boolean'),
        new OA\Property(property: 'from', type: 'integer', description: 'Minutes after the beginning'), new OA\Property(property: 'to', type: 'integer', nullable: true, description: 'Null for whoever stays'),
    ])),
    new OA\Property(property: 'tools', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'), description: 'How many there are of each that is shared'),
    new OA\Property(property: 'tables', type: 'integer'),
    new OA\Property(property: 'breaks', type: 'array', items: new OA\Items(type: 'object', required: ['from', 'to'], properties: [new OA\Property(property: 'from', type: 'integer'), new OA\Property(property: 'to', type: 'integer')])),
    new OA\Property(property: 'revision', type: 'integer'),
])]
class DayRequest extends StrictRequest
{
    private const MINUTES = ['integer', 'min:0', 'max:1440'];

    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'], 'starts_at' => ['required', 'string', 'regex:/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/D', 'date'],
            'units' => ['present', 'array', 'max:20'], 'units.*' => ['array:version,count'], 'units.*.version' => ['required', 'integer', 'min:1', 'max:999999999999'], 'units.*.count' => ['required', 'integer', 'min:1', 'max:'.BuildDays::MOST_UNITS],
            'people' => ['present', 'array', 'max:100'], 'people.*' => ['array:name,skills,adult,from,to'], 'people.*.name' => ['required', 'string', 'max:60', 'distinct'],
            'people.*.skills' => ['present', 'array', 'max:20'], 'people.*.skills.*' => ['string', Rule::in(self::skills())], 'people.*.adult' => ['required', 'boolean'],
            'people.*.from' => ['required', ...self::MINUTES], 'people.*.to' => ['nullable', 'gt:people.*.from', ...self::MINUTES],
            'tools' => ['present', 'array', 'max:30'], 'tools.*' => ['integer', 'min:0', 'max:100'],
            'tables' => ['required', 'integer', 'min:1', 'max:60'],
            'breaks' => ['present', 'array', 'max:12'], 'breaks.*' => ['array:from,to'], 'breaks.*.from' => ['required', ...self::MINUTES], 'breaks.*.to' => ['required', 'gt:breaks.*.from', ...self::MINUTES],
            'revision' => [$this->isMethod('PUT') ? 'required' : 'prohibited', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['people.*.to.gt' => 'They must go after they come.', 'breaks.*.to.gt' => 'A break must end after it begins.', 'people.*.name.distinct' => 'This name is there twice.'];
    }

    /** @return list<string> */
    public static function skills(): array
    {
        return [...Work::SKILLS, GuideStep::CHECKING];
    }

    /** @return Written */
    public function written(): array
    {
        $rows = function (string $key): array {
            $rows = (array) $this->validated($key);
            ksort($rows);

            return array_values($rows);
        };

        return [
            'units' => array_map(fn (array $row): array => ['version' => (int) $row['version'], 'count' => (int) $row['count']], $rows('units')),
            'people' => array_map(fn (array $row): array => ['name' => (string) $row['name'], 'skills' => array_values(array_map(strval(...), (array) $row['skills'])), 'adult' => (bool) $row['adult'], 'from' => (int) $row['from'], 'to' => isset($row['to']) ? (int) $row['to'] : null], $rows('people')),
            'tools' => array_map(intval(...), (array) $this->validated('tools')),
            'tables' => $this->integer('tables'),
            'breaks' => array_map(fn (array $row): array => ['from' => (int) $row['from'], 'to' => (int) $row['to']], $rows('breaks')),
        ];
    }
}
