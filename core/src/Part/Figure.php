<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Provenance;

/** A number of a part with where it came from. */
final readonly class Figure
{
    /**
     * @param  float  $si  value in SI units
     * @param  string  $entry  as a person wrote it; empty for a shipped one
     * @param  string  $by  who measured it; empty where that was not kept
     * @param  string  $at  on which day
     */
    public function __construct(public float $si, public Provenance $provenance, public string $entry = '', public string $by = '', public string $at = '')
    {
    }
}
