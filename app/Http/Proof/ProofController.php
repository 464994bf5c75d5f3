<?php

namespace App\Http\Proof;

use App\Actions\Evaluate;
use App\Actions\KeepMeasured;
use App\Actions\Remember;
use App\Evidence\EvidenceFile;
use App\Evidence\InvalidSurvey;
use App\Evidence\ProvedUnit;
use App\Evidence\ReadingEntry;
use App\Http\Shared\Controller;
use App\Http\Shared\DrawingData;
use App\Models\Log;
use App\Models\Reading;
use App\Models\Survey;
use App\Models\SurveyKind;
use App\Models\Unit;
use App\Models\UnitPhoto;
use App\Sheet\ProofPdf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Gate;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Drawing\Camera;
use Jornel\Core\Drawing\Drawing;
use Jornel\Core\Proof\Fit\MeasuredPart;
use Jornel\Core\Proof\Tissue\PointsSeen;
use Jornel\Core\Quantity\Display;
use OpenApi\Attributes as OA;

/** What a unit really delivers: surveys, their readings, and what all of them say against the goal. */
class ProofController extends Controller
{
    private const STEP = 15;

    public function __construct(private readonly Evaluate $evaluate, private readonly DataFiles $data)
    {
    }

    #[OA\Get(path: '/units/{unit}/proof', operationId: 'proof', parameters: [new OA\PathParameter(name: 'unit', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'All that was measured on the unit, and what it comes to', content: new OA\JsonContent(ref: '#/components/schemas/Proof')),
    ])]
    public function show(Unit $unit): JsonResponse
    {
        return $this->told($unit);
    }

    #[OA\Post(path: '/units/{unit}/surveys', operationId: 'beginSurvey', parameters: [new OA\PathParameter(name: 'unit', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/SurveyRequest')), responses: [
        new OA\Response(response: 201, description: 'Begun', content: new OA\JsonContent(ref: '#/components/schemas/Proof')),
        new OA\Response(response: 422, description: 'It cannot be made so', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function begin(SurveyRequest $request, Unit $unit): JsonResponse
    {
        $person = $this->person($request);
        $replaces = $request->input('replaces') === null ? null : Survey::query()->where('unit_id', $unit->id)->where('kind', $request->kind())->find($request->integer('replaces'));
        if ($request->input('replaces') !== null && $replaces === null) {
            throw InvalidSurvey::of('replaces', 'There is no such survey of this unit.');
        }
        $key = ['unit_id' => $unit->id, 'key' => $request->string('key')->toString()];
        $survey = Survey::query()->firstOrCreate($key, [
            'kind' => $request->kind(), 'setting' => $request->setting($unit->version->measure()), 'replaces_id' => $replaces?->id, 'person_id' => $person->id, 'began_at' => now(),
        ]);
        if ($survey->wasRecentlyCreated) {
            Remember::that('survey_begun', $unit->programme_id, $unit->version->build->room, ['unit' => $unit->title(), 'kind' => $survey->kind->value]);
        }

        return $this->told($unit, 201);
    }

    #[OA\Post(path: '/surveys/{survey}/readings', operationId: 'tellReadings', parameters: [new OA\PathParameter(name: 'survey', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/ReadingsRequest')), responses: [
        new OA\Response(response: 200, description: 'All of it is kept, each once', content: new OA\JsonContent(ref: '#/components/schemas/Proof')),
        new OA\Response(response: 422, description: 'A place or a value that cannot be', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function tell(ReadingsRequest $request, Survey $survey): JsonResponse
    {
        $person = $this->person($request);
        $unit = $survey->unit;
        $entry = new ReadingEntry($survey, ProvedUnit::of($unit, $this->evaluate, $this->data), $person->measure);
        $last = $survey->holding();
        foreach ($request->readings() as $number => $row) {
            $value = $entry->value($row['place'], $row['entered'], "readings.{$number}");
            $isRun = in_array($survey->kind, [SurveyKind::Decay, SurveyKind::Vapour], true);
            $log = $isRun ? Log::query()->where('programme_id', $unit->programme_id)->find($row['log'] ?? 0) : null;
            if ($isRun && $log === null) {
                throw InvalidSurvey::of("readings.{$number}.log", 'There is no such log in this programme.');
            }
            if (isset($row['detail']['photo']) && ! UnitPhoto::query()->where('unit_id', $unit->id)->whereKey($row['detail']['photo'])->exists()) {
                throw InvalidSurvey::of("readings.{$number}.photo", 'There is no such photo of this unit.');
            }
            // A phone whose clock is ahead must not hold its readings against all that come.
            $at = Carbon::createFromTimestampMs(min($row['at'], (int) now()->valueOf()));
            $reading = Reading::query()->firstOrCreate(['survey_id' => $survey->id, 'key' => $row['key']], [
                'place' => $row['place'], 'entered' => $row['entered'], 'value' => $value === null ? null : sprintf('%.10F', $value), 'log_id' => $log?->id,
                'detail' => $row['detail'] === [] ? null : $row['detail'], 'source' => $log->source ?? $row['source'], 'meter' => $log === null ? $row['meter'] : $log->meter, 'replaces_id' => ($last[$row['place']] ?? null)?->id, 'person_id' => $person->id, 'told_at' => $at,
            ]);
            if ($reading->wasRecentlyCreated) {
                $last[$row['place']] = $reading;
            }
        }

        return $this->told($unit);
    }

    #[OA\Get(path: '/units/{unit}/points', operationId: 'tissuePoints', parameters: [
        new OA\PathParameter(name: 'unit', schema: new OA\Schema(type: 'integer')),
        new OA\QueryParameter(name: 'turn', schema: new OA\Schema(type: 'integer', minimum: -360, maximum: 360), description: 'Degrees that the viewer walks round to the right'),
    ], responses: [
        new OA\Response(response: 200, description: 'The unit from there, and where the points of the tissue test lie on it', content: new OA\JsonContent(type: 'object', required: ['drawing', 'points'], properties: [
            new OA\Property(property: 'drawing', ref: '#/components/schemas/Drawing'),
            new OA\Property(property: 'points', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'x', 'y', 'behind'], properties: [
                new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'x', type: 'number', description: 'mm on the drawing'), new OA\Property(property: 'y', type: 'number'), new OA\Property(property: 'behind', type: 'boolean', description: 'Whether it lies on the far side'),
            ])),
        ])),
    ])]
    public function points(Request $request, Unit $unit): JsonResponse
    {
        $turn = (int) (round(max(-360.0, min(360.0, (float) $request->integer('turn'))) / self::STEP) * self::STEP);
        $proved = ProvedUnit::of($unit, $this->evaluate, $this->data);
        $camera = Camera::turned((float) $turn);
        $scene = $proved->ledger->design->scene();

        return new JsonResponse([
            'drawing' => DrawingData::of(Drawing::of($scene, $camera), [], [], Display::PartLength),
            'points' => PointsSeen::of($scene, $proved->points(), $camera),
        ]);
    }

    #[OA\Post(path: '/units/{unit}/measured-parts', operationId: 'keepMeasured', parameters: [new OA\PathParameter(name: 'unit', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: '#/components/schemas/MeasuredRequest')), responses: [
        new OA\Response(response: 200, description: 'Kept as the programme’s own figures', content: new OA\JsonContent(ref: '#/components/schemas/Proof')),
        new OA\Response(response: 422, description: 'The evidence does not tell this part well enough', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function keep(MeasuredRequest $request, Unit $unit, KeepMeasured $keep): JsonResponse
    {
        $proved = ProvedUnit::of($unit, $this->evaluate, $this->data);
        $measured = array_values(array_filter(MeasuredPart::of($proved->proof()->proved, $proved->ledger->design), fn (MeasuredPart $one): bool => $one->kind === $request->kind()));
        if ($measured === []) {
            throw InvalidSurvey::of('kind', 'The evidence does not tell this part well enough yet.');
        }
        $keep($unit->version->build->room->site->programme, $this->person($request), $measured[0]);
        Remember::that('part_measured', $unit->programme_id, $unit->version->build->room, ['part' => $measured[0]->name, 'unit' => $unit->title()]);

        return $this->told($unit);
    }

    #[OA\Get(path: '/units/{unit}/proof.pdf', operationId: 'proofPaper', parameters: [new OA\PathParameter(name: 'unit', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'The proof on paper', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary'))),
    ])]
    public function paper(Request $request, Unit $unit): Response
    {
        $pdf = ProofPdf::of(ProvedUnit::of($unit, $this->evaluate, $this->data), $this->person($request)->measure);

        return new Response($pdf, 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => sprintf('inline; filename="proof-unit-%d.pdf"', $unit->number)]);
    }

    #[OA\Get(path: '/units/{unit}/evidence.{format}', operationId: 'evidence', parameters: [new OA\PathParameter(name: 'unit', schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'format', schema: new OA\Schema(type: 'string', enum: ['json', 'csv']))], responses: [
        new OA\Response(response: 200, description: 'All evidence of the unit, as it was told', content: new OA\MediaType(mediaType: 'application/json', schema: new OA\Schema(type: 'string', format: 'binary'))),
    ])]
    public function evidence(Unit $unit, string $format): Response
    {
        $proved = ProvedUnit::of($unit, $this->evaluate, $this->data);
        $isCsv = $format === 'csv';
        $text = $isCsv ? EvidenceFile::csv($proved) : json_encode(EvidenceFile::of($proved), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);

        return new Response($text, 200, ['Content-Type' => $isCsv ? 'text/csv; charset=utf-8' : 'application/json', 'Content-Disposition' => sprintf('attachment; filename="evidence-unit-%d.%s"', $unit->number, $isCsv ? 'csv' : 'json')]);
    }

    private function told(Unit $unit, int $status = 200): JsonResponse
    {
        return new JsonResponse(ProofData::of(ProvedUnit::of($unit, $this->evaluate, $this->data), Gate::allows('build', $unit)), $status);
    }
}
