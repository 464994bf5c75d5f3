<?php

namespace App\Http\Room;

use App\Actions\Remember;
use App\Http\Shared\Controller;
use App\Models\Room;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

class DeletedRoomController extends Controller
{
    #[OA\Delete(path: '/rooms/{room}/deletion', operationId: 'undeleteRoom', parameters: [new OA\PathParameter(name: 'room', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'The room is back'),
    ])]
    public function destroy(Room $room): Response
    {
        if ($room->trashed()) {
            abort_if($room->site->trashed(), 409, 'Its site was deleted, too. Bring that back first.');
            $room->restore();
            Remember::that('room_restored', $room->programmeId(), $room);
        }

        return new Response(status: 204);
    }
}
