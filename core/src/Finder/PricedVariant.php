<?php

declare(strict_types=1);

namespace Jornel\Core\Finder;

use Jornel\Core\Finder\Space\Variant;

/** A way of making some units, with what it costs besides fans and filters and with what is missing for it. */
final readonly class PricedVariant
{
    /** Floor of all units, m2. */
    public float $footprint;

    /** Of work on all units. */
    public float $minutes;

    /** Of footprint and minutes ({@see MeasureSteps}). */
    public int $steps;

    /**
     * @param  int  $units  1 or more
     * @param  int  $extra  what is bought for it besides fans and filters, hundredths of money
     * @param  int  $missingTools  that are not at hand
     * @param  int  $missingSkills  that nobody has
     */
    public function __construct(public Variant $variant, private int $units, public int $extra, public int $missingTools, public int $missingSkills)
    {
        [$this->footprint, $this->minutes] = [$units * $variant->footprint, $units * $variant->minutes];
        $this->steps = MeasureSteps::ofMaking($this->footprint, $this->minutes);
    }

    /** The same at another price, hundredths of money. */
    public function costing(int $extra): self
    {
        return $extra === $this->extra ? $this : new self($this->variant, $this->units, $extra, $this->missingTools, $this->missingSkills);
    }
}
