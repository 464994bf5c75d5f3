<?php

namespace App\Http\Stock;

use Jornel\Core\Kit\KitPart;
use Jornel\Core\Kit\ShoppingLine;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Kit\StockMove;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Kit', description: 'What a version takes: what of it is reserved for its build or in it, and what is left to buy')]
final readonly class KitData
{
    /** @param  list<array{name: string, needed: int, from_shelf: int, free: int, packs: string, left_over: int, price: string, note: string}>  $lines */
    private function __construct(
        #[OA\Property(items: new OA\Items(type: 'object', required: ['name', 'needed', 'from_shelf', 'free', 'packs', 'left_over', 'price', 'note'], properties: [
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'needed', type: 'integer'),
            new OA\Property(property: 'from_shelf', type: 'integer', description: 'Reserved to the build, or in it already'),
            new OA\Property(property: 'free', type: 'integer', description: 'In stock and not reserved'),
            new OA\Property(property: 'packs', type: 'string', description: 'That are bought; empty for none'), new OA\Property(property: 'left_over', type: 'integer'),
            new OA\Property(property: 'price', type: 'string'), new OA\Property(property: 'note', type: 'string'),
        ]))] public array $lines,
        #[OA\Property(description: 'Price of what is left to buy')] public string $to_buy,
        #[OA\Property(description: 'Pieces in stock that could be reserved for it')] public int $wanted,
        #[OA\Property(description: 'Pieces reserved for it')] public int $reserved,
        #[OA\Property(description: 'Pieces in it already')] public int $used,
    ) {
    }

    /** @param  list<KitPart>  $parts  of the same kit */
    public static function of(ShoppingList $kit, array $parts): self
    {
        $free = array_column($parts, 'free', 'part');
        $left = $kit->takingFrom(KitPart::secured($parts));

        return new self(
            array_map(fn (ShoppingLine $line): array => [
                'name' => $line->name, 'needed' => $line->needed, 'from_shelf' => $line->fromStock, 'free' => $free[$line->part] ?? 0,
                'packs' => $line->packs->text(),
                'left_over' => $line->packs->leftOver, 'price' => (string) $line->packs->price, 'note' => $line->note,
            ], $left->lines),
            (string) $left->firstCost(),
            array_sum(array_map(fn (KitPart $part): int => $part->moved(StockMove::Reserved), $parts)),
            array_sum(array_column($parts, 'reserved')),
            array_sum(array_column($parts, 'used')),
        );
    }
}
