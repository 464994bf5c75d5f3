<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Numeric\DimensionReduction;

/**
 * How what is not sure about the parts carries over to a unit's figures, without drawing numbers: thirteen balances instead
 * of hundreds, and none before it is asked for. The method is that of {@see DimensionReduction}; {@see Uncertainty} finds the same by drawing.
 */
final class Propagation
{
    /** Of {@see Variation}: the one figure that the balance does not hang on. */
    private const LN_PENETRATION = 3;

    /** Of {@see Variation}: figures of leaks, of which a unit may have none. */
    private const SEAM_GAP = 4;

    private const OPENING = 5;

    /** @var array<int, array{array{Unit, Balance}, array{Unit, Balance}}> with one figure of its parts off, to either side */
    private array $off = [];

    private ?Balance $balance = null;

    private ?Output $output = null;

    /** @var array<int, UncertainFigure> */
    private array $effects = [];

    /** @var array<int, float> of those figures that are not sure: one standard deviation of the natural logarithm */
    private readonly array $deviations;

    /** @param  Unit  $told  at one speed, as told */
    private function __construct(private readonly Unit $told, private readonly Tolerances $tolerances)
    {
        /** @var array<int, float> $deviations */
        $deviations = [];
        $kinds = array_map(fn (Leak $leak): bool => $leak->isSeam(), $told->box->leaks);
        $without = [self::SEAM_GAP => ! in_array(true, $kinds, true), self::OPENING => ! in_array(false, $kinds, true)];
        foreach ($tolerances->ofUnit($told->from) as $figure => $deviation) {
            if ($deviation > 0.0 && ! ($without[$figure] ?? false)) {
                $deviations[$figure] = $deviation;
            }
        }
        $this->deviations = $deviations;
    }

    /** @param  int  $speed  which one */
    public static function through(Unit $unit, int $speed, Tolerances $tolerances): self
    {
        return new self($unit->at($speed), $tolerances);
    }

    /** What it gives, with how each figure would change it. */
    public function output(): UncertainOutput
    {
        return UncertainOutput::of($this->told(), array_map($this->effect(...), $this->figures()));
    }

    /** What it gives with every figure as told. */
    public function told(): Output
    {
        return $this->output ??= $this->told->output($this->balance());
    }

    /**
     * Those that are not sure, in the order of {@see Variation}.
     *
     * @return list<int>
     */
    public function figures(): array
    {
        return array_keys($this->deviations);
    }

    /** How one figure would change it; balanced when first asked for. */
    public function effect(int $figure): UncertainFigure
    {
        if (! isset($this->effects[$figure])) {
            [[$up, $upBalance], [$down, $downBalance]] = $this->off($figure);
            $from = $this->told->from;
            $deviation = $this->deviations[$figure];
            $this->effects[$figure] = new UncertainFigure(
                Tolerances::QUANTITIES[$figure], $from->partOf($figure), $from->nameOf($figure), $from->all()[$figure],
                $deviation, min($deviation, $this->tolerances->ofMeasured()[$figure]), $up->output($upBalance), $down->output($downBalance),
            );
        }

        return $this->effects[$figure];
    }

    /** Range of the clean air for a pollutant, m3/s. */
    public function cleanAir(Pollutant $pollutant): Band
    {
        return Band::ofDistribution($this->output()->distribution(fn (Output $output): float => $pollutant->weigh($output->clean->plus($output->caught))));
    }

    /**
     * Ranges of the flow of the fans, m3/s, and of the pressure in the box, Pa.
     *
     * @return array{Band, Band}
     */
    public function workingPoint(): array
    {
        $told = $this->balance();
        $ofFlow = new DimensionReduction($told->fanFlow);
        $ofPressure = new DimensionReduction($told->pressure);
        foreach ($this->figures() as $figure) {
            [[, $up], [, $down]] = $this->off($figure);
            $ofFlow->add($up->fanFlow, $down->fanFlow);
            $ofPressure->add($up->pressure, $down->pressure);
        }

        return [Band::ofDistribution($ofFlow->result()), Band::ofDistribution($ofPressure->result())];
    }

    /** Only the balance is asked for: flows of single faces and leaks do not matter here. */
    private function balance(): Balance
    {
        return $this->balance ??= Balance::of($this->told->curve($this->told->speeds[0]), $this->told->box);
    }

    /** @return array{array{Unit, Balance}, array{Unit, Balance}} */
    private function off(int $figure): array
    {
        return $this->off[$figure] ??= array_map(function (float $by) use ($figure): array {
            $unit = $this->told->varied(Variation::ofOne($figure, exp($by * $this->deviations[$figure])));

            return [$unit, $figure === self::LN_PENETRATION ? $this->balance() : Balance::of($unit->curve($unit->speeds[0]), $unit->box, $this->balance())];
        }, [DimensionReduction::POINT, -DimensionReduction::POINT]);
    }
}
