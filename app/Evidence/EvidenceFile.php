<?php

namespace App\Evidence;

use App\Models\Log;
use App\Models\Person;
use App\Models\Reading;
use App\Models\Survey;
use App\Models\SurveyKind;
use App\Models\Unit;
use Illuminate\Support\Carbon;
use Jornel\Core\Proof\Decay\ParticleSeries;

/** All evidence of a unit as an open file, and read back: each thing keeps the key it was told with, so that it comes once. */
final class EvidenceFile
{
    public const KIND = 'unit-evidence';

    /** @return array<string, mixed> */
    public static function of(ProvedUnit $proved): array
    {
        $keys = array_column(array_map(fn (Survey $survey): array => [$survey->id, $survey->key], $proved->surveys), 1, 0);
        $logs = [];
        $surveys = [];
        foreach ($proved->surveys as $survey) {
            $readings = [];
            $told = array_column($survey->readings->map(fn (Reading $reading): array => [$reading->id, $reading->key])->all(), 1, 0);
            foreach ($survey->readings as $reading) {
                if ($reading->log !== null) {
                    $logs[$reading->log->sha256] ??= self::log($reading->log);
                }
                $readings[] = [
                    'key' => $reading->key, 'place' => $reading->place, 'entered' => $reading->entered, 'value_si' => $reading->value === null ? null : (float) $reading->value,
                    'source' => $reading->source, 'by' => $reading->person->name ?? '', 'at' => $reading->told_at->toIso8601ZuluString('millisecond'),
                    'replaces' => $told[$reading->replaces_id ?? 0] ?? null, 'log' => $reading->log?->sha256, 'detail' => $reading->detail,
                ];
            }
            $surveys[] = [
                'key' => $survey->key, 'kind' => $survey->kind->value, 'setting' => (object) $survey->setting, 'by' => $survey->person->name ?? '',
                'at' => $survey->began_at->toIso8601ZuluString('millisecond'), 'replaces' => $keys[$survey->replaces_id ?? 0] ?? null, 'readings' => $readings,
            ];
        }

        return ['kind' => self::KIND, 'unit' => $proved->unit->title(), 'surveys' => $surveys, 'logs' => array_values($logs)];
    }

    /** One line for every reading. */
    public static function csv(ProvedUnit $proved): string
    {
        $lines = [['survey', 'kind', 'place', 'entered', 'value_si', 'source', 'by', 'at', 'holds']];
        foreach ($proved->surveys as $survey) {
            $holding = array_map(fn (Reading $reading): int => $reading->id, $survey->holding());
            foreach ($survey->readings as $reading) {
                $lines[] = [$survey->id, $survey->kind->value, $reading->place, $reading->entered, $reading->value ?? '', $reading->source, $reading->person->name ?? '', $reading->told_at->toIso8601ZuluString('millisecond'), in_array($reading->id, $holding, true) ? 'yes' : 'no'];
            }
        }
        $file = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No memory for a file.');
        foreach ($lines as $line) {
            // What a spreadsheet would take for a formula is a text.
            fputcsv($file, array_map(fn (mixed $cell): string => preg_match('/^[=+@]/', (string) $cell) === 1 ? "'{$cell}" : (string) $cell, $line), escape: '');
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /**
     * Reads a file back into a unit: what is there already, by its key, stays as it is.
     *
     * @param  array{surveys: list<array{key: string, kind: string, setting: array<string, string>, at: string, replaces: string|null, readings: list<array{key: string, place: string, entered: string, value_si: float|int|null, source: string, at: string, replaces: string|null, log: string|null, detail: array<string, mixed>|null}>}>, logs: list<array{sha256: string, name: string, source: string, began_at: string|null, told: array<string, mixed>, at_ms: list<int>, values: list<float|int>}>}  $file
     */
    public static function read(array $file, Unit $unit, Person $person): void
    {
        $logs = [];
        foreach ($file['logs'] as $one) {
            $log = Log::query()->firstOrCreate(['programme_id' => $unit->programme_id, 'sha256' => $one['sha256']], [
                'name' => $one['name'], 'source' => $one['source'], 'began_at' => $one['began_at'] === null ? null : Carbon::parse($one['began_at']), 'told' => $one['told'], 'person_id' => $person->id,
            ]);
            if ($log->wasRecentlyCreated) {
                $log->update(['row_count' => $log->add(new ParticleSeries(array_map(fn (int $at): float => $at / 1000.0, $one['at_ms']), array_map(floatval(...), $one['values'])))]);
            }
            $logs[$one['sha256']] = $log->id;
        }
        $surveys = [];
        foreach ($file['surveys'] as $one) {
            $survey = Survey::query()->firstOrCreate(['unit_id' => $unit->id, 'key' => $one['key']], [
                'kind' => SurveyKind::from($one['kind']), 'setting' => $one['setting'], 'replaces_id' => $surveys[$one['replaces'] ?? ''] ?? null, 'person_id' => $person->id, 'began_at' => Carbon::parse($one['at']),
            ]);
            $surveys[$one['key']] = $survey->id;
            $readings = [];
            foreach ($one['readings'] as $row) {
                $readings[$row['key']] = Reading::query()->firstOrCreate(['survey_id' => $survey->id, 'key' => $row['key']], [
                    'place' => $row['place'], 'entered' => $row['entered'], 'value' => $row['value_si'] === null ? null : sprintf('%.10F', $row['value_si']), 'log_id' => $logs[$row['log'] ?? ''] ?? null,
                    'detail' => $row['detail'], 'source' => $row['source'], 'replaces_id' => $readings[$row['replaces'] ?? ''] ?? null, 'person_id' => $person->id, 'told_at' => Carbon::parse($row['at']),
                ])->id;
            }
        }
    }

    /** @return array<string, mixed> */
    private static function log(Log $log): array
    {
        $series = $log->series();

        return [
            'sha256' => $log->sha256, 'name' => $log->name, 'source' => $log->source, 'began_at' => $log->began_at?->toIso8601ZuluString('millisecond'), 'told' => $log->told,
            'at_ms' => array_map(fn (float $time): int => (int) round(1000.0 * $time), $series->times), 'values' => $series->values,
        ];
    }
}
