<?php

namespace App\Http\Kit;

use App\Actions\MeasureSize;
use App\Actions\PlanKit;
use App\Http\Shared\Controller;
use App\Models\Version;
use Illuminate\Http\JsonResponse;
use Jornel\Core\Part\PartKind;
use OpenApi\Attributes as OA;

/** Sizes that are measured before anything is cut by them. */
class SizeController extends Controller
{
    #[OA\Post(path: '/versions/{version}/sizes', operationId: 'measureSize', parameters: [new OA\PathParameter(name: 'version', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: SizeRequest::class)), responses: [
        new OA\Response(response: 201, description: 'Kept as the part’s own in this programme', content: new OA\JsonContent(ref: '#/components/schemas/CutPlan')),
        new OA\Response(response: 422, description: 'No length, or with it the parts do not go together', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(SizeRequest $request, Version $version, MeasureSize $measure, PlanKit $plan): JsonResponse
    {
        $version->load('build.room.site.programme.parts');
        $kind = PartKind::from($request->string('kind')->toString());
        $measure->keep($version->build->room->site->programme, $this->person($request), $kind, $request->string('code')->toString(), $request->string('path')->toString(), $request->string('entry')->toString());
        $version->build->room->site->programme->load('parts');
        $entry = $plan->written($version);

        $kit = $plan->kit($version, $entry);

        return new JsonResponse(CutPlanData::of($kit, $entry->written, $plan->revision($version), $plan->substitutes($version, $kit), $plan->oneMore($version, $entry, $kit)), 201);
    }
}
