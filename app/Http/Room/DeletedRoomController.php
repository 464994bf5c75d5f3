<?php

namespace App\Http\Room;

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
        $room->restore();

        return new Response(status: 204);
    }
}
