<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Traverse;

use Jornel\Core\Numeric\StudentT;
use Jornel\Core\Quantity\Interval;

/** Air speeds over an outlet, read at the points of a grid: their mean, the flow and how sure it is. */
final readonly class Traverse
{
    /**
     * @param  list<float>  $along  shares across the width, or along a diameter
     * @param  list<float>  $up  shares of the height from below; none for a round outlet
     * @param  non-empty-list<float>  $readings  m/s, in the order in which they were taken; air that flows backwards is negative
     */
    private function __construct(
        public Aperture $outlet,
        public array $along,
        public array $up,
        public array $readings,
        private float $meter,
        private float $area,
    ) {
    }

    /**
     * @param  list<list<float>>  $rows  m/s: of a rectangle a row for each height from below, left to right; of a circle one for each diameter
     * @param  float  $meter  how far the meter may be off, as a share
     * @param  float  $area  how far the area may be off, as a share
     * @param  string  $field  where the readings stand
     *
     * @throws InvalidTraverse
     */
    public static function of(Aperture $outlet, Grid $grid, array $rows, float $meter, float $area = 0.0, string $field = 'readings_fpm'): self
    {
        $counts = $grid->counts($outlet->isRound);
        if ($counts === []) {
            throw InvalidTraverse::of('grid', 'grid-of-circles');
        }
        $across = count($rows[0] ?? []);
        foreach ($rows as $number => $row) {
            if (count($row) !== $across) {
                throw InvalidTraverse::count("{$field}.{$number}", 'uneven', count($row), [$across]);
            }
        }
        if (! in_array($across, $counts, true)) {
            throw InvalidTraverse::count("{$field}.0", $outlet->isRound ? 'along' : 'across', $across, $counts);
        }
        if (! $outlet->isRound && ! in_array(count($rows), $counts, true)) {
            throw InvalidTraverse::count($field, 'up', count($rows), $counts);
        }
        $readings = array_merge(...$rows);
        if (count($readings) < 2) {
            throw InvalidTraverse::of($field, 'too-few');
        }

        return new self($outlet, $grid->shares($across, $outlet->isRound), $outlet->isRound ? [] : $grid->shares(count($rows), false), $readings, $meter, $area);
    }

    /** @return float m/s */
    public function mean(): float
    {
        return array_sum($this->readings) / count($this->readings);
    }

    /** @return float m3/s */
    public function flow(): float
    {
        return $this->mean() * $this->outlet->area();
    }

    /** @return float one standard deviation of the readings, m/s */
    public function scatter(): float
    {
        $mean = $this->mean();

        return sqrt(array_sum(array_map(fn (float $one): float => ($one - $mean) ** 2, $this->readings)) / (count($this->readings) - 1));
    }

    /**
     * sqrt(meter^2 + (t s / (sqrt(n) mean))^2 + area^2), t of Student at n - 1 for 95 %.
     *
     * @return float|null share of the mean; null where no air moves on the whole
     */
    public function relativeUncertainty(): ?float
    {
        $mean = $this->mean();
        $count = count($this->readings);

        return abs($mean) < 1e-12 ? null : sqrt($this->meter ** 2 + (StudentT::twoSided(Interval::COVERS, $count - 1) * $this->scatter() / (sqrt($count) * $mean)) ** 2 + $this->area ** 2);
    }

    /** m3/s. */
    public function flowInterval(): Interval
    {
        return Interval::around($this->flow(), abs($this->flow()) * ($this->relativeUncertainty() ?? 0.0));
    }

    /** Readings where the air flows backwards. */
    public function reversed(): int
    {
        return count(array_filter($this->readings, fn (float $one): bool => $one < 0.0));
    }
}
