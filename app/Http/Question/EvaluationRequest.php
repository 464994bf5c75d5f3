<?php

namespace App\Http\Question;

use App\Http\Shared\StrictRequest;
use App\Models\Version;
use Illuminate\Support\Facades\Gate;
use Jornel\Core\Drawing\View;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'EvaluationRequest', required: ['room', 'goal'], properties: [
    new OA\Property(property: 'room', ref: '#/components/schemas/RoomEntries'),
    new OA\Property(property: 'goal', type: 'string', example: 'air-changes-5'),
    new OA\Property(property: 'unit', ref: '#/components/schemas/Choices', nullable: true),
    new OA\Property(property: 'beside', type: 'array', nullable: true, items: new OA\Items(ref: '#/components/schemas/Placement'), description: 'What stands in the room besides'),
    new OA\Property(property: 'programme', type: 'integer', nullable: true, description: 'Whose own parts and settings hold'),
    new OA\Property(property: 'view', type: 'object', nullable: true, description: 'From which the unit is drawn', required: ['turn', 'apart'], properties: [
        new OA\Property(property: 'turn', type: 'integer', description: 'Degrees to the right'), new OA\Property(property: 'apart', type: 'boolean'),
    ]),
    new OA\Property(property: 'drawn', type: 'array', nullable: true, items: new OA\Items(type: 'string'), maxItems: self::MOST_DRAWN, description: 'Marks of drawings whose strokes are there already'),
    new OA\Property(property: 'version', type: 'integer', nullable: true, description: 'Version whose copies of part figures go before today’s'),
])]
class EvaluationRequest extends StrictRequest
{
    private const MOST_DRAWN = 12;

    public function rules(): array
    {
        return [...$this->roomRules(), ...$this->goalRules(), ...$this->unitRules('nullable'), ...$this->besideRules(), 'version' => ['nullable', 'integer'], 'programme' => ['nullable', 'integer'],
            'view' => ['nullable', 'array'], 'view.turn' => ['required_with:view', 'integer', 'between:-360,360'], 'view.apart' => ['required_with:view', 'boolean'],
            'drawn' => ['nullable', 'array', 'max:'.self::MOST_DRAWN], 'drawn.*' => ['string', 'max:40'],
        ];
    }

    public function view(): View
    {
        return new View($this->integer('view.turn'), $this->boolean('view.apart'));
    }

    /** @return list<string> marks of drawings */
    public function drawn(): array
    {
        /** @var list<string> */
        return array_values((array) $this->validated('drawn'));
    }

    public function version(): ?Version
    {
        if ($this->validated('version') === null) {
            return null;
        }
        $version = Version::withProgramme($this->integer('version'));
        Gate::authorize('view', $version);

        return $version;
    }
}
