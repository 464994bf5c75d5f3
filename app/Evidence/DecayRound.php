<?php

namespace App\Evidence;

use App\Models\Reading;
use App\Models\Survey;
use Jornel\Core\Proof\Decay\CleanAirByDecay;
use Jornel\Core\Proof\Decay\DecayRun;
use Jornel\Core\Proof\Decay\ParticleSeries;
use Jornel\Core\Proof\Decay\RefusedRun;
use Jornel\Core\Proof\Decay\Weights;
use Jornel\Core\Proof\Fit\Evidence;
use Jornel\Core\Proof\Fit\EvidenceKind;
use Jornel\Core\Quantity\Interval;

/** A decay test: its runs, each a log or a part of one, with the unit or without it. */
final readonly class DecayRound
{
    private const MINUTE = 60.0;

    /**
     * @param  array<string, array{Reading, DecayRun|RefusedRun, ParticleSeries}>  $runs  by place
     * @param  float  $volume  m3
     * @param  float  $repeats  how alike a room is in two runs: deviation of the logarithm of the clean air
     */
    private function __construct(public array $runs, public int $speed, private float $volume, private float $repeats)
    {
    }

    public static function of(Survey $survey, ProvedUnit $unit): self
    {
        $weights = Weights::tryFrom($survey->told('weights')) ?? Weights::Meter;
        $runs = [];
        foreach ($survey->holding() as $place => $reading) {
            if ($reading->log === null) {
                continue;
            }
            $series = $reading->log->series();
            $at = function (string $key) use ($reading): ?float {
                $minute = $reading->minute($key);

                return $minute === null ? null : $minute * self::MINUTE;
            };
            $runs[$place] = [$reading, DecayRun::of($series, $weights, $at('from_min'), $at('to_min')), $series];
        }

        return new self($runs, $unit->speed($survey->told('speed')), $unit->volume(), $unit->data->evidenceTolerances()->cleanAir);
    }

    public static function isOn(Reading $reading): bool
    {
        return ($reading->detail['unit_on'] ?? false) === true;
    }

    /** Clean air, m3/s; null without a run with the unit and one without it that can be used. */
    public function cleanAir(): ?Interval
    {
        [$on, $off] = [$this->rates(true), $this->rates(false)];

        return $on === [] || $off === [] ? null : CleanAirByDecay::of($this->volume, $on, $off);
    }

    /** Rate at which the room clears with the unit, 1/s. */
    public function rateWith(): ?Interval
    {
        $on = $this->rates(true);

        return $on === [] ? null : CleanAirByDecay::together($on);
    }

    /** @return list<Interval> of the runs with the unit, or without it, 1/s */
    private function rates(bool $isOn): array
    {
        $rates = [];
        foreach ($this->runs as [$reading, $run]) {
            if ($run instanceof DecayRun && self::isOn($reading) === $isOn) {
                $rates[] = $run->rate();
            }
        }

        return $rates;
    }

    /** @return list<Evidence> */
    public function evidence(): array
    {
        $clean = $this->cleanAir();

        return $clean === null || $clean->value <= 0.0 ? [] : [Evidence::measured(EvidenceKind::Decay, $this->speed, $clean)->repeatedWithin($this->repeats)];
    }
}
