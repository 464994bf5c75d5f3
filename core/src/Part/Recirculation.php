<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Provenance;

/** The space between blade circle and housing through which air falls back inside a fan, by what covers its front corners. */
final readonly class Recirculation
{
    /** Share of the open area that tape or carton over the front corners leaves: 15 of 45 in2 for a 20 in box fan (assumed). */
    private const TAPED = 1.0 / 3.0;

    /**
     * @param  float  $open  m2, zero or more
     * @param  float  $taped  m2, corners taped or covered in front
     * @param  float  $shrouded  m2, with a shroud cut to the blade circle
     */
    private function __construct(public float $open, public float $taped, public float $shrouded, public BuiltInShroud $builtIn, public Provenance $provenance)
    {
    }

    /**
     * From `recirculation_open`, `recirculation_shrouded`, and `recirculation_taped` or a third of the open area, never less
     * than the shrouded one.
     *
     * @throws BadRecord
     */
    public static function read(Record $fan): self
    {
        $open = $fan->figure('recirculation_open', -1e-9);
        $shrouded = $fan->figure('recirculation_shrouded', -1e-9)->si;

        return new self(
            $open->si,
            $fan->optional('recirculation_taped', -1e-9)->si ?? max($shrouded, self::TAPED * $open->si),
            $shrouded,
            $fan->choice('built_in_shroud', BuiltInShroud::None),
            $open->provenance,
        );
    }
}
