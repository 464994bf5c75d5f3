<?php

namespace App\Http\Stock;

use App\Models\Build;
use App\Models\StockMovement;
use Illuminate\Support\Collection;
use Jornel\Core\Kit\StockLine;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\PartKind;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Stock', description: 'What is in stock, what is reserved, and what moved last')]
final readonly class StockData
{
    /**
     * @param  list<array{kind: string, code: string, name: string, on_hand: int, reserved: int, free: int}>  $lines
     * @param  list<array{id: int, name: string, move: string, pieces: int, build: string, note: string, person: string, at: string}>  $movements
     * @param  list<array{id: int, name: string}>  $builds
     */
    private function __construct(
        #[OA\Property(items: new OA\Items(type: 'object', required: ['kind', 'code', 'name', 'on_hand', 'reserved', 'free'], properties: [
            new OA\Property(property: 'kind', type: 'string', enum: PartKind::STOCKED), new OA\Property(property: 'code', type: 'string'),
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'on_hand', type: 'integer'),
            new OA\Property(property: 'reserved', type: 'integer'), new OA\Property(property: 'free', type: 'integer'),
        ]))] public array $lines,
        #[OA\Property(items: new OA\Items(type: 'object', required: ['id', 'name', 'move', 'pieces', 'build', 'note', 'person', 'at'], properties: [
            new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'move', type: 'string', enum: ['bought', 'reserved', 'used', 'returned']), new OA\Property(property: 'pieces', type: 'integer'),
            new OA\Property(property: 'build', type: 'string'), new OA\Property(property: 'note', type: 'string'),
            new OA\Property(property: 'person', type: 'string'), new OA\Property(property: 'at', type: 'string', format: 'date-time'),
        ]))] public array $movements,
        #[OA\Property(description: 'Builds that pieces may be reserved to', items: new OA\Items(type: 'object', required: ['id', 'name'], properties: [
            new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string'),
        ]))] public array $builds,
    ) {
    }

    /**
     * @param  array<string, StockLine>  $lines  by kind and code
     * @param  Collection<int, StockMovement>  $movements  the latest first
     * @param  Collection<int, Build>  $builds
     */
    public static function of(array $lines, Collection $movements, Collection $builds, Catalogue $catalogue): self
    {
        $name = fn (PartKind $kind, string $code): string => $catalogue->all($kind)[$code]->name ?? $code;
        $told = [];
        foreach ($lines as $part => $line) {
            [$kind, $code] = PartKind::ofKey($part);
            $told[] = ['kind' => $kind->value, 'code' => $code, 'name' => $name($kind, $code), 'on_hand' => $line->onHand, 'reserved' => $line->reserved(), 'free' => $line->free()];
        }
        usort($told, fn (array $one, array $other): int => [$one['kind'], $one['name']] <=> [$other['kind'], $other['name']]);

        return new self(
            $told,
            array_values($movements->map(fn (StockMovement $movement): array => [
                'id' => $movement->id, 'name' => $name($movement->kind, $movement->code), 'move' => $movement->move->value, 'pieces' => $movement->pieces,
                'build' => $movement->build?->titleInProgramme() ?? '',
                'note' => $movement->note, 'person' => $movement->person->name ?? '', 'at' => $movement->created_at->toIso8601String(),
            ])->all()),
            array_values($builds->map(fn (Build $build): array => ['id' => $build->id, 'name' => $build->titleInProgramme()])->all()),
        );
    }
}
