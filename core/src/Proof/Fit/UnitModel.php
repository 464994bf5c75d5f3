<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Fit;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Balance;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Airflow\Unit;

/** What a unit would be measured to do with factors put on its figures. */
final class UnitModel
{
    /** @var array<string, array{Unit, Balance}> by the factors and the speed */
    private array $balances = [];

    /**
     * @param  Unit  $told  with all its speeds, as the catalogue says
     * @param  float  $leak  open area of its leaks as made, m2
     */
    public function __construct(public readonly Unit $told, public readonly float $leak, private readonly Pollutant $pollutant, private readonly EvidenceTolerances $tolerances)
    {
    }

    /**
     * What is expected of a piece of evidence: its natural logarithm, or for a level dB over the catalogue's.
     *
     * @param  non-empty-list<float>  $ln  logarithms of the factors, in the order of {@see FitParameter}
     */
    public function expected(Evidence $evidence, array $ln): float
    {
        return match ($evidence->kind) {
            EvidenceKind::Tissue => log($this->leak) + ($ln[2] ?? 0.0),
            EvidenceKind::Traverse => log(max(1e-12, $this->balance($ln, $evidence->speed)[1]->fanFlow)),
            EvidenceKind::FreeTraverse => log(max(1e-12, $this->told->curve($this->told->speeds[$evidence->speed])->flow(0.0))) + $ln[0],
            EvidenceKind::Decay => log(max(1e-12, $this->cleanAir($ln, $evidence->speed))),
            EvidenceKind::Power => log(max(1e-12, $this->told->speeds[$evidence->speed]->watts)) + 3.0 * $ln[0],
            EvidenceKind::Level => $this->level($evidence->speed) + 50.0 * $ln[0] / M_LN10,
        };
    }

    /** What was measured, as {@see self::expected} tells it. */
    public function measured(Evidence $evidence): float
    {
        return $evidence->kind === EvidenceKind::Level ? $evidence->value : log(max(1e-12, $evidence->value));
    }

    /** One standard deviation of the difference of both. */
    public function deviation(Evidence $evidence): float
    {
        return match ($evidence->kind) {
            EvidenceKind::Power => hypot($evidence->deviation, 3.0 * $this->tolerances->turnsByWatts),
            EvidenceKind::Level => hypot($evidence->deviation, 50.0 * $this->tolerances->turnsByLevel / M_LN10),
            EvidenceKind::FreeTraverse => hypot($evidence->deviation, $this->tolerances->freeFlow),
            default => $evidence->deviation,
        };
    }

    /**
     * @param  non-empty-list<float>  $ln
     * @return float m3/s of clean air at a speed
     */
    public function cleanAir(array $ln, int $speed): float
    {
        $output = $this->output($ln, $speed);

        return $this->pollutant->weigh($output->clean->plus($output->caught));
    }

    /** @param  non-empty-list<float>  $ln */
    public function output(array $ln, int $speed): Output
    {
        [$unit, $balance] = $this->balance($ln, $speed);

        return $unit->output($balance);
    }

    private function level(int $speed): float
    {
        $balance = $this->balance([0.0, 0.0, 0.0, 0.0], $speed)[1];
        $told = $this->told->speeds[$speed];

        return $this->told->level($told, $this->told->speedUp($told, $balance->pressure, $balance->fanFlow));
    }

    /**
     * @param  non-empty-list<float>  $ln
     * @return array{Unit, Balance}
     */
    private function balance(array $ln, int $speed): array
    {
        $key = $speed.' '.implode(' ', $ln);
        if (! isset($this->balances[$key])) {
            $unit = $this->told->at($speed)->leaking($this->leak * exp($ln[2] ?? 0.0))->varied(FitParameter::variation($ln));
            $this->balances[$key] = [$unit, Balance::of($unit->curve($unit->speeds[0]), $unit->box)];
        }

        return $this->balances[$key];
    }
}
