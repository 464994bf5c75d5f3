<?php

namespace App\Http\Question;

use Jornel\Core\Ledger\Comparison;
use Jornel\Core\Ledger\Ledger;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Comparison', description: 'Several builds for one room, each with its ledger and what it is best at')]
final readonly class ComparisonData
{
    /** @param  list<array{ledger: LedgerData, bests: list<string>}>  $columns */
    private function __construct(
        #[OA\Property(items: new OA\Items(type: 'object', required: ['ledger', 'bests'], properties: [
            new OA\Property(property: 'ledger', ref: LedgerData::class), new OA\Property(property: 'bests', type: 'array', items: new OA\Items(type: 'string')),
        ]))] public array $columns,
    ) {
    }

    /** @param  list<Ledger>  $ledgers */
    public static function of(array $ledgers): self
    {
        return new self(array_map(fn (Ledger $ledger, array $bests): array => ['ledger' => LedgerData::of($ledger), 'bests' => $bests], $ledgers, Comparison::bests($ledgers)));
    }
}
