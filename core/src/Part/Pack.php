<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Brick\Math\BigDecimal;

/** A pack as it is sold. */
final readonly class Pack
{
    /** @param  int  $count pieces in it, 1 or more */
    public function __construct(public int $count, public BigDecimal $price)
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
    private static function price(float $price, string $path): BigDecimal
    {
        $hundredths = round(100.0 * $price);

        return abs(100.0 * $price - $hundredths) < 1e-6 ? BigDecimal::ofUnscaledValue((int) $hundredths, 2) : throw BadRecord::notAPrice($path);
    }
}
