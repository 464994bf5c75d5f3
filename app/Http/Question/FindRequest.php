<?php

namespace App\Http\Question;

use App\Http\Shared\StrictRequest;
use App\Models\Build;
use Illuminate\Support\Facades\Gate;
use Jornel\Core\Finder\SearchProblem;
use Jornel\Core\Finder\Space\Range;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'FindRequest', required: ['room', 'goal', 'wishes'], properties: [
    new OA\Property(property: 'room', ref: '#/components/schemas/RoomEntries'),
    new OA\Property(property: 'goal', type: 'string', example: 'air-changes-5'),
    new OA\Property(property: 'beside', type: 'array', nullable: true, items: new OA\Items(ref: '#/components/schemas/Placement'), description: 'What stands in the room besides'),
    new OA\Property(property: 'programme', type: 'integer', nullable: true),
    new OA\Property(property: 'build', type: 'integer', nullable: true, description: 'Whose reserved pieces count as there'),
    new OA\Property(property: 'ticket', type: 'string', nullable: true, description: 'Of whoever asks: with it one is told one’s place instead of waiting, and can end the search'),
    new OA\Property(property: 'wishes', ref: '#/components/schemas/Wishes'),
])]
class FindRequest extends StrictRequest
{
    public function rules(): array
    {
        $text = ['nullable', 'string', 'max:40'];

        return [
            ...$this->roomRules(), ...$this->goalRules(), ...$this->besideRules(),
            'ticket' => ['nullable', 'string', 'regex:/^[A-Za-z0-9-]{8,64}$/'],
            'programme' => ['nullable', 'integer'],
            'build' => ['nullable', 'integer'],
            'wishes' => ['required', 'array'],
            'wishes.level' => $text, 'wishes.seat' => $text, 'wishes.first_cost' => $text, 'wishes.total_cost' => $text,
            'wishes.footprint' => $text, 'wishes.height' => $text, 'wishes.power' => $text, 'wishes.minutes' => $text,
            'wishes.tools' => ['nullable', 'array'], 'wishes.tools.*' => ['string', 'max:40'],
            'wishes.skills' => ['nullable', 'array'], 'wishes.skills.*' => ['string', 'max:40'],
            'wishes.from_stock' => ['required', 'boolean'], 'wishes.windows' => ['required', 'boolean'], 'wishes.sure' => ['nullable', 'numeric', 'min:'.SearchProblem::SURE_RANGE[0], 'max:'.SearchProblem::SURE_RANGE[1]], 'wishes.prefilters' => ['nullable', 'boolean'], 'wishes.trials' => ['nullable', 'boolean'], 'wishes.coarser' => ['required', 'boolean'],
            'wishes.units' => ['required', 'integer', 'min:1', 'max:'.Range::MOST_UNITS],
        ];
    }

    /** @return array<string, mixed> */
    public function wishes(): array
    {
        /** @var array<string, mixed> $wishes */
        $wishes = $this->validated('wishes');

        return $wishes;
    }

    public function ticket(): string
    {
        return $this->string('ticket')->toString();
    }

    public function build(): ?Build
    {
        if ($this->validated('build') === null) {
            return null;
        }
        $build = Build::ofRoomsThatAreThere()->with('room.site')->findOrFail($this->integer('build'));
        Gate::authorize('view', $build);

        return $build;
    }
}
