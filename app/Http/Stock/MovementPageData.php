<?php

namespace App\Http\Stock;

use App\Models\Programme;
use App\Models\StockMovement;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'StockMovements', description: 'What moved, the latest first, a page of it')]
final readonly class MovementPageData
{
    private const PER_PAGE = 60;

    /** @param  list<array{id: int, name: string, move: string, pieces: int, build: string, note: string, person: string, at: string}>  $movements */
    private function __construct(
        #[OA\Property(items: new OA\Items(type: 'object', required: ['id', 'name', 'move', 'pieces', 'build', 'note', 'person', 'at'], properties: [
            new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'move', type: 'string', enum: ['bought', 'reserved', 'used', 'returned']), new OA\Property(property: 'pieces', type: 'integer'),
            new OA\Property(property: 'build', type: 'string'), new OA\Property(property: 'note', type: 'string'),
            new OA\Property(property: 'person', type: 'string'), new OA\Property(property: 'at', type: 'string', format: 'date-time'),
        ]))] public array $movements,
        #[OA\Property(description: 'Whether there are earlier ones')] public bool $has_earlier,
    ) {
    }

    /**
     * @param  array<string, string>  $names  of parts, by kind and code
     * @param  int|null  $before  number of a movement
     */
    public static function of(Programme $programme, array $names, ?int $before = null): self
    {
        $movements = StockMovement::query()->where('programme_id', $programme->id)->with(['build.room', 'person']);
        if ($before !== null) {
            $movements->where('id', '<', $before);
        }
        // MariaDB would read all of a programme to find a page in the middle.
        $movements->forceIndex('stock_movements_page')->orderByDesc('id')->limit(self::PER_PAGE + 1);
        $page = $movements->get();

        return new self(
            array_values($page->take(self::PER_PAGE)->map(fn (StockMovement $movement): array => [
                'id' => $movement->id, 'name' => $names[$movement->kind->key($movement->code)] ?? $movement->code, 'move' => $movement->move->value, 'pieces' => $movement->pieces,
                'build' => $movement->build?->titleInProgramme() ?? '',
                'note' => $movement->note, 'person' => $movement->person->name ?? '', 'at' => $movement->created_at->toIso8601String(),
            ])->all()),
            $page->count() > self::PER_PAGE,
        );
    }
}
