<?php

namespace App\Http\Question;

use Jornel\Core\Kit\FilterLife;
use Jornel\Core\Kit\RunningCost;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Cost', description: 'In whole packs and with energy, in the programme’s currency')]
final readonly class CostData
{
    private function __construct(
        #[OA\Property] public string $first,
        #[OA\Property(description: 'One change of all filters')] public string $change,
        #[OA\Property(description: 'Over the span')] public string $energy,
        #[OA\Property(description: 'First cost, changes and energy over the span')] public string $total,
        #[OA\Property(example: '2 years')] public string $years,
        #[OA\Property(nullable: true, description: 'How long a set of filters lasts, which the total counts; null where they are never changed or differ from unit to unit', example: '9 months')] public ?string $filters_last,
        #[OA\Property(description: 'Over what it runs: “2 years, 4 changes, 8 h a day”')] public string $span,
    ) {
    }

    public static function of(RunningCost $cost): self
    {
        $terms = $cost->economy;

        return new self(
            (string) $cost->first, (string) $cost->change, (string) $cost->energyCost, (string) $cost->total,
            $terms->spanTold(), FilterLife::told($cost->lastsMonths()), $terms->told($cost->changes),
        );
    }
}
