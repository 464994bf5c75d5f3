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
     */
    public static function list(array $records): array
    {
        return array_map(
            fn (Record $record): self => new self((int) $record->number('count', 0.0)->si, BigDecimal::of((string) $record->number('price', -1e-9)->si)->toScale(2)),
            $records,
        );
    }
}
