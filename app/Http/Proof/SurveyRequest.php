<?php

namespace App\Http\Proof;

use App\Evidence\SurveySetting;
use App\Http\Shared\Fields;
use App\Http\Shared\FieldType;
use App\Http\Shared\StrictRequest;
use App\Models\SurveyKind;
use Illuminate\Validation\Rule;
use Jornel\Core\Quantity\System;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'SurveyRequest', required: ['key', 'kind', 'setting'], properties: [
    new OA\Property(property: 'key', type: 'string', description: 'Of the client’s own: what is sent twice is kept once'),
    new OA\Property(property: 'kind', type: 'string', enum: ['tissue', 'traverse', 'decay', 'level', 'power', 'reach', 'ribbon', 'vapour']),
    new OA\Property(property: 'setting', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'), description: 'speed; of a traverse outlet, width, height, grid, across, up, filters, meter_percent; of a decay test weights; of a level distance'),
    new OA\Property(property: 'replaces', type: 'integer', nullable: true, description: 'Survey that it corrects'),
])]
class SurveyRequest extends StrictRequest
{
    public function rules(): array
    {
        return [
            'key' => ['required', 'string', 'regex:/^[A-Za-z0-9_-]{8,64}$/D'],
            'kind' => ['required', Rule::enum(SurveyKind::class)],
            'setting' => ['present', new Fields(array_fill_keys(SurveySetting::FIELDS, FieldType::Text))],
            'replaces' => ['nullable', 'integer'],
        ];
    }

    public function kind(): SurveyKind
    {
        return SurveyKind::from($this->string('kind')->toString());
    }

    /**
     * As it was written, judged.
     *
     * @return array<string, string>
     *
     * @throws \Jornel\Core\Fault\Invalid
     */
    public function setting(System $system): array
    {
        /** @var array<string, string|null> $written */
        $written = (array) $this->input('setting');

        return SurveySetting::judged($this->kind(), $written, $system);
    }
}
