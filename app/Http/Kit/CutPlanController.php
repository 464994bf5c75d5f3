<?php

namespace App\Http\Kit;

use App\Actions\PlanKit;
use App\Exceptions\Overtaken;
use App\Http\Shared\Controller;
use App\Models\CutPlan;
use App\Models\Version;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Kit\CutPlanEntry;
use OpenApi\Attributes as OA;

/** How the parts of a version lie on their sheets. */
class CutPlanController extends Controller
{
    public function __construct(private readonly PlanKit $plan)
    {
    }

    #[OA\Get(path: '/versions/{version}/cut-plan', operationId: 'cutPlan', parameters: [new OA\PathParameter(name: 'version', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'Its parts on sheets, and the sizes that they are cut by', content: new OA\JsonContent(ref: '#/components/schemas/CutPlan')),
    ])]
    public function show(Version $version): JsonResponse
    {
        $version->load('build.room.site.programme.parts');
        $entry = $this->plan->written($version);

        return new JsonResponse(CutPlanData::of($this->plan, $version, $entry, $this->plan->kit($version, $entry)));
    }

    #[OA\Put(path: '/versions/{version}/cut-plan', operationId: 'layOut', parameters: [new OA\PathParameter(name: 'version', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: CutPlanRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Laid out so', content: new OA\JsonContent(ref: '#/components/schemas/CutPlan')),
        new OA\Response(response: 409, description: 'Someone laid it out otherwise meanwhile'),
        new OA\Response(response: 422, description: 'Something given is not allowed, or a part does not go there', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function update(CutPlanRequest $request, Version $version): JsonResponse
    {
        $version->load('build.room.site.programme.parts');
        $person = $this->person($request);
        $entry = CutPlanEntry::read($request->written() + array_intersect_key($this->plan->written($version)->written, ['window' => true]), $person->measure);
        // What does not go is refused before it is kept.
        $kit = $this->plan->strictly($version, $entry);
        $read = $request->integer('revision');
        DB::transaction(function () use ($version, $entry, $read, $person): void {
            $kept = CutPlan::query()->lockForUpdate()->find($version->build_id);
            if (($kept->revision ?? 0) !== $read) {
                throw Overtaken::cutPlan();
            }
            CutPlan::query()->updateOrCreate(['build_id' => $version->build_id], ['written' => $entry->written, 'revision' => $read + 1, 'person_id' => $person->id]);
        });

        return new JsonResponse(CutPlanData::of($this->plan, $version, $entry, $kit));
    }
}
