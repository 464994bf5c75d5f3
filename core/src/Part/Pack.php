<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Money;

/** A pack as it is sold. */
final readonly class Pack
{
    /** @param  int  $count pieces in it, 1 or more */
    public function __construct(public int $count, public Money $price)
    {
    }

    /**
     * @param  list<Record>  $records
     * @return list<self>
     *
     * @throws BadRecord
     */
    public static function list(array $records): array
    {
        return array_map(
            fn (Record $record): self => new self((int) $record->number('count', 0.0)->si, self::price($record->number('price', -1e-9)->si, $record->path('price'))),
            $records,
        );
    }

    /** @throws BadRecord for parts of a hundredth */
    private static function price(float $price, string $path): Money
    {
        return Money::ofNumber($price) ?? throw BadRecord::notAPrice($path);
    }
}
