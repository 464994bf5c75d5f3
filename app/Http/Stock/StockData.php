<?php

namespace App\Http\Stock;

use Jornel\Core\Kit\StockLine;
use Jornel\Core\Part\PartKind;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Stock', description: 'What is in stock, what is reserved, and what moved last')]
final readonly class StockData
{
    /**
     * @param  list<array{kind: string, code: string, name: string, on_hand: int, reserved: int, free: int}>  $lines
     * @param  list<BuildNameData>  $builds
     */
    private function __construct(
        #[OA\Property(items: new OA\Items(type: 'object', required: ['kind', 'code', 'name', 'on_hand', 'reserved', 'free'], properties: [
            new OA\Property(property: 'kind', type: 'string', enum: PartKind::STOCKED), new OA\Property(property: 'code', type: 'string'),
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'on_hand', type: 'integer'),
            new OA\Property(property: 'reserved', type: 'integer'), new OA\Property(property: 'free', type: 'integer'),
        ]))] public array $lines,
        #[OA\Property(description: 'What moved last')] public MovementPageData $latest,
        #[OA\Property(description: 'Builds that pieces may be reserved for: so many at most, the others are searched for', items: new OA\Items(ref: BuildNameData::class))] public array $builds,
        #[OA\Property(description: 'Whether there are more of them than these')] public bool $has_more_builds,
    ) {
    }

    /**
     * @param  array<string, StockLine>  $lines  by kind and code
     * @param  list<BuildNameData>  $builds
     * @param  array<string, string>  $names  of parts, by kind and code
     */
    public static function of(array $lines, MovementPageData $latest, array $builds, array $names): self
    {
        $told = [];
        foreach ($lines as $part => $line) {
            [$kind, $code] = PartKind::ofKey($part);
            $told[] = ['kind' => $kind->value, 'code' => $code, 'name' => $names[$part] ?? $code, 'on_hand' => $line->onHand, 'reserved' => $line->reserved(), 'free' => $line->free()];
        }
        usort($told, fn (array $one, array $other): int => [$one['kind'], $one['name']] <=> [$other['kind'], $other['name']]);

        return new self($told, $latest, $builds, count($builds) >= BuildNameData::MOST);
    }
}
