<?php

namespace App\Http\Stock;

use App\Http\Shared\StrictRequest;
use App\Models\Build;
use App\Models\Programme;
use Illuminate\Validation\Rule;
use Jornel\Core\Kit\StockMove;
use Jornel\Core\Part\PartKind;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'StockRequest', required: ['kind', 'code', 'move', 'pieces'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: PartKind::STOCKED),
    new OA\Property(property: 'code', type: 'string'),
    new OA\Property(property: 'move', type: 'string', enum: ['bought', 'reserved', 'used', 'returned']),
    new OA\Property(property: 'pieces', type: 'integer', minimum: 1),
    new OA\Property(property: 'build', type: 'integer', nullable: true, description: 'That they are for, or come from'),
    new OA\Property(property: 'note', type: 'string', nullable: true),
])]
class StockRequest extends StrictRequest
{
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::in(PartKind::STOCKED)],
            'code' => ['required', 'string', 'max:80'],
            'move' => ['required', 'in:bought,reserved,used,returned'],
            'pieces' => ['required', 'integer', 'min:1', 'max:100000'],
            'build' => ['nullable', 'integer'],
            'note' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['pieces.*' => 'Say how many pieces, as a whole number.'];
    }

    public function kind(): PartKind
    {
        return PartKind::from($this->string('kind')->toString());
    }

    public function move(): StockMove
    {
        return StockMove::from($this->string('move')->toString());
    }

    /** A build of the same programme, or none; of a deleted room only to take its pieces back. */
    public function build(Programme $programme): ?Build
    {
        if ($this->validated('build') === null) {
            return null;
        }
        $builds = Build::query()->whereHas('room.site', fn ($site) => $site->where('programme_id', $programme->id));
        if ($this->move() !== StockMove::Returned) {
            $builds->whereIn('id', Build::ofRoomsThatAreThere()->select('id'));
        }

        return $builds->findOrFail($this->integer('build'));
    }
}
