<?php

namespace App\Http\Kit;

use App\Actions\PlanKit;
use App\Actions\Remember;
use App\Http\Shared\Controller;
use App\Models\Offcut;
use App\Models\Version;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use Jornel\Core\Cut\CutPlan;
use Jornel\Core\Nest\FilledSheet;
use Jornel\Core\Shape\Panel;
use OpenApi\Attributes as OA;

/** Offcuts that are kept: the next plan of any build cuts from them before anything is bought. */
class OffcutController extends Controller
{
    #[OA\Post(path: '/versions/{version}/offcuts', operationId: 'keepOffcut', parameters: [new OA\PathParameter(name: 'version', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: OffcutRequest::class)), responses: [
        new OA\Response(response: 201, description: 'Kept', content: new OA\JsonContent(type: 'object', required: ['id'], properties: [new OA\Property(property: 'id', type: 'integer')])),
        new OA\Response(response: 422, description: 'Nothing useful is left of this sheet', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(OffcutRequest $request, Version $version, PlanKit $plan): JsonResponse
    {
        $version->load('build.room.site.programme.parts');
        $programme = $version->build->room->site->programme;
        $sheet = array_values(array_filter($plan->kit($version)->plan->layout->sheets, fn (FilledSheet $one): bool => $one->sheet->id === $request->string('sheet')->toString() && $one->number === $request->integer('number')))[0] ?? null;
        $box = $sheet === null ? null : CutPlan::offcut($sheet);
        if ($sheet === null || $box === null) {
            throw ValidationException::withMessages(['sheet' => 'Nothing useful is left of this sheet.']);
        }
        $offcut = DB::transaction(function () use ($programme, $version, $sheet, $box, $request): Offcut {
            $offcut = Offcut::query()->create([
                'programme_id' => $programme->id, 'material' => $sheet->sheet->material === '' ? Panel::CARTON : $sheet->sheet->material,
                'width_m' => $box[2] - $box[0], 'height_m' => $box[3] - $box[1], 'build_id' => $version->build_id, 'person_id' => $this->person($request)->id,
            ]);
            Remember::that('offcut_kept', $programme->id, $version->build->room, ['build' => $version->build->name]);

            return $offcut;
        });

        return new JsonResponse(['id' => $offcut->id], 201);
    }

    #[OA\Delete(path: '/offcuts/{offcut}', operationId: 'deleteOffcut', parameters: [new OA\PathParameter(name: 'offcut', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'It is used up or thrown away'),
    ])]
    public function destroy(Offcut $offcut): Response
    {
        $offcut->delete();

        return new Response(status: 204);
    }
}
