<?php

namespace App\Http\Build;

use App\Actions\Evaluate;
use App\Actions\Remember;
use App\Actions\SaveVersion;
use App\Actions\StandsThere;
use App\Http\Shared\Controller;
use App\Models\Build;
use App\Models\Part;
use App\Models\Version;
use Illuminate\Http\JsonResponse;
use Jornel\Core\Part\Catalogue;
use OpenApi\Attributes as OA;

class VersionController extends Controller
{
    #[OA\Post(path: '/builds/{build}/versions', operationId: 'saveVersion', parameters: [new OA\PathParameter(name: 'build', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: VersionRequest::class)), responses: [
        new OA\Response(response: 201, description: 'Saved', content: new OA\JsonContent(ref: VersionData::class)),
        new OA\Response(response: 409, description: 'Someone saved another meanwhile'),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(VersionRequest $request, Build $build, SaveVersion $save, StandsThere $there): JsonResponse
    {
        $build->load(['room.site.programme', 'latest']);
        $version = $save(
            $build, $this->person($request), $request->unit() ?? [], $request->integer('based_on'),
            $request->boolean('keep_figures') ? $build->latest : null, $there->copies($request->beside(), $this->person($request)->measure),
        );

        Remember::that('version_saved', $build->programmeId(), $build->room, ['build' => $build->name, 'number' => $version->number]);

        return new JsonResponse(VersionData::of($version->refresh()->load('person')), 201);
    }

    #[OA\Get(path: '/builds/{build}/versions', operationId: 'versions', parameters: [new OA\PathParameter(name: 'build', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'All its versions, the latest first', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: VersionData::class))),
    ])]
    public function index(Build $build): JsonResponse
    {
        return new JsonResponse(array_values($build->load('versions.person')->versions->reverse()->map(fn (Version $version): VersionData => VersionData::of($version))->all()));
    }

    #[OA\Get(path: '/versions/{version}', operationId: 'version', parameters: [new OA\PathParameter(name: 'version', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'A version with the figures it was computed with', content: new OA\JsonContent(ref: SavedVersionData::class)),
    ])]
    public function show(Version $version, Evaluate $evaluate): JsonResponse
    {
        $version->loadMissing('person');
        $changed = $version->catalogue()->differing(Catalogue::fromEntries(Part::chosen($version->choices, $version->build->room->site->programme)));

        return new JsonResponse(SavedVersionData::of($version, $evaluate->version($version), $changed));
    }
}
