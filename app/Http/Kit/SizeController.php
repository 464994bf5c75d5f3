<?php

namespace App\Http\Kit;

use App\Actions\MeasureSize;
use App\Actions\PlanKit;
use App\Actions\Remember;
use App\Http\Shared\Controller;
use App\Models\CutPlan;
use App\Models\Version;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Kit\CutPlanEntry;
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
        $programme = $version->build->room->site->programme;
        $kind = PartKind::from($request->string('kind')->toString());
        $before = $plan->order($version)->misfit;
        $measure->keep($programme, $this->person($request), $kind, $request->string('code')->toString(), $request->string('path')->toString(), $request->string('entry')->toString());
        $programme->load('parts');
        $misfit = $plan->order($version)->misfit;
        if ($misfit !== null && $before === null) {
            throw $misfit;
        }
        $entry = $plan->written($version);

        return new JsonResponse(CutPlanData::of($plan, $version, $entry, $plan->kit($version, $entry)), 201);
    }

    #[OA\Post(path: '/versions/{version}/window', operationId: 'measureWindow', parameters: [new OA\PathParameter(name: 'version', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: WindowRequest::class)), responses: [
        new OA\Response(response: 201, description: 'The filler board is cut for it', content: new OA\JsonContent(ref: '#/components/schemas/CutPlan')),
        new OA\Response(response: 422, description: 'No lengths, or the parts do not go into it', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function window(WindowRequest $request, Version $version, PlanKit $plan): JsonResponse
    {
        $version->load('build.room.site.programme.parts');
        $person = $this->person($request);
        $before = $plan->order($version)->misfit;
        $window = ['width' => $request->string('width')->toString(), 'height' => $request->string('height')->toString(), 'by' => $person->name, 'at' => Date::now()->toDateString()];
        // What was kept is spelled with its units; what is new is in the person's own measure.
        $entry = CutPlanEntry::read(['window' => $window] + $plan->written($version)->written, $person->measure);
        DB::transaction(function () use ($version, $entry, $person): void {
            $kept = CutPlan::query()->lockForUpdate()->find($version->build_id);
            CutPlan::query()->updateOrCreate(['build_id' => $version->build_id], ['written' => $entry->written, 'revision' => ($kept->revision ?? 0) + 1, 'person_id' => $person->id]);
            Remember::that('size_measured', $version->build->programmeId(), $version->build->room, ['part' => $version->build->name, 'size' => 'window']);
        });
        $misfit = $plan->order($version)->misfit;
        if ($misfit !== null && $before === null) {
            throw $misfit;
        }

        return new JsonResponse(CutPlanData::of($plan, $version, $entry, $plan->kit($version, $entry)), 201);
    }
}
