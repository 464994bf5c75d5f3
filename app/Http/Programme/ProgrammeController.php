<?php

namespace App\Http\Programme;

use App\Actions\Assess;
use App\Actions\BeginProgramme;
use App\Actions\Places;
use App\Actions\Remember;
use App\Backup\Backups;
use App\Http\Shared\Controller;
use App\Jobs\AssessRooms;
use App\Models\Programme;
use App\Models\Role;
use App\Models\Site;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

class ProgrammeController extends Controller
{
    /** Cards that come with a programme; further ones are asked for. */
    private const MOST_CARDS = 96;

    #[OA\Get(path: '/programmes', operationId: 'programmes', responses: [
        new OA\Response(response: 200, description: 'Programmes of whoever asks', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ProgrammeNameData::class))),
    ])]
    public function index(Request $request): JsonResponse
    {
        return new JsonResponse($this->person($request)->programmes->map(ProgrammeNameData::of(...))->values());
    }

    #[OA\Post(path: '/programmes', operationId: 'addProgramme', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: NameRequest::class)), responses: [
        new OA\Response(response: 201, description: 'A further programme, with whoever asks as its organiser', content: new OA\JsonContent(ref: ProgrammeNameData::class)),
        new OA\Response(response: 403, description: 'Registration is closed'),
    ])]
    public function store(NameRequest $request, BeginProgramme $begin): JsonResponse
    {
        abort_unless(config()->boolean('jornel.registration'), 403, 'Programmes are begun by invitation here. Ask whoever runs this installation.');

        return new JsonResponse(ProgrammeNameData::of($begin($this->person($request), $request->string('name')->trim()->toString())->refresh()), 201);
    }

    #[OA\Put(path: '/programmes/{programme}/archive', operationId: 'archiveProgramme', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'From now on it is looked at and not changed'),
    ])]
    public function archive(Programme $programme): Response
    {
        $programme->update(['archived_at' => now()]);
        Remember::that('programme_archived', $programme->id);

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/programmes/{programme}/archive', operationId: 'reviveProgramme', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'Back from the archive'),
    ])]
    public function revive(Programme $programme): Response
    {
        $programme->update(['archived_at' => null]);
        Remember::that('programme_revived', $programme->id);

        return new Response(status: 204);
    }

    #[OA\Put(path: '/programmes/{programme}/site-order', operationId: 'orderSites', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: SiteOrderRequest::class)), responses: [
        new OA\Response(response: 204, description: 'In that order'),
        new OA\Response(response: 422, description: 'These are not its sites', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function order(SiteOrderRequest $request, Programme $programme, Places $places): Response
    {
        $places->order($programme, $request->sites());
        Remember::that('sites_ordered', $programme->id);

        return new Response(status: 204);
    }

    #[OA\Get(path: '/programmes/{programme}/deleted', operationId: 'deleted', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'What was deleted and can be brought back', content: new OA\JsonContent(ref: DeletedData::class)),
    ])]
    public function deleted(Request $request, Programme $programme): JsonResponse
    {
        return new JsonResponse(DeletedData::of($programme, $this->person($request)));
    }

    #[OA\Get(path: '/programmes/{programme}', operationId: 'programme', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'Its sites and rooms', content: new OA\JsonContent(ref: ProgrammeData::class)),
        new OA\Response(response: 404, description: 'Not there, or not for you'),
    ])]
    public function show(Request $request, Programme $programme, Assess $assess, Backups $backups): JsonResponse
    {
        $role = $this->person($request)->mayIn($programme->id) ?? Role::Reader;
        $tallies = $assess->tallies($programme);
        // What nobody looks at is worked out behind the page.
        if (array_sum(array_column($tallies, 'pending')) > self::MOST_CARDS) {
            AssessRooms::dispatch($programme);
        }

        return new JsonResponse(ProgrammeData::of($programme, $role, $this->person($request)->can('revive', $programme), $this->sites($programme, $assess, $tallies), $role->mayOrganise() ? $backups->missed() : ''));
    }

    /**
     * The first rooms of the first sites have their cards with them; the others are asked for site by site.
     *
     * @param  array<int, array<string, int>>  $tallies  by site
     * @return list<SiteData>
     */
    private function sites(Programme $programme, Assess $assess, array $tallies): array
    {
        $ids = [];
        $left = self::MOST_CARDS;
        foreach ($programme->sites as $site) {
            $ids[$site->id] = $left > 0 ? RoomPageData::ids($site->id, 0, min($left, RoomPageData::PER_PAGE)) : [];
            $left -= count($ids[$site->id]);
        }
        $assessments = $assess->rooms($programme, array_merge(...array_values($ids)));
        $longest = RoomPageData::longest($programme);
        // Those that were just worked out are no longer pending.
        $tallies = $assessments === [] ? $tallies : $assess->tallies($programme);

        return array_values($programme->sites->map(fn (Site $site): SiteData => SiteData::of($site, $tallies[$site->id] ?? [], array_values(array_map(
            fn (int $id): RoomCardData => RoomCardData::of($id, $assessments[$id], $longest), array_filter($ids[$site->id], fn (int $id): bool => isset($assessments[$id])),
        ))))->all());
    }

    #[OA\Patch(path: '/programmes/{programme}', operationId: 'renameProgramme', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: NameRequest::class)), responses: [
        new OA\Response(response: 204, description: 'Renamed'),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function update(NameRequest $request, Programme $programme): Response
    {
        $from = $programme->name;
        $programme->update(['name' => $request->string('name')->trim()->toString()]);
        Remember::that('programme_renamed', $programme->id, null, ['from' => $from, 'name' => $programme->name]);

        return new Response(status: 204);
    }
}
