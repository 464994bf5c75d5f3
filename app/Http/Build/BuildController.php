<?php

namespace App\Http\Build;

use App\Actions\Remember;
use App\Actions\SaveVersion;
use App\Actions\StandsThere;
use App\Http\Shared\Controller;
use App\Models\Build;
use App\Models\Room;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

class BuildController extends Controller
{
    #[OA\Post(path: '/rooms/{room}/builds', operationId: 'addBuild', parameters: [new OA\PathParameter(name: 'room', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: BuildRequest::class)), responses: [
        new OA\Response(response: 201, description: 'Saved as its first version', content: new OA\JsonContent(ref: BuildData::class)),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(BuildRequest $request, Room $room, SaveVersion $save, StandsThere $there): JsonResponse
    {
        $beside = $there->copies($request->beside(), $this->person($request)->measure);
        $build = DB::transaction(function () use ($request, $room, $save, $beside): Build {
            $build = $room->builds()->create(['name' => $request->string('name')->toString()])->setRelation('room', $room);
            $save($build, $this->person($request), $request->unit() ?? [], 0, beside: $beside);
            Remember::that('build_added', $room->programmeId(), $room, ['build' => $build->name]);

            return $build;
        });

        return new JsonResponse(BuildData::of($build->load('latest.person')), 201);
    }

    #[OA\Get(path: '/builds/{build}', operationId: 'build', parameters: [new OA\PathParameter(name: 'build', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'A build with its latest version', content: new OA\JsonContent(ref: BuildData::class)),
    ])]
    public function show(Build $build): JsonResponse
    {
        return new JsonResponse(BuildData::of($build->load('latest.person')));
    }
}
