<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Tissue;

use Jornel\Core\Numeric\Lognormal;
use Jornel\Core\Numeric\Normal;
use Jornel\Core\Quantity\Interval;
use Jornel\Core\Quantity\Texts;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;

/**
 * A round of the tissue test: from what the tissue did at each point, how large the leaks are.
 *
 * Gaps of one pair of hands are wider or narrower together; that common factor is weighed by all findings, too, and within it
 * the points are independent. Their sum is taken as lognormal by its mean and variance (Fenton and Wilkinson; Fenton, "The sum
 * of log-normal probability distributions in scatter transmission systems", IRE Transactions 8, 1960).
 */
final readonly class TissueSurvey
{
    /** Common factors that are tried, in deviations. */
    private const COMMON = [-2.8, -2.1, -1.4, -0.7, 0.0, 0.7, 1.4, 2.1, 2.8];

    /**
     * @param  list<PointResult>  $results  of every point
     * @param  Lognormal  $area  open in all, m2
     */
    private function __construct(public Direction $direction, public array $results, public Lognormal $area)
    {
    }

    /**
     * @param  non-empty-list<TissuePoint>  $points
     * @param  array<string, Finding>  $findings  by id of the point
     */
    public static function of(Design $design, array $points, array $findings, TissueModel $model): self
    {
        $direction = $design->direction();
        $mean = $square = $within = $weight = 0.0;
        /** @var array<int, array<string, GapPosterior>> $tables  of each common factor, by id of the point */
        $tables = [];
        $likely = [];
        foreach (self::COMMON as $number => $z) {
            // Many points are alike.
            $known = [];
            $factor = exp($z * $model->commonDeviation);
            $ln = -0.5 * $z * $z;
            $sum = $variance = 0.0;
            foreach ($points as $point) {
                if ($point->kind->isFilter()) {
                    continue;
                }
                $finding = $findings[$point->id] ?? null;
                $gap = $known["{$point->length} {$point->usual} {$point->missed} {$finding?->value}"] ??= self::posterior($point, $factor, $finding, $direction, $model);
                $ln += log($gap->likelihood);
                $sum += $point->area($gap->mean);
                $variance += $point->area(1.0) ** 2 * $gap->variance;
                $tables[$number][$point->id] = $gap;
            }
            $likely[] = [$ln, $sum, $variance];
        }
        $most = max(array_column($likely, 0));
        foreach ($likely as [$ln, $sum, $variance]) {
            $share = exp($ln - $most);
            $weight += $share;
            $mean += $share * $sum;
            $square += $share * $sum ** 2;
            $within += $share * $variance;
        }
        $mean /= $weight;
        $variance = $within / $weight + max(0.0, $square / $weight - $mean ** 2);
        $deviation = $mean > 0.0 ? sqrt(log1p($variance / $mean ** 2)) : 0.0;
        $surest = array_keys(array_column($likely, 0), $most, true)[0];
        $told = $tables[$surest] ?? [];

        return new self(
            $direction,
            array_map(fn (TissuePoint $point): PointResult => self::result($point, $findings[$point->id] ?? null, $told[$point->id] ?? null, $direction), $points),
            new Lognormal($mean * exp(-0.5 * $deviation ** 2), $deviation),
        );
    }

    /** Open area of all leaks, m2. */
    public function leakArea(): Interval
    {
        return Interval::ofLognormal($this->area);
    }

    /** @return list<PointResult> at which air was seen to get past the filters */
    public function leaks(): array
    {
        return array_values(array_filter($this->results, fn (PointResult $result): bool => $result->leaks));
    }

    public function answered(): int
    {
        return count(array_filter($this->results, fn (PointResult $result): bool => $result->finding !== null));
    }

    /**
     * What points may mean at which the air goes another way than it should: faces that do not pull, or push, and seams at which
     * air comes out of a unit that pulls, or is drawn into one that pushes. A filter that is the wrong way round cannot be told
     * so: it draws all the same.
     *
     * @return array<string, string> in words by id of the point
     */
    public function oddPoints(): array
    {
        $faces = array_filter($this->results, fn (PointResult $result): bool => $result->point->kind->isFilter() && $result->finding !== null);
        $pushes = $this->direction === Direction::Push;
        [$right, $wrong] = $pushes ? [Finding::BlownOut, Finding::DrawnIn] : [Finding::DrawnIn, Finding::BlownOut];
        $isAll = $faces !== [] && array_filter($faces, fn (PointResult $result): bool => $result->finding !== $wrong) === [];
        $odd = [];
        // Where the whole fan is the other way round, seams say nothing of themselves.
        foreach ($isAll ? [] : $this->results as $result) {
            if (! $result->point->kind->isFilter() && $result->finding === $wrong) {
                $odd[$result->point->id] = Texts::of('tissue')->tell($pushes ? 'seam-draws' : 'seam-blows', name: $result->point->name);
            }
        }
        foreach ($faces as $result) {
            if ($result->finding !== $right) {
                $key = match (true) {
                    $result->finding === Finding::Still => 'face-blocked',
                    $pushes => 'face-pulls',
                    ! $isAll => 'face-blows',
                    default => count($faces) > 1 ? 'all-reversed' : 'face-reversed',
                };
                $odd[$result->point->id] = Texts::of('tissue')->tell($key, name: $result->point->name);
            }
        }

        return $odd;
    }

    private static function posterior(TissuePoint $point, float $factor, ?Finding $finding, Direction $direction, TissueModel $model): GapPosterior
    {
        $tiny = $point->length > 0.0 ? 1e-6 : 1e-8;
        [$usual, $missed] = [max($tiny, $point->usual), max($tiny, $point->missed)];

        // A gap has a width that draws a tissue; of an opening it is told whether it is as made, or was left open.
        return GapPosterior::of($model, $usual * $factor, $missed, $point->length > 0.0 ? $model->drawnGap : sqrt($usual * $missed), $finding?->leaks($direction));
    }

    private static function result(TissuePoint $point, ?Finding $finding, ?GapPosterior $gap, Direction $direction): PointResult
    {
        $size = $gap?->interval();
        $leaks = $finding !== null && ! $point->kind->isFilter() && $finding->leaks($direction);

        return new PointResult($point, $finding, $leaks, $point->length > 0.0 ? $size : null, $size?->through($point->area(...)));
    }
}
