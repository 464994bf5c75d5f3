<?php

namespace App\Http\Question;

use App\Http\Shared\Shown;
use Jornel\Core\Ledger\Finding;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Finding', description: 'One rule held against a build')]
final readonly class FindingData
{
    private function __construct(
        #[OA\Property] public string $rule,
        #[OA\Property(enum: ['meets', 'warns', 'short'])] public string $standing,
        #[OA\Property] public Shown $text,
        #[OA\Property(nullable: true, description: 'What would mend it')] public ?Shown $mend,
    ) {
    }

    public static function of(Finding $finding): self
    {
        return new self($finding->rule, $finding->standing->value, Shown::sentence($finding->text), $finding->mend === null ? null : Shown::sentence($finding->mend));
    }
}
