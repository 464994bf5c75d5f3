<?php

namespace App\Http\Programme;

use App\Actions\Assess;
use App\Actions\Places;
use App\Actions\Remember;
use App\Http\Shared\Controller;
use App\Models\Programme;
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
        $site = $programme->sites()->create(['name' => $request->string('name')->toString()]);
        Remember::that('site_added', $programme->id, null, ['site' => $site->name]);

        return new JsonResponse(SiteData::of($site, [], []), 201);
    }

    #[OA\Get(path: '/sites/{site}/plan', operationId: 'sitePlan', parameters: [new OA\PathParameter(name: 'site', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'Its rooms joined by their doors', content: new OA\JsonContent(ref: SitePlanData::class)),
        new OA\Response(response: 404, description: 'Not there, or not for you'),
    ])]
    public function plan(Site $site, Assess $assess): JsonResponse
    {
        $site->load('rooms.placements');

        return new JsonResponse(SitePlanData::of($site, $assess->rooms($site->programme, array_values($site->rooms->modelKeys()))));
    }

    #[OA\Get(path: '/sites/{site}/rooms', operationId: 'rooms', parameters: [
        new OA\PathParameter(name: 'site', schema: new OA\Schema(type: 'integer')),
        new OA\QueryParameter(name: 'after', schema: new OA\Schema(type: 'integer'), description: 'Number of a room: those after it; without it the first'),
    ], responses: [
        new OA\Response(response: 200, description: 'Cards of its rooms, a page of them', content: new OA\JsonContent(ref: RoomPageData::class)),
    ])]
    public function rooms(RoomPageRequest $request, Site $site, Assess $assess): JsonResponse
    {
        return new JsonResponse(RoomPageData::of($site->programme, $site, $assess, $request->integer('after')));
    }

    #[OA\Get(path: '/sites/{site}/room-names', operationId: 'roomNames', parameters: [new OA\PathParameter(name: 'site', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'All its rooms by name, as doors may lead to them', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: RoomNameData::class))),
    ])]
    public function roomNames(Site $site): JsonResponse
    {
        return new JsonResponse(RoomNameData::ofSite($site));
    }

    #[OA\Patch(path: '/sites/{site}', operationId: 'renameSite', parameters: [new OA\PathParameter(name: 'site', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: SiteRequest::class)), responses: [
        new OA\Response(response: 204, description: 'Renamed'),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function update(SiteRequest $request, Site $site): Response
    {
        $from = $site->name;
        $site->update(['name' => $request->string('name')->trim()->toString()]);
        Remember::that('site_renamed', $site->programme_id, null, ['from' => $from, 'site' => $site->name]);

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/sites/{site}', operationId: 'deleteSite', parameters: [new OA\PathParameter(name: 'site', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'Deleted with its rooms; can be undone'),
    ])]
    public function destroy(Site $site, Places $places): Response
    {
        $places->deleteSite($site);
        Remember::that('site_deleted', $site->programme_id, null, ['site' => $site->name]);

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/sites/{site}/deletion', operationId: 'undeleteSite', parameters: [new OA\PathParameter(name: 'site', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'The site is back with the rooms it had'),
    ])]
    public function restore(Site $site, Places $places): Response
    {
        if ($site->trashed()) {
            $places->restoreSite($site);
            Remember::that('site_restored', $site->programme_id, null, ['site' => $site->name]);
        }

        return new Response(status: 204);
    }
}
