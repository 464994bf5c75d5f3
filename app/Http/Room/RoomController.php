<?php

namespace App\Http\Room;

use App\Actions\Evaluate;
use App\Actions\Places;
use App\Actions\Remember;
use App\Exceptions\Overtaken;
use App\Http\Programme\RoomNameData;
use App\Http\Shared\Controller;
use App\Models\Room;
use App\Models\Site;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

class RoomController extends Controller
{
    #[OA\Post(path: '/sites/{site}/rooms', operationId: 'addRoom', parameters: [new OA\PathParameter(name: 'site', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: RoomRequest::class)), responses: [
        new OA\Response(response: 201, description: 'Added', content: new OA\JsonContent(ref: RoomData::class)),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(RoomRequest $request, Site $site, Evaluate $evaluate): JsonResponse
    {
        $room = $site->rooms()->create($request->columns($evaluate) + ['revision' => 1]);
        Remember::that('room_added', $site->programme_id, $room);

        return new JsonResponse($this->data($room), 201);
    }

    #[OA\Get(path: '/rooms/{room}', operationId: 'room', parameters: [new OA\PathParameter(name: 'room', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'A room with its builds', content: new OA\JsonContent(ref: RoomData::class)),
        new OA\Response(response: 404, description: 'Not there, or not for you'),
    ])]
    public function show(Room $room): JsonResponse
    {
        return new JsonResponse($this->data($room));
    }

    #[OA\Put(path: '/rooms/{room}', operationId: 'changeRoom', parameters: [new OA\PathParameter(name: 'room', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: RoomRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Changed', content: new OA\JsonContent(ref: RoomData::class)),
        new OA\Response(response: 409, description: 'Someone changed it meanwhile'),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function update(RoomRequest $request, Room $room, Evaluate $evaluate): JsonResponse
    {
        $columns = $request->columns($evaluate);
        $room->changeSince($request->integer('revision'), Overtaken::room(), fn (int $next): bool => $room->update($columns + ['revision' => $next]));

        Remember::that('room_changed', $room->programmeId(), $room);

        return new JsonResponse($this->data($room));
    }

    #[OA\Delete(path: '/rooms/{room}', operationId: 'deleteRoom', parameters: [new OA\PathParameter(name: 'room', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'Deleted; can be undone'),
    ])]
    public function destroy(Room $room): Response
    {
        $room->delete();
        Remember::that('room_deleted', $room->programmeId(), $room);

        return new Response(status: 204);
    }

    #[OA\Post(path: '/rooms/{room}/copies', operationId: 'copyRoom', parameters: [new OA\PathParameter(name: 'room', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: CopiesRequest::class)), responses: [
        new OA\Response(response: 201, description: 'Rooms like this one, in the same site', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: RoomNameData::class))),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function copy(CopiesRequest $request, Room $room, Places $places): JsonResponse
    {
        $copies = $places->copy($room, $request->names(), $this->person($request));
        Remember::that('room_copied', $room->programmeId(), $room, ['count' => count($copies)]);

        return new JsonResponse(array_map(RoomNameData::of(...), $copies), 201);
    }

    #[OA\Put(path: '/rooms/{room}/site', operationId: 'moveRoom', parameters: [new OA\PathParameter(name: 'room', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: RoomSiteRequest::class)), responses: [
        new OA\Response(response: 204, description: 'It is in that site now'),
        new OA\Response(response: 422, description: 'This is no site of the programme', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function move(RoomSiteRequest $request, Room $room, Places $places): Response
    {
        [$from, $site] = [$room->site, $request->site()];
        if (! $site->is($from)) {
            $places->move($room, $site);
            Remember::that('room_moved', $site->programme_id, $room, ['from' => $from->name, 'site' => $site->name]);
        }

        return new Response(status: 204);
    }

    private function data(Room $room): RoomData
    {
        return RoomData::of($room->load(['site', 'changer', 'builds.latest.person', 'placements']));
    }
}
