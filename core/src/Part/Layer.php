<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** One sheet of media that air goes through, with the net area it goes through. */
final readonly class Layer
{
    /**
     * @param  float  $netArea  m2, above 0
     * @param  float  $ratedVelocity  face velocity above which dust is driven through, m/s
     * @param  Loading|null  $loading  of this area; null where its capacity is not known
     */
    public function __construct(
        public float $netArea,
        public PressureLaw $law,
        public Efficiency $efficiency,
        public float $ratedVelocity,
        public ?Loading $loading = null,
    ) {
    }

    /**
     * A filter of which so much is open to the air.
     *
     * @param  float  $netArea  m2
     */
    public static function of(Filter $filter, float $netArea): self
    {
        return new self($netArea, $filter->pressureLaw, $filter->efficiency, $filter->ratedVelocity, $filter->loading?->times($netArea / $filter->netArea()));
    }

    /**
     * The same with dust in it: the drop grows. Where its capacity is not known nothing changes.
     *
     * @param  float  $share  of the capacity for that dust, zero or more
     */
    public function loaded(float $share): self
    {
        return $this->loading === null ? $this : new self($this->netArea, $this->law->scaled($this->loading->factor($share)), $this->efficiency, $this->ratedVelocity, $this->loading);
    }

    /**
     * The same after its charge has gone with fine smoke.
     *
     * @param  float  $share  of the capacity, zero or more
     */
    public function discharged(float $share): self
    {
        return new self($this->netArea, $this->law, $this->efficiency->withFinestKept(Loading::chargeKept($share)), $this->ratedVelocity, $this->loading);
    }

    /**
     * The same with other figures than the rated ones: as measured, or drawn from what is known of them.
     *
     * @param  float  $drop  factor on the pressure drop
     * @param  float  $lnPenetration  factor on the logarithm of the penetration
     */
    public function varied(float $drop, float $lnPenetration): self
    {
        return new self($this->netArea, $this->law->scaled($drop), $this->efficiency->varied($lnPenetration), $this->ratedVelocity, $this->loading);
    }
}
