<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Brick\Math\BigDecimal;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Part\Record;

/** Reads what running costs rest on. */
final class EconomyReader
{
    public static function read(?Record $economy): Economy
    {
        return $economy === null ? Economy::withoutEnergy() : Economy::of(
            BigDecimal::of((string) ($economy->optional('tariff', -1e-12)->si ?? 0.0)),
            $economy->optional('hours_per_day', -1e-12)->si ?? 8.0,
            $economy->optional('years', 0.0)->si ?? 2.0,
            (int) ($economy->optional('changes', -1.0)->si ?? 4.0),
        );
    }
}
