<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

use Jornel\Core\Numeric\Lognormal;

/** A measured figure with the interval that covers it nineteen times in twenty (95 %). */
final readonly class Interval
{
    public const COVERS = 0.95;

    /** Standard deviations of a normal figure on either side of its middle that cover as much. */
    public const REACH = 1.959963984540054;

    public function __construct(public float $value, public float $low, public float $high)
    {
    }

    /** @param  float  $half  half its width, zero or more */
    public static function around(float $value, float $half): self
    {
        return new self($value, $value - $half, $value + $half);
    }

    /** Of a figure whose logarithm is normal. */
    public static function ofLognormal(Lognormal $figure): self
    {
        $reach = exp(self::REACH * $figure->deviation);

        return new self($figure->median, $figure->median / $reach, $figure->median * $reach);
    }

    /** @param  float  $factor  above 0 */
    public function scaled(float $factor): self
    {
        return new self($this->value * $factor, $this->low * $factor, $this->high * $factor);
    }

    /**
     * Of a figure that falls as this one rises, or rises with it.
     *
     * @param  callable(float): float  $of  monotone between both ends
     */
    public function through(callable $of): self
    {
        [$one, $other] = [$of($this->low), $of($this->high)];

        return new self($of($this->value), min($one, $other), max($one, $other));
    }

    /** @return float half its width */
    public function half(): float
    {
        return ($this->high - $this->low) / 2.0;
    }

    /** @return float one standard deviation of the natural logarithm that a lognormal figure of this interval has; both ends above 0 */
    public function lnDeviation(): float
    {
        return log($this->high / $this->low) / (2.0 * self::REACH);
    }

    public function covers(float $value): bool
    {
        return $value >= $this->low && $value <= $this->high;
    }

    /** @return array{value: float, low: float, high: float} */
    public function toArray(): array
    {
        return ['value' => $this->value, 'low' => $this->low, 'high' => $this->high];
    }
}
