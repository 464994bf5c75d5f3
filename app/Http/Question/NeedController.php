<?php

namespace App\Http\Question;

use App\Actions\Evaluate;
use App\Http\Shared\Controller;
use Closure;
use Illuminate\Http\JsonResponse;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Fault\Invalid;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Room\Need\NeedEntry;
use OpenApi\Attributes as OA;

class NeedController extends Controller
{
    #[OA\Post(path: '/needs', operationId: 'need', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: NeedRequest::class)), responses: [
        new OA\Response(response: 200, description: 'What to ask, and what the answers set', content: new OA\JsonContent(ref: NeedData::class)),
    ])]
    public function store(NeedRequest $request, DataFiles $data, Evaluate $evaluate): JsonResponse
    {
        $shown = fn (string $field, string|bool $value): string => match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            $field === 'pollutant' => $data->pollutants()->get($value)->name,
            $field === 'goal' => $data->targets()->get($value)->name(),
            default => $value === '' ? 'none' : $value,
        };

        return new JsonResponse(NeedData::of($data->need(), $request->answers(), $shown, $this->needed($request, $data, $evaluate)));
    }

    /** @return (Closure(string): (float|null))|null null where the room is not written down well enough yet */
    private function needed(NeedRequest $request, DataFiles $data, Evaluate $evaluate): ?Closure
    {
        $entries = $request->validated('room');
        if (! is_array($entries)) {
            return null;
        }
        $sets = array_map(fn (NeedEntry $entry): string|bool => $entry->value, $data->need()->settle($request->answers()));
        try {
            $room = $evaluate->room(array_intersect_key($sets, ['pollutant' => 1, 'leakiness' => 1]) + $entries, $this->person($request)->measure);
        } catch (InvalidEntries|Invalid) {
            return null;
        }

        return fn (string $goal): ?float => $data->targets()->get($goal)->asks($room);
    }
}
