<?php

namespace App\Http\Guide;

use App\Actions\Guides;
use App\Actions\KeptAnswers;
use App\Http\Shared\Controller;
use App\Http\Shared\DrawingData;
use App\Models\Unit;
use App\Models\Version;
use App\Sheet\GuidePdf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Drawing\Camera;
use Jornel\Core\Drawing\Drawing;
use Jornel\Core\Drawing\PrintSvg;
use Jornel\Core\Guide\Progress;
use Jornel\Core\Guide\StepPictures;
use Jornel\Core\Quantity\Display;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** How a version is made: its steps, a picture of each, the whole on paper. */
class GuideController extends Controller
{
    /** Units that are told with a guide. */
    private const LATEST = 24;

    public function __construct(private readonly Guides $guides, private readonly DataFiles $data)
    {
    }

    #[OA\Get(path: '/versions/{version}/guide', operationId: 'guide', parameters: [new OA\PathParameter(name: 'version', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'Its steps, and the units that are made by them', content: new OA\JsonContent(type: 'object', required: ['steps', 'work', 'looking', 'shortest', 'units', 'begun', 'planned'], properties: [
            new OA\Property(property: 'steps', type: 'array', items: new OA\Items(ref: '#/components/schemas/GuideStep')),
            new OA\Property(property: 'work', type: 'integer', description: 'Minutes of one person, at their pace'),
            new OA\Property(property: 'looking', type: 'integer', description: 'Of them for counting, trying, looking and labelling'),
            new OA\Property(property: 'shortest', type: 'integer', description: 'Minutes at the least, however many hands there are'),
            new OA\Property(property: 'planned', type: 'integer', description: 'Units that the version plans'),
            new OA\Property(property: 'units', type: 'array', description: 'The latest of them, in their order', items: new OA\Items(ref: '#/components/schemas/UnitLine')),
            new OA\Property(property: 'begun', type: 'integer', description: 'Units that were begun in all'),
        ])),
    ])]
    public function show(Request $request, Version $version): JsonResponse
    {
        $version->load('build.room.site.programme.parts');
        $guide = $this->guides->of($version);
        $programme = $version->build->room->site->programme_id;
        [$times, $pace] = $this->guides->times($guide, $programme, $this->person($request));
        $steps = StepData::all($this->guides->frozen($guide), Progress::of([]), array_column($this->data->cautions()->all, null, 'id'), $guide, $times, $pace);
        $versions = DB::table('versions')->where('build_id', $version->build_id)->pluck('id');
        $units = UnitLineData::query();
        $units->whereIn('version_id', $versions)->orderByDesc('number')->limit(self::LATEST);

        return new JsonResponse([
            'steps' => $steps,
            'work' => (int) round(array_sum(array_column($steps, 'minutes'))),
            'looking' => (int) round(array_sum(array_column(array_filter($steps, fn (array $step): bool => $guide->step((string) $step['id'])?->step->isLooking() ?? false), 'minutes'))),
            'shortest' => (int) round($guide->shortest()),
            'planned' => $version->units,
            'units' => array_values($units->get()->reverse()->map(UnitLineData::of(...))->all()),
            'begun' => Unit::query()->whereIn('version_id', $versions)->count(),
        ]);
    }

    #[OA\Get(path: '/versions/{version}/steps/{step}', operationId: 'stepPicture', parameters: [
        new OA\PathParameter(name: 'version', schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'step', schema: new OA\Schema(type: 'string')),
        new OA\QueryParameter(name: 'turn', schema: new OA\Schema(type: 'integer', minimum: -360, maximum: 360), description: 'Degrees that the viewer walks round to the right from where it is seen best'),
    ], responses: [
        new OA\Response(response: 200, description: 'What is seen at a step', content: new OA\JsonContent(type: 'object', required: ['drawing', 'lit', 'cuts'], properties: [
            new OA\Property(property: 'drawing', ref: '#/components/schemas/Drawing', nullable: true), new OA\Property(property: 'lit', type: 'array', items: new OA\Items(type: 'string'), description: 'Parts that it is about'),
            new OA\Property(property: 'cuts', type: 'array', items: new OA\Items(type: 'object', required: ['label', 'name', 'plan'], properties: [new OA\Property(property: 'label', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'plan', type: 'string', description: 'Drawing as SVG')])),
        ])),
        new OA\Response(response: 404, description: 'It has no such step'),
    ])]
    public function picture(StepRequest $request, Version $version, string $step): JsonResponse
    {
        $version->load('build.room.site.programme.parts');
        $guide = $this->guides->of($version);
        $one = $guide->step($step) ?? throw new NotFoundHttpException;
        $picture = StepPictures::of($guide)->at($one);
        $drawing = $picture->scene === null ? null : Drawing::of($picture->scene, Camera::turned((float) ($picture->turn + $request->integer('turn')), $picture->isBelow));

        return new JsonResponse([
            'drawing' => $drawing === null ? null : DrawingData::of($drawing, [], [], Display::PartLength),
            'lit' => $picture->lit,
            'cuts' => array_map(fn (array $cut): array => ['label' => $cut[0], 'name' => $cut[1]->name, 'plan' => PrintSvg::panel($cut[1])], $picture->cuts),
        ]);
    }

    #[OA\Get(path: '/versions/{version}/guide.pdf', operationId: 'guidePaper', parameters: [
        new OA\PathParameter(name: 'version', schema: new OA\Schema(type: 'integer')), new OA\QueryParameter(name: 'large', schema: new OA\Schema(type: 'integer', enum: [0, 1]), description: 'Large print'),
    ], responses: [
        new OA\Response(response: 200, description: 'The guide on paper', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary'))),
    ])]
    public function paper(StepRequest $request, Version $version, KeptAnswers $kept): Response
    {
        $version->load('build.room.site.programme.parts');
        $guide = $this->guides->of($version);
        $measure = $this->person($request)->measure;
        $named = [$version->build->name, $version->build->room->name, $version->build->room->site->name, $version->build->room->site->programme->name];
        $key = KeptAnswers::key('guide', $this->guides->frozen($guide), $version->id, $measure, $named, $request->boolean('large'));
        $pdf = $kept->get($key) ?? $kept->keep($key, GuidePdf::of($version, $guide, $this->data->cautions(), $measure, $request->boolean('large')));

        return new Response($pdf, 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => sprintf('inline; filename="guide-%d-v%d.pdf"', $version->build_id, $version->number)]);
    }
}
