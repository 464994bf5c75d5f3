<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Numeric\Lognormal;

/** The 90 % interval of a figure. */
final readonly class Band
{
    public const COVERS = 0.90;

    /** Standard deviations of a normal figure on either side of its middle, between which it lies nine times in ten. */
    private const REACH = 1.6448536269514722;

    private function __construct(public float $low, public float $high)
    {
    }

    /**
     * Between the 5th and the 95th per cent of drawn values, interpolated between neighbours.
     *
     * @param  non-empty-list<float>  $drawn
     */
    public static function of(array $drawn): self
    {
        sort($drawn);
        $tail = (1.0 - self::COVERS) / 2.0;

        return new self(self::quantile($drawn, $tail), self::quantile($drawn, 1.0 - $tail));
    }

    /** Of a figure whose logarithm is normal. */
    public static function ofDistribution(Lognormal $figure): self
    {
        $reach = exp(self::REACH * $figure->deviation);

        return new self($figure->median / $reach, $figure->median * $reach);
    }

    /** The same of so many alike. */
    public function times(float $factor): self
    {
        return new self($this->low * $factor, $this->high * $factor);
    }

    public function covers(float $value): bool
    {
        return $value >= $this->low && $value <= $this->high;
    }

    /** @return float width over the middle */
    public function spread(): float
    {
        return ($this->high - $this->low) / (($this->high + $this->low) / 2.0);
    }

    /** @param  non-empty-list<float>  $sorted */
    private static function quantile(array $sorted, float $share): float
    {
        $place = $share * (count($sorted) - 1);
        $below = (int) floor($place);
        $above = min(count($sorted) - 1, $below + 1);

        return $sorted[$below] + ($place - $below) * ($sorted[$above] - $sorted[$below]);
    }
}
