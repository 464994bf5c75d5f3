<?php

namespace App\Evidence;

use App\Formats\Spreadsheet;
use App\Models\Log;
use App\Models\Reading;
use App\Models\Survey;

/** All evidence of a unit as an open file: each thing keeps the key it was told with, so that read back ({@see EvidenceImport}) it comes once. */
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
                    'source' => $reading->source->value, 'meter' => $reading->meter, 'by' => $reading->person->name ?? '', 'at' => $reading->told_at->toIso8601ZuluString('millisecond'),
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
        $lines = [['survey', 'kind', 'place', 'entered', 'value_si', 'source', 'by', 'at', 'holds', 'meter']];
        foreach ($proved->surveys as $survey) {
            $holding = array_map(fn (Reading $reading): int => $reading->id, $survey->holding());
            foreach ($survey->readings as $reading) {
                $lines[] = [$survey->id, $survey->kind->value, $reading->place, $reading->entered, $reading->value ?? '', $reading->source->value, $reading->person->name ?? '', $reading->told_at->toIso8601ZuluString('millisecond'), in_array($reading->id, $holding, true) ? 'yes' : 'no', $reading->meter ?? ''];
            }
        }

        return Spreadsheet::csv($lines, "\n", isMarked: false);
    }

    /** @return array<string, mixed> */
    private static function log(Log $log): array
    {
        $series = $log->series();

        return [
            'sha256' => $log->sha256, 'name' => $log->name, 'source' => $log->source->value, 'meter' => $log->meter, 'began_at' => $log->began_at?->toIso8601ZuluString('millisecond'), 'told' => $log->told,
            'at_ms' => array_map(fn (float $time): int => (int) round(1000.0 * $time), $series->times), 'values' => $series->values,
        ];
    }
}
