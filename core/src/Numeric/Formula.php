<?php

declare(strict_types=1);

namespace Jornel\Core\Numeric;

/**
 * A formula in letters, and the same with its figures put in: arithmetic that anybody can do again, with `×`, `/`, `^`, `²`
 * and functions such as `sqrt(...)`.
 */
final readonly class Formula
{
    public function __construct(public string $letters, public string $filled)
    {
    }

    /** A figure with five digits, as it stands in a formula. */
    public static function figure(float $value): string
    {
        return sprintf('%.5g', $value);
    }

    /** @param  string  $format  with %s for each figure */
    public static function of(string $letters, string $format, float ...$figures): self
    {
        return new self($letters, vsprintf($format, array_map(self::figure(...), $figures)));
    }
}
