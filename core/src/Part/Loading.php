<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/**
 * How a filter's drop grows with the dust in it: dP = dP_clean G^(m / M); beyond the capacity M along the tangent there,
 * G (1 + ln G (m / M - 1)).
 */
final readonly class Loading
{
    /** Growth G of the drop at capacity (assumed). */
    public const GROWTH = 2.5;

    /** Share of the finest bin's ln-penetration that a charged filter loses by the time it is at capacity (assumed). */
    private const CHARGE_LOSS = 0.4;

    /**
     * @param  float  $capacity  M, kg of fine test dust on this face, above 0
     * @param  float  $growth  G, above 1
     */
    public function __construct(public float $capacity, public float $growth = self::GROWTH)
    {
    }

    /** The same filter with another net face: capacity goes with it. */
    public function times(float $factor): self
    {
        return new self($this->capacity * $factor, $this->growth);
    }

    /**
     * @param  float  $share  m / M, zero or more
     * @return float factor on the clean drop, 1 or more
     */
    public function factor(float $share): float
    {
        return $share <= 1.0 ? $this->growth ** $share : $this->growth * (1.0 + log($this->growth) * ($share - 1.0));
    }

    /**
     * What charged (electret) media keep of the finest bin's ln-penetration: 1 - 0.4 min(1, m / M) (assumed).
     *
     * @param  float  $share  m / M, zero or more
     */
    public static function chargeKept(float $share): float
    {
        return 1.0 - self::CHARGE_LOSS * min(1.0, $share);
    }
}
