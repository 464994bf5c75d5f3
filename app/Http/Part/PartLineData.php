<?php

namespace App\Http\Part;

use Jornel\Core\Part\PartKind;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'PartLine', description: 'A part in the list of a programme’s parts')]
final readonly class PartLineData
{
    public function __construct(
        #[OA\Property(enum: PartKind::class)] public string $kind,
        #[OA\Property] public string $code,
        #[OA\Property] public string $name,
        #[OA\Property] public string $group,
        #[OA\Property(nullable: true, description: 'Of one piece, in the smallest pack')] public ?string $price,
        #[OA\Property(enum: ['catalogue', 'changed', 'own'], description: 'As shipped, with figures of the programme’s own, or wholly its own')] public string $standing,
    ) {
    }
}
