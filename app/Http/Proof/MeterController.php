<?php

namespace App\Http\Proof;

use App\Actions\Remember;
use App\Http\Shared\Controller;
use App\Meters\MeterAddress;
use App\Meters\Meters;
use App\Meters\MeterSilent;
use App\Models\Log;
use App\Models\Meter;
use App\Models\Programme;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Proof\Decay\ParticleSeries;
use OpenApi\Attributes as OA;

/** Meters that a programme may ask, by HTTP or by files; an organiser says which. Nothing is open while one is asked. */
class MeterController extends Controller
{
    #[OA\Get(path: '/programmes/{programme}/meters', operationId: 'meters', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'Meters of the programme', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Meter'))),
    ])]
    public function index(Programme $programme): JsonResponse
    {
        $meters = Meter::query();
        $meters->where('programme_id', $programme->id)->orderBy('id');

        return new JsonResponse(array_values($meters->get()->map(MeterData::of(...))->all()));
    }

    #[OA\Post(path: '/programmes/{programme}/meters', operationId: 'addMeter', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/MeterRequest')), responses: [
        new OA\Response(response: 201, description: 'Allowed', content: new OA\JsonContent(ref: '#/components/schemas/Meter')),
        new OA\Response(response: 422, description: 'An address that may not be asked', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(MeterRequest $request, Programme $programme): JsonResponse
    {
        if ($request->string('driver')->toString() === 'http') {
            MeterAddress::of($request->string('address')->toString());
        }
        $meter = Meter::query()->create(array_map(fn (mixed $value): mixed => $value ?? '', $request->validated()) + ['programme_id' => $programme->id, 'person_id' => $this->person($request)->id]);

        Remember::that('meter_added', $programme->id, null, ['meter' => $meter->name]);

        return new JsonResponse(MeterData::of($meter->refresh()), 201);
    }

    #[OA\Delete(path: '/meters/{meter}', operationId: 'deleteMeter', parameters: [new OA\PathParameter(name: 'meter', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 204, description: 'It is asked no more, and can be brought back')])]
    public function destroy(Meter $meter): Response
    {
        $meter->delete();
        Remember::that('meter_deleted', $meter->programme_id, null, ['meter' => $meter->name]);

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/meters/{meter}/deletion', operationId: 'restoreMeter', parameters: [new OA\PathParameter(name: 'meter', schema: new OA\Schema(type: 'integer'))], responses: [new OA\Response(response: 204, description: 'It is there again')])]
    public function restore(Meter $meter): Response
    {
        if ($meter->trashed()) {
            $meter->restore();
            Remember::that('meter_restored', $meter->programme_id, null, ['meter' => $meter->name]);
        }

        return new Response(status: 204);
    }

    #[OA\Post(path: '/meters/{meter}/readings', operationId: 'askMeter', parameters: [new OA\PathParameter(name: 'meter', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'What it tells now', content: new OA\JsonContent(type: 'object', required: ['entered', 'value'], properties: [new OA\Property(property: 'entered', type: 'string'), new OA\Property(property: 'value', type: 'number', description: 'SI; of particles µg/m3')])),
        new OA\Response(response: 424, description: 'It tells nothing, and why', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function ask(Meter $meter): JsonResponse
    {
        try {
            $reading = Meters::read($meter);
        } catch (MeterSilent $silent) {
            return new JsonResponse(['message' => $silent->getMessage(), 'errors' => (object) []], 424);
        }

        return new JsonResponse(['entered' => $reading->entered(), 'value' => $reading->si()]);
    }

    #[OA\Post(path: '/meters/{meter}/rows', operationId: 'logMeter', parameters: [
        new OA\PathParameter(name: 'meter', schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(content: new OA\JsonContent(type: 'object', properties: [new OA\Property(property: 'log', type: 'integer', nullable: true, description: 'That is added to; a new one where not given')])), responses: [
        new OA\Response(response: 200, description: 'What it tells now, kept in the log', content: new OA\JsonContent(type: 'object', required: ['log', 'at_ms', 'value'], properties: [new OA\Property(property: 'log', type: 'integer'), new OA\Property(property: 'at_ms', type: 'integer'), new OA\Property(property: 'value', type: 'number')])),
        new OA\Response(response: 424, description: 'It tells nothing, and why', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function log(Request $request, Meter $meter): JsonResponse
    {
        try {
            $reading = Meters::read($meter);
        } catch (MeterSilent $silent) {
            return new JsonResponse(['message' => $silent->getMessage(), 'errors' => (object) []], 424);
        }
        $id = $request->input('log');
        $person = $this->person($request)->id;
        // Begun only now, when the meter has told: nothing is open while it is asked.
        [$log, $at] = DB::transaction(function () use ($meter, $reading, $id, $person): array {
            $log = is_int($id) ? Log::query()->where('programme_id', $meter->programme_id)->where('meter_id', $meter->id)->findOrFail($id) : Log::ofMeter($meter, $person);
            $at = max(0, (int) now()->valueOf() - (int) $log->began_at?->valueOf());
            $log->newQuery()->whereKey($log->id)->increment('row_count', $log->add(new ParticleSeries([$at / 1000.0], [$reading->si()])));

            return [$log, $at];
        });

        return new JsonResponse(['log' => $log->id, 'at_ms' => $at, 'value' => round($reading->si(), 3)]);
    }
}
