<?php

namespace App\Http\Room;

use App\Http\Shared\Controller;
use App\Models\Draft;
use App\Models\Room;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** What is not saved yet is kept by itself, each person’s own, so that it is there on another machine too. */
class DraftController extends Controller
{
    #[OA\Get(path: '/rooms/{room}/draft', operationId: 'draft', parameters: [new OA\PathParameter(name: 'room', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'One’s own', content: new OA\JsonContent(ref: DraftData::class)),
    ])]
    public function show(Request $request, Room $room): JsonResponse
    {
        return new JsonResponse(DraftData::of(Draft::query()->where($this->key($request, $room))->first()));
    }

    #[OA\Put(path: '/rooms/{room}/draft', operationId: 'keepDraft', parameters: [new OA\PathParameter(name: 'room', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: DraftRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Kept', content: new OA\JsonContent(ref: DraftData::class)),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function update(DraftRequest $request, Room $room): JsonResponse
    {
        return new JsonResponse(DraftData::of(Draft::query()->updateOrCreate($this->key($request, $room), ['work' => $request->work()])));
    }

    #[OA\Delete(path: '/rooms/{room}/draft', operationId: 'dropDraft', parameters: [new OA\PathParameter(name: 'room', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'There is none any more'),
    ])]
    public function destroy(Request $request, Room $room): Response
    {
        Draft::query()->where($this->key($request, $room))->delete();

        return new Response(status: 204);
    }

    /** @return array{room_id: int, person_id: int} */
    private function key(Request $request, Room $room): array
    {
        return ['room_id' => $room->id, 'person_id' => $this->person($request)->id];
    }
}
