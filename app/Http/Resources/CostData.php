<?php

namespace App\Http\Resources;

use Jornel\Core\Kit\ShoppingList;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Cost', description: 'In whole packs, without energy, in the programme’s currency')]
final readonly class CostData
{
    private function __construct(
        #[OA\Property] public string $first,
        #[OA\Property(description: 'One change of all filters')] public string $change,
        #[OA\Property(description: 'First cost and four changes')] public string $twoYears,
    ) {
    }

    public static function of(ShoppingList $list): self
    {
        return new self((string) $list->firstCost(), (string) $list->changeCost(), (string) $list->twoYearCost());
    }
}
