<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Fit;

/** A piece of evidence against what all of it together, and what the rest without it, says. */
final readonly class EvidenceResidual
{
    /**
     * @param  float  $expected  by the fit, in the unit of the evidence
     * @param  float  $off  deviations from what the rest says
     */
    public function __construct(public Evidence $evidence, public float $expected, public float $off, public bool $isOutlier)
    {
    }
}
