<?php

namespace App\Http\Programme;

use App\Http\Shared\Controller;
use App\Models\Programme;
use App\Models\Room;
use App\Models\Site;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

class SiteController extends Controller
{
    #[OA\Post(path: '/programmes/{programme}/sites', operationId: 'addSite', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: SiteRequest::class)), responses: [
        new OA\Response(response: 201, description: 'Added', content: new OA\JsonContent(ref: SiteData::class)),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(SiteRequest $request, Programme $programme): JsonResponse
    {
        $site = $programme->sites()->create(['name' => $request->string('name')->toString()])->load('rooms');

        return new JsonResponse(SiteData::of($site, fn (Room $room): RoomCardData => throw new \LogicException('A new site has no rooms.')), 201);
    }

    #[OA\Get(path: '/sites/{site}/plan', operationId: 'sitePlan', parameters: [new OA\PathParameter(name: 'site', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'Its rooms joined by their doors', content: new OA\JsonContent(ref: SitePlanData::class)),
        new OA\Response(response: 404, description: 'Not there, or not for you'),
    ])]
    public function plan(Site $site): JsonResponse
    {
        return new JsonResponse(SitePlanData::of($site->load('rooms.placements')));
    }

    #[OA\Patch(path: '/sites/{site}', operationId: 'renameSite', parameters: [new OA\PathParameter(name: 'site', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: SiteRequest::class)), responses: [
        new OA\Response(response: 204, description: 'Renamed'),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function update(SiteRequest $request, Site $site): Response
    {
        $site->update(['name' => $request->string('name')->trim()->toString()]);

        return new Response(status: 204);
    }
}
