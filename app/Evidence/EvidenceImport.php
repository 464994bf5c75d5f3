<?php

namespace App\Evidence;

use App\Models\EvidenceSource;
use App\Models\Log;
use App\Models\Person;
use App\Models\Reading;
use App\Models\Survey;
use App\Models\SurveyKind;
use App\Models\Unit;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Jornel\Core\Fault\Invalid;
use Jornel\Core\Proof\Decay\ParticleSeries;
use Jornel\Core\Proof\Log\LogLimits;

/**
 * Reads evidence back into a unit. It is judged as what is told on the screens is, at its place in the file; what is there
 * already, by its key, stays as it is.
 */
final readonly class EvidenceImport
{
    /** Surveys, readings of one, and logs. */
    private const MOST = 2000;

    private const TIME = ['required', 'string', 'max:40', 'date', 'after:1970-01-01', 'before:2100-01-01'];

    public function __construct(private ProvedUnit $proved, private Person $person)
    {
    }

    /**
     * @param  array<mixed>  $file
     *
     * @throws Invalid|ValidationException with the place in the file
     */
    public function read(array $file): void
    {
        Validator::make($file, self::rules())->validate();
        // All of it, or nothing.
        DB::transaction(fn () => $this->keep($file));
    }

    /** @param  array<mixed>  $file */
    private function keep(array $file): void
    {
        /** @var array{surveys: list<array<string, mixed>>, logs: list<array<string, mixed>>} $file */
        $logs = $this->logs($file['logs']);
        $surveys = [];
        foreach ($file['surveys'] as $number => $one) {
            $surveys[$one['key']] = $this->survey($one, "surveys.{$number}", $surveys, $logs)->id;
        }
    }

    /** @return array<string, list<mixed>> */
    private static function rules(): array
    {
        $key = ['required', 'string', 'regex:/^[A-Za-z0-9_-]{8,64}$/D'];

        return [
            'logs' => ['present', 'list', 'max:'.self::MOST],
            'logs.*.sha256' => ['required', 'string', 'regex:/^[0-9a-f]{64}$/D'], 'logs.*.name' => ['required', 'string', 'max:120'],
            'logs.*.source' => ['required', 'string', 'max:60'], 'logs.*.meter' => ['nullable', 'string', 'max:60'],
            'logs.*.began_at' => ['nullable', ...array_slice(self::TIME, 1)], 'logs.*.at_ms' => ['required', 'list'], 'logs.*.values' => ['required', 'list'],
            'logs.*.told' => ['required', 'array:columns,time,value,clock,sensors,sensor,notes'],
            'logs.*.told.columns' => ['present', 'list', 'max:500'], 'logs.*.told.columns.*' => ['array:place,name,kind'], 'logs.*.told.columns.*.place' => ['required', 'integer'],
            'logs.*.told.columns.*.name' => ['present', 'string', 'max:200'], 'logs.*.told.columns.*.kind' => ['required', 'string', 'max:40'],
            'logs.*.told.time' => ['nullable', 'integer'], 'logs.*.told.value' => ['nullable', 'integer'], 'logs.*.told.clock' => ['nullable', 'string', 'max:40'],
            'logs.*.told.sensors' => ['present', 'list', 'max:500'], 'logs.*.told.sensors.*' => ['string', 'max:200'], 'logs.*.told.sensor' => ['nullable', 'string', 'max:200'],
            'logs.*.told.notes' => ['present', 'list', 'max:200'], 'logs.*.told.notes.*' => ['array:line,text'], 'logs.*.told.notes.*.line' => ['required', 'integer'],
            'logs.*.told.notes.*.text' => ['required', 'string', 'max:1000'],
            'surveys' => ['present', 'list', 'max:'.self::MOST],
            'surveys.*.key' => $key, 'surveys.*.kind' => ['required', Rule::enum(SurveyKind::class)], 'surveys.*.at' => self::TIME, 'surveys.*.replaces' => ['nullable', 'string'],
            'surveys.*.setting' => ['present', 'array:'.implode(',', SurveySetting::FIELDS)], 'surveys.*.setting.*' => ['nullable', 'string', 'max:400'],
            'surveys.*.readings' => ['present', 'list', 'max:'.self::MOST],
            'surveys.*.readings.*.key' => $key, 'surveys.*.readings.*.place' => ['required', 'string', 'max:60'], 'surveys.*.readings.*.entered' => ['required', 'string', 'max:80'],
            'surveys.*.readings.*.value_si' => ['nullable', 'numeric'], 'surveys.*.readings.*.source' => ['required', 'string', 'max:60'], 'surveys.*.readings.*.meter' => ['nullable', 'string', 'max:60'],
            'surveys.*.readings.*.at' => self::TIME, 'surveys.*.readings.*.replaces' => ['nullable', 'string'], 'surveys.*.readings.*.log' => ['nullable', 'string'],
            'surveys.*.readings.*.detail.unit_on' => ['nullable', 'boolean'],
            'surveys.*.readings.*.detail.from_min' => ['nullable', 'numeric', 'min:0', 'max:1000000'], 'surveys.*.readings.*.detail.to_min' => ['nullable', 'numeric', 'min:0', 'max:1000000'],
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $logs
     * @return array<string, int> numbers of their records
     */
    private function logs(array $logs): array
    {
        $numbers = [];
        foreach ($logs as $number => $one) {
            [$times, $values] = [(array) $one['at_ms'], (array) $one['values']];
            if (count($times) !== count($values) || array_filter($times, is_int(...)) !== $times || array_filter($values, fn (mixed $value): bool => is_int($value) || is_float($value)) !== $values) {
                throw InvalidSurvey::of("logs.{$number}.values", 'To every time in whole milliseconds there is one reading, a number.');
            }
            $series = new ParticleSeries(array_map(fn (int $at): float => $at / 1000.0, array_values($times)), array_map(floatval(...), array_values($values)));
            $fault = LogLimits::firstFault($series);
            if ($fault !== null) {
                throw InvalidSurvey::of("logs.{$number}.values.{$fault}", 'This reading, or its time, is none that a meter can tell after the one before it.');
            }
            [$source, $meter] = self::origin($one);
            $log = Log::query()->firstOrCreate(['programme_id' => $this->unit()->programme_id, 'sha256' => $one['sha256']], [
                'name' => $one['name'], 'source' => $source, 'meter' => $meter, 'began_at' => is_string($one['began_at'] ?? null) ? Carbon::parse($one['began_at']) : null,
                'told' => (array) ($one['told'] ?? []) + ['time' => null, 'value' => null, 'clock' => null, 'sensor' => null], 'person_id' => $this->person->id,
            ]);
            if ($log->wasRecentlyCreated) {
                $log->update(['row_count' => $log->add($series)]);
            }
            $numbers[(string) $one['sha256']] = $log->id;
        }

        return $numbers;
    }

    /**
     * @param  array<string, mixed>  $one
     * @param  array<string, int>  $surveys  those before it, by key
     * @param  array<string, int>  $logs
     */
    private function survey(array $one, string $path, array $surveys, array $logs): Survey
    {
        /** @var array{key: string, kind: string, setting: array<string, string|null>, at: string, replaces?: string|null, readings: list<array<string, mixed>>} $one */
        $kind = SurveyKind::from($one['kind']);
        try {
            $setting = SurveySetting::judged($kind, $one['setting'], $this->unit()->version->measure());
        } catch (Invalid $fault) {
            throw InvalidSurvey::of("{$path}.{$fault->field}", $fault->getMessage());
        }
        $survey = Survey::query()->firstOrCreate(['unit_id' => $this->unit()->id, 'key' => $one['key']], [
            'kind' => $kind, 'setting' => $setting, 'replaces_id' => $surveys[$one['replaces'] ?? ''] ?? null, 'person_id' => $this->person->id, 'began_at' => Carbon::parse($one['at']),
        ]);
        $entry = new ReadingEntry($survey, $this->proved, $this->unit()->version->measure());
        $readings = [];
        foreach ($one['readings'] as $number => $row) {
            /** @var array{key: string, place: string, entered: string, value_si?: float|int|string|null, at: string, replaces?: string|null, log?: string|null, detail?: array<string, mixed>|null} $row */
            $value = $entry->value($row['place'], self::inSi($kind, $row), "{$path}.readings.{$number}");
            $log = $logs[$row['log'] ?? ''] ?? null;
            if ($log === null && in_array($kind, [SurveyKind::Decay, SurveyKind::Vapour], true)) {
                throw InvalidSurvey::of("{$path}.readings.{$number}.log", 'There is no such log in this file.');
            }
            // Judged as it would be entered, kept as it is.
            $value = $value !== null && isset($row['value_si']) && $kind !== SurveyKind::Reach ? (float) $row['value_si'] : $value;
            [$source, $meter] = self::origin($row);
            $readings[$row['key']] = Reading::query()->firstOrCreate(['survey_id' => $survey->id, 'key' => $row['key']], [
                'place' => $row['place'], 'entered' => $row['entered'], 'value' => $value === null ? null : sprintf('%.10F', $value), 'log_id' => $log,
                // A photo stays with the unit that it shows.
                'detail' => array_intersect_key($row['detail'] ?? [], ['unit_on' => true, 'from_min' => true, 'to_min' => true]) ?: null,
                'source' => $source, 'meter' => $meter, 'replaces_id' => $readings[$row['replaces'] ?? ''] ?? null, 'person_id' => $this->person->id, 'told_at' => Carbon::parse($row['at']),
            ])->id;
        }

        return $survey;
    }

    /**
     * The value as it would be entered, with its unit: what was entered may have been in that of whoever did.
     *
     * @param  array{entered: string, value_si?: float|int|string|null, ...}  $row
     */
    private static function inSi(SurveyKind $kind, array $row): string
    {
        $unit = match ($kind) {
            SurveyKind::Traverse => 'm/s',
            SurveyKind::Level => 'dBA',
            SurveyKind::Power => 'W',
            default => null,
        };

        return $unit === null || ! isset($row['value_si']) ? $row['entered'] : sprintf('%.6F %s', $row['value_si'], $unit);
    }

    /**
     * How something came, and by which meter; older files name the meter alone.
     *
     * @param  array<string, mixed>  $one
     * @return array{EvidenceSource, string|null}
     */
    private static function origin(array $one): array
    {
        [$source, $meter] = [is_string($one['source'] ?? null) ? $one['source'] : '', is_string($one['meter'] ?? null) ? $one['meter'] : null];
        $known = EvidenceSource::tryFrom($source);

        return $known === null ? [EvidenceSource::Meter, $source] : [$known, $known === EvidenceSource::Meter ? $meter : null];
    }

    private function unit(): Unit
    {
        return $this->proved->unit;
    }
}
