<?php

namespace App\Http\Proof;

use App\Http\Shared\AxisData;
use App\Http\Shared\Controller;
use App\Http\Shared\PlotLineData;
use App\Models\EvidenceSource;
use App\Models\Log;
use App\Models\Unit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Jornel\Core\Proof\Decay\DecayPlot;
use Jornel\Core\Proof\Decay\DecayRun;
use Jornel\Core\Proof\Decay\Weights;
use Jornel\Core\Proof\Log\Clock;
use Jornel\Core\Proof\Log\LogChoices;
use Jornel\Core\Proof\Log\LogColumn;
use Jornel\Core\Proof\Log\LogNote;
use Jornel\Core\Proof\Log\ReadLog;
use OpenApi\Attributes as OA;

/** Meters' logs: read whole or not at all, each kept once. */
class LogController extends Controller
{
    private const NAME = 120;

    #[OA\Post(path: '/units/{unit}/logs', operationId: 'addLog', parameters: [
        new OA\PathParameter(name: 'unit', schema: new OA\Schema(type: 'integer')),
        new OA\QueryParameter(name: 'name', schema: new OA\Schema(type: 'string'), description: 'Of the file'),
        new OA\QueryParameter(name: 'time_column', schema: new OA\Schema(type: 'integer'), description: 'Place of the column with the time, from 0; found where not given'),
        new OA\QueryParameter(name: 'value_column', schema: new OA\Schema(type: 'integer')),
        new OA\QueryParameter(name: 'clock', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'sensor', schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(description: 'The file itself', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string', format: 'binary'))), responses: [
        new OA\Response(response: 201, description: 'Kept; the same file read in the same way is the same log', content: new OA\JsonContent(ref: '#/components/schemas/Log')),
        new OA\Response(response: 422, description: 'It cannot be read: line and reason', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(Request $request, Unit $unit): JsonResponse
    {
        $bytes = $request->getContent();
        $whole = fn (string $key): ?int => ctype_digit($request->query($key, '')) && $request->query($key) !== '' ? (int) $request->query($key) : null;
        $sensor = $request->query('sensor');
        $clock = $request->query('clock');
        $choices = new LogChoices($whole('time_column'), $whole('value_column'), is_string($clock) ? Clock::tryFrom($clock) : null, is_string($sensor) && $sensor !== '' ? $sensor : null);
        $key = ['programme_id' => $unit->programme_id, 'sha256' => hash('sha256', $bytes."\0".json_encode($choices, JSON_THROW_ON_ERROR))];
        $log = Log::query()->where($key)->first();
        if ($log === null) {
            $read = ReadLog::of($bytes, $choices);
            $log = Log::query()->create($key + [
                'name' => Str::limit(is_string($request->query('name')) ? $request->query('name') : 'log', self::NAME - 1, '…'), 'source' => EvidenceSource::File, 'row_count' => 0, 'person_id' => $this->person($request)->id,
                'began_at' => $read->began === null || ! $read->clock->clock->hasDate() ? null : Carbon::createFromTimestampMs((int) round(1000.0 * $read->began)),
                'told' => $this->told($read),
            ]);
            $log->update(['row_count' => $log->add($read->series)]);
        }

        return new JsonResponse($this->data($log), 201);
    }

    #[OA\Get(path: '/logs/{log}', operationId: 'log', parameters: [
        new OA\PathParameter(name: 'log', schema: new OA\Schema(type: 'integer')),
        new OA\QueryParameter(name: 'from_min', schema: new OA\Schema(type: 'number'), description: 'Stretch to fit; found where not given'),
        new OA\QueryParameter(name: 'to_min', schema: new OA\Schema(type: 'number')),
        new OA\QueryParameter(name: 'weights', schema: new OA\Schema(type: 'string', enum: ['none', 'meter'])),
    ], responses: [
        new OA\Response(response: 200, description: 'The log, thinned so that no peak is lost, and what a decay fitted to it leaves over', content: new OA\JsonContent(ref: '#/components/schemas/LogPlot')),
    ])]
    public function show(Request $request, Log $log): JsonResponse
    {
        $minute = fn (string $key): ?float => is_numeric($request->query($key)) ? 60.0 * (float) $request->query($key) : null;
        $series = $log->series();
        $run = DecayRun::of($series, Weights::tryFrom((string) $request->string('weights')) ?? Weights::Meter, $minute('from_min'), $minute('to_min'));
        $plot = DecayPlot::of($series, $run->stretch, $run->fit);

        return new JsonResponse($this->data($log) + [
            'across' => AxisData::of($plot->across), 'up' => AxisData::of($plot->up), 'beside' => AxisData::of($plot->beside),
            'readings' => PlotLineData::of($plot->readings, $plot->across, $plot->up), 'fitted' => PlotLineData::of($plot->fitted, $plot->across, $plot->up), 'residuals' => PlotLineData::of($plot->residuals, $plot->across, $plot->beside),
            'from_min' => $run->stretch === null ? null : $run->stretch->from / 60.0, 'to_min' => $run->stretch === null ? null : $run->stretch->to / 60.0,
            'refused' => $run instanceof DecayRun ? null : $run->reason,
        ]);
    }

    /** @return array{columns: list<array{place: int, name: string, kind: string}>, time: int|null, value: int|null, clock: string|null, sensors: list<string>, sensor: string|null, notes: list<array{line: int, text: string}>} */
    private function told(ReadLog $read): array
    {
        return [
            'columns' => array_map(fn (LogColumn $column): array => ['place' => $column->place, 'name' => $column->name, 'kind' => $column->kind->value], $read->table->columns),
            'time' => $read->clock->time->place, 'value' => $read->value->place, 'clock' => $read->clock->clock->value, 'sensors' => $read->sensors, 'sensor' => $read->sensor,
            'notes' => array_map(fn (LogNote $note): array => ['line' => $note->line, 'text' => $note->text], $read->notes),
        ];
    }

    /** @return array<string, mixed> */
    private function data(Log $log): array
    {
        return ['id' => $log->id, 'name' => $log->name, 'source' => $log->source->value, 'meter' => $log->meter, 'rows' => $log->row_count, 'began_at' => $log->began_at?->toIso8601String()] + $log->told;
    }
}
