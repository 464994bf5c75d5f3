<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** The bore of a ring cartridge, through which all the air of its fan must go. */
final readonly class Bore
{
    /** @param  float  $throttle  factor that it leaves of the fan's flow, 0 to 1 */
    private function __construct(public float $throttle)
    {
    }

    public static function of(Design $design): self
    {
        $inside = $design->filter->width - 2.0 * $design->filter->depth;

        return new self($design->fan->body->throttle($inside ** 2 * M_PI / 4.0));
    }

    /** @return list<string> */
    public function remarks(): array
    {
        return $this->throttle < 1.0 ? [sprintf('The cartridge’s bore is smaller than the blade circle and throttles the fan to %.0f %%.', 100.0 * $this->throttle)] : [];
    }
}
