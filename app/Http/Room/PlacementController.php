<?php

namespace App\Http\Room;

use App\Actions\Remember;
use App\Exceptions\Overtaken;
use App\Http\Shared\Controller;
use App\Models\Room;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Jornel\Core\Part\PurifierEntry;
use OpenApi\Attributes as OA;

/** What stands in a room, all of it at once, so that two people never mix theirs. */
class PlacementController extends Controller
{
    #[OA\Put(path: '/rooms/{room}/placements', operationId: 'place', parameters: [new OA\PathParameter(name: 'room', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: PlacementsRequest::class)), responses: [
        new OA\Response(response: 200, description: 'The room with what stands in it now', content: new OA\JsonContent(ref: RoomData::class)),
        new OA\Response(response: 409, description: 'Someone changed the room meanwhile'),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function update(PlacementsRequest $request, Room $room): JsonResponse
    {
        $rows = $this->rows($request, $room);
        $room->changeSince($request->integer('revision'), Overtaken::room(), function (int $next) use ($request, $room, $rows): void {
            $room->placements()->delete();
            foreach ($rows as $position => $row) {
                $room->placements()->create(['position' => $position] + $row);
            }
            $room->update(['revision' => $next, 'changed_by' => $this->person($request)->id]);
        });

        Remember::that('room_placed', $room->programmeId(), $room);

        return new JsonResponse(RoomData::of($room->load(['site', 'changer', 'builds.latest.person', 'placements'])));
    }

    /** @return list<array{build_id: int|null, bought: array<string, string>|null, count: int, speed: string}> */
    private function rows(PlacementsRequest $request, Room $room): array
    {
        $measure = $this->person($request)->measure;
        $known = $room->builds()->pluck('id')->all();
        $rows = [];
        foreach ($request->beside('placements') as $number => $row) {
            $bought = $row['bought'] ?? null;
            if ($bought !== null) {
                PurifierEntry::read($bought, $measure, "placements.{$number}.bought");
            } elseif (! in_array($row['build'] ?? null, $known, true)) {
                throw ValidationException::withMessages(["placements.{$number}.build" => 'This is no build of the room.']);
            }
            $rows[] = [
                'build_id' => $bought === null ? $row['build'] ?? null : null, 'bought' => $bought === null ? null : PurifierEntry::withUnits($bought, $measure),
                'count' => $row['count'], 'speed' => $bought === null ? $row['speed'] ?? '' : '',
            ];
        }

        return $rows;
    }
}
