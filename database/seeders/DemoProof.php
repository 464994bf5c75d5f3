<?php

namespace Database\Seeders;

use App\Actions\Evaluate;
use App\Evidence\ProvedUnit;
use App\Models\EvidenceSource;
use App\Models\Log;
use App\Models\Person;
use App\Models\Survey;
use App\Models\SurveyKind;
use App\Models\Unit;
use Carbon\CarbonInterface;
use Illuminate\Support\Str;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Proof\Decay\ParticleSeries;
use Jornel\Core\Proof\StandIn\MeterNoise;
use Jornel\Core\Proof\StandIn\SimulatedOutlet;
use Jornel\Core\Proof\StandIn\SimulatedRoom;
use Jornel\Core\Proof\Tissue\TissuePoint;
use Jornel\Core\Quantity\UnitOfMeasure;

/** Evidence of the demo's units, as simulated meters tell it: one unit proved, one refused, one half measured. */
final class DemoProof
{
    private const SEED = 1509;

    /** Air changes and settling of the demo's rooms, 1/h. */
    private const LOSSES = 0.95;

    private MeterNoise $noise;

    public function __construct(private readonly Evaluate $evaluate, private readonly DataFiles $data)
    {
        $this->noise = new MeterNoise(self::SEED);
    }

    /** @param  'proved'|'refused'|'half'  $how */
    public function of(Unit $unit, Person $by, string $how): void
    {
        $at = ($unit->made_at ?? now())->copy()->addMinutes(25);
        $proved = ProvedUnit::of($unit->refresh(), $this->evaluate, $this->data);
        $this->tissue($proved, $by, $at, $how === 'half' ? 0.5 : 1.0);
        if ($how === 'half') {
            return;
        }
        $clean = 0.93 * $proved->ledger->room->pollutant->weigh($proved->ledger->line()->performance->cleanAir);
        $this->decay($proved, $by, $at->copy()->addHour(), $clean, $how === 'refused' ? 0.3 : 0.0);
        if ($how === 'proved') {
            $this->traverse($proved, $by, $at->copy()->addMinutes(30));
            $this->meters($proved, $by, $at->copy()->addMinutes(50));
        }
    }

    private function tissue(ProvedUnit $proved, Person $by, CarbonInterface $at, float $share): void
    {
        $survey = $this->survey($proved, SurveyKind::Tissue, ['speed' => $proved->speeds()[count($proved->speeds()) - 1]], $by, $at);
        $points = $proved->points();
        foreach (array_slice($points, 0, (int) ceil($share * count($points))) as $number => $point) {
            $leaks = ! $point->kind->isFilter() && ($number === 6 || $point->id === 'corner-3');
            $this->reading($survey, $point->id, $this->finding($point, $leaks), null, $by, $at->addSeconds(9));
        }
    }

    private function finding(TissuePoint $point, bool $leaks): string
    {
        return $point->kind->isFilter() || $leaks ? 'in' : 'still';
    }

    private function decay(ProvedUnit $proved, Person $by, CarbonInterface $at, float $clean, float $swing): void
    {
        $survey = $this->survey($proved, SurveyKind::Decay, ['speed' => $proved->speeds()[$proved->ledger->chosen], 'weights' => 'meter'], $by, $at);
        $room = new SimulatedRoom($proved->volume(), self::LOSSES / 3600.0, 6.0, $this->noise);
        foreach ([['Without the unit', false, 0.0, 9000.0, 0.0], ['With the unit', true, $clean, 4200.0, $swing]] as $number => [$name, $isOn, $output, $duration, $by_]) {
            $log = $this->log($proved->unit, $name, $room->log($output, 310.0, 480.0, $duration, 10.0, $by_), $at, $by);
            $this->reading($survey, 'run-'.($number + 1), $name, null, $by, $at->addSeconds((int) $duration), $log->id, ['unit_on' => $isOn], 'particle counter');
        }
    }

    private function traverse(ProvedUnit $proved, Person $by, CarbonInterface $at): void
    {
        $fan = $proved->ledger->design->fan->body;
        $setting = ['speed' => $proved->speeds()[$proved->ledger->chosen], 'outlet' => 'rectangle', 'width' => sprintf('%.0f mm', 1000 * $fan->side), 'height' => sprintf('%.0f mm', 1000 * $fan->side), 'grid' => 'log-tchebycheff', 'across' => '5', 'up' => '5', 'filters' => 'on', 'meter_percent' => '5'];
        $survey = $this->survey($proved, SurveyKind::Traverse, $setting, $by, $at);
        $shares = [0.074, 0.288, 0.500, 0.712, 0.926];
        foreach ((new SimulatedOutlet($this->noise))->readings($shares, $shares, 0.95 * $proved->ledger->line()->performance->balance->fanFlow / $fan->side ** 2) as $row => $readings) {
            foreach ($readings as $column => $speed) {
                $this->reading($survey, "{$row}-{$column}", sprintf('%.0f fpm', UnitOfMeasure::FootPerMinute->fromSi($speed)), $speed, $by, $at->addSeconds(12), meter: 'vane meter');
            }
        }
    }

    private function meters(ProvedUnit $proved, Person $by, CarbonInterface $at): void
    {
        $line = $proved->ledger->line()->performance;
        $survey = $this->survey($proved, SurveyKind::Level, ['speed' => $line->speed->name, 'distance' => '1 m'], $by, $at);
        foreach (['on' => $line->level - 1.2, 'off' => 38.0] as $which => $level) {
            foreach ([1, 2, 3] as $number) {
                $read = round($level + 0.6 * $this->noise->normal(), 1);
                $this->reading($survey, "{$which}-{$number}", "{$read} dBA", $read, $by, $at->addSeconds(20), meter: 'level meter');
            }
        }
        $survey = $this->survey($proved, SurveyKind::Power, [], $by, $at);
        foreach ($proved->ledger->speeds as $speed) {
            $read = round($speed->performance->watts * (0.97 + 0.01 * $this->noise->normal()), 1);
            $this->reading($survey, $speed->performance->speed->name, "{$read} W", $read, $by, $at->addSeconds(30), meter: 'plug meter');
        }
    }

    /** @param  array<string, string>  $setting */
    private function survey(ProvedUnit $proved, SurveyKind $kind, array $setting, Person $by, CarbonInterface $at): Survey
    {
        return Survey::query()->create(['unit_id' => $proved->unit->id, 'key' => Str::random(16), 'kind' => $kind, 'setting' => $setting, 'person_id' => $by->id, 'began_at' => $at]);
    }

    /** @param  array<string, bool>|null  $detail */
    private function reading(Survey $survey, string $place, string $entered, ?float $value, Person $by, CarbonInterface $at, ?int $log = null, ?array $detail = null, ?string $meter = null): void
    {
        $survey->readings()->create(['key' => Str::random(16), 'place' => $place, 'entered' => $entered, 'value' => $value === null ? null : sprintf('%.10F', $value), 'log_id' => $log, 'detail' => $detail, 'source' => match (true) {
            $meter !== null => EvidenceSource::Meter, $log !== null => EvidenceSource::File, default => EvidenceSource::Typed
        }, 'meter' => $meter, 'person_id' => $by->id, 'told_at' => $at]);
    }

    private function log(Unit $unit, string $name, ParticleSeries $series, CarbonInterface $at, Person $by): Log
    {
        $log = Log::query()->create([
            'programme_id' => $unit->programme_id, 'sha256' => hash('sha256', "{$unit->id} {$name}"), 'name' => "{$name}.csv", 'source' => EvidenceSource::File, 'began_at' => $at, 'row_count' => $series->count(), 'person_id' => $by->id,
            'told' => ['columns' => [], 'time' => null, 'value' => null, 'clock' => null, 'sensors' => [], 'sensor' => null, 'notes' => []],
        ]);
        $log->add($series);

        return $log;
    }
}
