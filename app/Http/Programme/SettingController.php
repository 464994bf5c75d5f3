<?php

namespace App\Http\Programme;

use App\Actions\Remember;
use App\Exceptions\Overtaken;
use App\Http\Shared\Controller;
use App\Models\Programme;
use Illuminate\Http\JsonResponse;
use Jornel\Core\Ledger\SettingEntry;
use OpenApi\Attributes as OA;

class SettingController extends Controller
{
    #[OA\Get(path: '/programmes/{programme}/setting', operationId: 'setting', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'Currency, tariff, altitude and the like', content: new OA\JsonContent(ref: SettingData::class)),
    ])]
    public function show(Programme $programme): JsonResponse
    {
        return new JsonResponse(SettingData::of($programme));
    }

    #[OA\Put(path: '/programmes/{programme}/setting', operationId: 'changeSetting', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: SettingRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Changed', content: new OA\JsonContent(ref: SettingData::class)),
        new OA\Response(response: 409, description: 'Someone changed it meanwhile'),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function update(SettingRequest $request, Programme $programme): JsonResponse
    {
        $entry = SettingEntry::read($request->validated(), $this->person($request)->measure);
        $programme->changeSince($request->integer('revision'), Overtaken::settings(), function (int $next) use ($programme, $entry): void {
            $programme->update([
                'currency' => $entry->currency, 'tariff' => (string) $entry->economy->tariff,
                'hours_per_day' => $entry->economy->hoursPerDay, 'years' => $entry->economy->years, 'filter_changes' => $entry->economy->changes,
                'altitude_m' => $entry->altitude, 'altitude_entry' => $entry->altitudeEntry,
                'temperature_k' => $entry->temperature, 'temperature_entry' => $entry->temperatureEntry,
                'revision' => $next,
            ]);
        });

        Remember::that('settings_changed', $programme->id);

        return new JsonResponse(SettingData::of($programme->refresh()));
    }
}
