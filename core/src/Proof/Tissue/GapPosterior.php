<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Tissue;

use Jornel\Core\Numeric\Normal;
use Jornel\Core\Quantity\Interval;

/**
 * What is known of a gap after the tissue was held to it: as its joining usually leaves it or missed, weighed by how likely a
 * gap of each width does to the tissue what was seen (Bayes). Worked out on a grid of the logarithm of its size.
 */
final readonly class GapPosterior
{
    private const STEPS = 64;

    /** Deviations that the grid reaches to on either side. */
    private const REACH = 4.0;

    /**
     * @param  float  $likelihood  of what was seen
     * @param  float  $mean  m or m2
     * @param  float  $variance  of it
     * @param  list<float>  $sizes  of the grid, rising
     * @param  list<float>  $masses  of each, 1 in all
     * @param  float  $missed  chance that it was missed, 0 to 1
     */
    private function __construct(public float $likelihood, public float $mean, public float $variance, private array $sizes, private array $masses, public float $missed)
    {
    }

    /**
     * @param  float  $usual  size as made, m or m2, above 0
     * @param  float  $missed  size where it was missed, m or m2, above 0
     * @param  float  $threshold  size at which a tissue is drawn every other time
     * @param  bool|null  $isDrawn  whether it was; null where nobody looked
     */
    public static function of(TissueModel $model, float $usual, float $missed, float $threshold, ?bool $isDrawn): self
    {
        [$sizes, $masses] = [[], []];
        $ofMissed = 0.0;
        foreach ([[$usual, $model->ownDeviation, 1.0 - $model->missedShare, false], [$missed, $model->missedDeviation, $model->missedShare, true]] as [$median, $deviation, $share, $isMissed]) {
            $step = 2.0 * self::REACH / self::STEPS;
            for ($i = 0; $i <= self::STEPS; $i++) {
                $z = -self::REACH + $i * $step;
                $size = $median * exp($z * $deviation);
                $drawn = Normal::below(log($size / $threshold) / $model->drawnDeviation);
                $mass = $share * exp(-0.5 * $z * $z) / sqrt(2.0 * M_PI) * $step * ($isDrawn === null ? 1.0 : ($isDrawn ? $drawn : 1.0 - $drawn));
                $sizes[] = $size;
                $masses[] = $mass;
                $ofMissed += $isMissed ? $mass : 0.0;
            }
        }
        $whole = max(1e-300, array_sum($masses));
        $mean = $square = 0.0;
        foreach ($masses as $i => $mass) {
            $masses[$i] = $mass / $whole;
            $mean += $masses[$i] * $sizes[$i];
            $square += $masses[$i] * $sizes[$i] ** 2;
        }

        return new self($whole, $mean, max(0.0, $square - $mean ** 2), $sizes, $masses, $ofMissed / $whole);
    }

    /** Median and 95 % interval of its size, m or m2. */
    public function interval(): Interval
    {
        $order = $this->sizes;
        asort($order);
        $tail = (1.0 - Interval::COVERS) / 2.0;
        $found = [];
        foreach ([0.5, $tail, 1.0 - $tail] as $share) {
            $sum = 0.0;
            $at = 0.0;
            foreach ($order as $i => $size) {
                $sum += $this->masses[$i];
                $at = $size;
                if ($sum >= $share) {
                    break;
                }
            }
            $found[] = $at;
        }

        return new Interval(...$found);
    }
}
