<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Proof;

use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\AirReader;
use Jornel\Core\Document\UnitReader;
use Jornel\Core\Part\FanSpeed;
use Jornel\Core\Part\Record;
use Jornel\Core\Proof\Fit\Evidence;
use Jornel\Core\Proof\Fit\EvidenceKind;
use Jornel\Core\Proof\Tissue\Finding;
use Jornel\Core\Proof\Tissue\TissuePoint;
use Jornel\Core\Proof\Tissue\TissuePoints;
use Jornel\Core\Proof\Tissue\TissueSurvey;
use Jornel\Core\Quantity\Interval;
use Jornel\Core\Shape\Design;
use Jornel\Core\Sound\Sound;

/** Reads a unit of a document and what was measured on it. */
final readonly class EvidenceReader
{
    public const POLLUTANT = 'wildfire-pm25';

    /** How far a plug meter may be off, per cent; how far a phone's level, dB (common practice, no source). */
    private const PLUG = 3.0;

    private const PHONE = 3.0;

    private function __construct(private DataFiles $data, private Record $record, public Unit $unit, public ?Design $design, public Pollutant $pollutant)
    {
    }

    public static function of(Record $document, DataFiles $data): self
    {
        $read = UnitReader::read($document->child('unit'), $data, AirReader::read($document->childOr('air')));

        return new self($data, $document, $read->unit, $read->design, $data->pollutants()->get($document->textOr('pollutant', self::POLLUTANT), $document->path('pollutant')));
    }

    /** Which of the unit's speeds a record names; the fastest where it names none. */
    public function speed(Record $record): int
    {
        $names = array_map(fn (FanSpeed $speed): string => $speed->name, $this->unit->speeds);
        $name = $record->textOr('speed', $names[count($names) - 1]);
        $at = array_search($name, $names, true);

        return is_int($at) ? $at : throw InvalidEvidence::noSpeed($record->path('speed'), $names);
    }

    /** @return non-empty-list<TissuePoint> */
    public function points(): array
    {
        return TissuePoints::of($this->design ?? throw InvalidEvidence::bare($this->record->path('unit.bare')), $this->data->tissue());
    }

    /** @param  non-empty-list<TissuePoint>  $points */
    public function survey(Record $record, array $points): TissueSurvey
    {
        $known = array_map(fn (TissuePoint $point): string => $point->id, $points);
        $findings = [];
        foreach ($record->childOr('answers')?->data() ?? [] as $id => $answer) {
            $finding = is_string($answer) ? Finding::tryFrom($answer) : null;
            if ($id === 'from' && $finding === null) {
                // Provenance, which every record inherits.
                continue;
            }
            if (! in_array((string) $id, $known, true) || $finding === null) {
                throw InvalidEvidence::noPoint($record->path("answers.{$id}"), $known);
            }
            $findings[(string) $id] = $finding;
        }

        return TissueSurvey::of($this->design ?? throw InvalidEvidence::bare($this->record->path('unit.bare')), $points, $findings, $this->data->tissue());
    }

    /** @return list<Evidence> */
    public function all(): array
    {
        return array_map($this->evidence(...), $this->record->records('evidence'));
    }

    private function evidence(Record $record): Evidence
    {
        $kind = EvidenceKind::from($record->text('kind'));

        return match ($kind) {
            EvidenceKind::Tissue => Evidence::tissue($this->survey($record, $this->points())->area),
            EvidenceKind::Traverse, EvidenceKind::FreeTraverse => Evidence::measured($kind, $this->speed($record), $this->flow($record)),
            EvidenceKind::Decay => Evidence::measured($kind, $this->speed($record), $this->cleanAir($record)),
            EvidenceKind::Power => Evidence::measured($kind, $this->speed($record), $this->watts($record)),
            EvidenceKind::Level => $this->level($record),
        };
    }

    private function flow(Record $record): Interval
    {
        if (isset($record->data()['flow_m3_s'])) {
            return self::interval($record->child('flow_m3_s'));
        }
        self::needs($record, ['outlet', 'grid', 'readings_fpm']);

        return TraverseReader::read($record)->flowInterval();
    }

    private function cleanAir(Record $record): Interval
    {
        if (isset($record->data()['clean_air_m3_s'])) {
            return self::interval($record->child('clean_air_m3_s'));
        }
        self::needs($record, ['room', 'runs']);
        $read = DecayReader::read($record);
        $clean = $read->cleanAir();
        if ($clean === null || $clean->value <= 0.0) {
            throw InvalidEvidence::nothingTold($record->path('runs'), $read->refusal() ?? 'a run with the unit and one without it are needed, and the first must clear faster.');
        }

        return $clean;
    }

    private function watts(Record $record): Interval
    {
        self::needs($record, ['watts']);
        $watts = $record->numbers('watts');
        $mean = array_sum($watts) / max(1, count($watts));

        return Interval::around($mean, $mean * ($record->optional('meter_percent', -1e-12)->si ?? self::PLUG) / 100.0);
    }

    private function level(Record $record): Evidence
    {
        self::needs($record, ['on_dba', 'off_dba', 'distance_m']);
        $level = LevelDocument::read($record)->at(1.0);
        if ($level === null) {
            throw InvalidEvidence::nothingTold($record->path('on_dba'), sprintf('with the unit on it must be %g dB louder than with it off.', Sound::LEAST_DIFFERENCE));
        }

        return Evidence::level($this->speed($record), $level, $record->optional('within_db', 0.0)->si ?? self::PHONE);
    }

    private static function interval(Record $record): Interval
    {
        [$value, $low, $high] = [$record->number('value', 0.0)->si, $record->number('low', -1e-12)->si, $record->number('high', 0.0)->si];

        return $low <= $value && $value <= $high ? new Interval($value, $low, $high) : throw InvalidEvidence::ends($record->path('high'));
    }

    /** @param  list<string>  $keys */
    private static function needs(Record $record, array $keys): void
    {
        if (array_diff($keys, array_keys($record->data())) !== []) {
            throw InvalidEvidence::incomplete($record->place(), $keys);
        }
    }
}
