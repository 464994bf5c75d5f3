<?php

namespace App\Http\Programme;

use App\Actions\Evaluate;
use App\Backup\Backups;
use App\Http\Shared\Controller;
use App\Models\Programme;
use App\Models\Role;
use App\Models\Room;
use App\Models\Site;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

class ProgrammeController extends Controller
{
    #[OA\Get(path: '/programmes', operationId: 'programmes', responses: [
        new OA\Response(response: 200, description: 'Programmes of whoever asks', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ProgrammeNameData::class))),
    ])]
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse($this->person($request)->programmes->map(ProgrammeNameData::of(...))->values());
    }

    #[OA\Get(path: '/programmes/{programme}', operationId: 'programme', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'Its sites and rooms', content: new OA\JsonContent(ref: ProgrammeData::class)),
        new OA\Response(response: 404, description: 'Not there, or not for you'),
    ])]
    public function show(Request $request, Programme $programme, Evaluate $evaluate, Backups $backups): JsonResponse
    {
        $person = $this->person($request);
        $programme->load(['sites.rooms.builds.latest.person', 'sites.rooms.placements.build.latest']);
        $programme->sites->each(fn (Site $site): mixed => $site->setRelation('programme', $programme)->rooms->each(fn (Room $room): Room => $room->setRelation('site', $site)));
        $longest = max([1.0, ...$programme->sites->flatMap->rooms->map(fn (Room $room): float => max((float) $room->length_m, (float) $room->width_m))->all()]);
        $card = fn (Room $room): RoomCardData => RoomCardData::of($room, $evaluate($room->entries(), $room->goal, null, $person->measure), $evaluate->result($room, $person->measure), $longest);

        $role = $person->roleIn($programme->id) ?? Role::Reader;

        return new JsonResponse(ProgrammeData::of(
            $programme, $role,
            array_values($programme->sites->map(fn (Site $site): SiteData => SiteData::of($site, $card))->all()),
            $role->mayOrganise() ? $backups->missed() : '',
        ));
    }

    #[OA\Patch(path: '/programmes/{programme}', operationId: 'renameProgramme', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: NameRequest::class)), responses: [
        new OA\Response(response: 204, description: 'Renamed'),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function update(NameRequest $request, Programme $programme): Response
    {
        $programme->update(['name' => $request->string('name')->trim()->toString()]);

        return new Response(status: 204);
    }
}
