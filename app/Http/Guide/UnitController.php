<?php

namespace App\Http\Guide;

use App\Actions\Guides;
use App\Actions\Remember;
use App\Actions\UnitSteps;
use App\Exceptions\Overtaken;
use App\Http\Shared\Controller;
use App\Models\Programme;
use App\Models\Unit;
use App\Models\UnitPhoto;
use App\Models\UnitTick;
use App\Models\Version;
use App\Sheet\UnitLabelPdf;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Guide\TickKind;
use OpenApi\Attributes as OA;

/** Units that are made, by the guide as it was when they were begun. */
class UnitController extends Controller
{
    /** Units that are told at a time. */
    private const PAGE = 100;

    public function __construct(private readonly Guides $guides, private readonly DataFiles $data)
    {
    }

    #[OA\Get(path: '/programmes/{programme}/units', operationId: 'units', parameters: [
        new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer')), new OA\QueryParameter(name: 'before', schema: new OA\Schema(type: 'integer', minimum: 1), description: 'Number of the unit before which they are: further down the list'),
    ], responses: [
        new OA\Response(response: 200, description: 'Its units, the latest first, so many at a time', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/UnitLine'))),
    ])]
    public function index(Request $request, Programme $programme): JsonResponse
    {
        $units = UnitLineData::query();
        $units->where('programme_id', $programme->id)->orderByDesc('number')->limit(self::PAGE);
        $units->when($request->query('before') !== null, fn (Builder $earlier) => $earlier->where('number', '<', $request->integer('before')));

        return new JsonResponse(array_values($units->get()->map(UnitLineData::of(...))->all()));
    }

    #[OA\Post(path: '/versions/{version}/units', operationId: 'beginUnit', parameters: [new OA\PathParameter(name: 'version', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(type: 'object', properties: [new OA\Property(property: 'name', type: 'string')])), responses: [
        new OA\Response(response: 201, description: 'Begun', content: new OA\JsonContent(ref: '#/components/schemas/MadeUnit')),
    ])]
    public function store(UnitRequest $request, Version $version): JsonResponse
    {
        $version->load('build.room.site.programme.parts');
        $unit = $this->guides->begin($version, $this->person($request), $request->string('name')->toString());

        return new JsonResponse($this->told($request, $unit->refresh()), 201);
    }

    #[OA\Get(path: '/units/{unit}', operationId: 'unit', parameters: [new OA\PathParameter(name: 'unit', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'The unit, its steps and what was told of them', content: new OA\JsonContent(ref: '#/components/schemas/MadeUnit')),
    ])]
    public function show(Request $request, Unit $unit): JsonResponse
    {
        return new JsonResponse($this->told($request, $unit));
    }

    #[OA\Patch(path: '/units/{unit}', operationId: 'changeUnit', parameters: [new OA\PathParameter(name: 'unit', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: UnitRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Changed', content: new OA\JsonContent(ref: '#/components/schemas/MadeUnit')),
        new OA\Response(response: 409, description: 'Someone changed it meanwhile'),
    ])]
    public function update(UnitRequest $request, Unit $unit): JsonResponse
    {
        $person = $this->person($request);
        $unit->changeSince($request->integer('revision'), Overtaken::unit(), function (int $revision) use ($request, $unit, $person): void {
            $unit->fill(array_filter([
                'name' => $request->has('name') ? $request->string('name')->toString() : null,
                'is_open' => $request->has('is_open') ? $request->boolean('is_open') : null,
            ], fn (mixed $value): bool => $value !== null) + ['revision' => $revision]);
            $isMade = $request->boolean('made');
            if ($request->has('made') && $isMade !== ($unit->made_at !== null)) {
                $unit->fill($isMade ? ['made_at' => now(), 'made_by' => $person->id] : ['made_at' => null, 'made_by' => null]);
                Remember::that($isMade ? 'unit_made' : 'unit_reopened', $unit->programme_id, $unit->version->build->room, ['unit' => $unit->title()]);
            }
            $unit->save();
        });

        return new JsonResponse($this->told($request, $unit->refresh()));
    }

    #[OA\Delete(path: '/units/{unit}', operationId: 'deleteUnit', parameters: [new OA\PathParameter(name: 'unit', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'Deleted, and can be brought back'),
    ])]
    public function destroy(Unit $unit): Response
    {
        $unit->delete();
        Remember::that('unit_deleted', $unit->programme_id, $unit->version->build->room, ['unit' => $unit->title()]);

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/units/{unit}/deletion', operationId: 'restoreUnit', parameters: [new OA\PathParameter(name: 'unit', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'It is there again'),
    ])]
    public function restore(Unit $unit): Response
    {
        if ($unit->trashed()) {
            $unit->restore();
            Remember::that('unit_restored', $unit->programme_id, $unit->version->build->room, ['unit' => $unit->title()]);
        }

        return new Response(status: 204);
    }

    #[OA\Post(path: '/units/{unit}/ticks', operationId: 'tellSteps', parameters: [new OA\PathParameter(name: 'unit', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: UnitTicksRequest::class)), responses: [
        new OA\Response(response: 200, description: 'All of it is kept, each once', content: new OA\JsonContent(ref: '#/components/schemas/MadeUnit')),
        new OA\Response(response: 422, description: 'A step or a hold point that this unit has not', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function tick(UnitTicksRequest $request, Unit $unit): JsonResponse
    {
        $person = $this->person($request);
        $holds = array_column($unit->guide, 'holds', 'id');
        UnitSteps::lock($unit);
        foreach ($request->ticks() as $number => $tick) {
            if (! isset($holds[$tick['step']])) {
                throw ValidationException::withMessages(["ticks.{$number}.step" => 'This unit has no such step.']);
            }
            $kind = TickKind::from($tick['kind']);
            if (in_array($kind, [TickKind::Seen, TickKind::Unseen], true) && ! isset($holds[$tick['step']][$tick['hold'] ?? -1])) {
                throw ValidationException::withMessages(["ticks.{$number}.hold" => 'This step has no such hold point.']);
            }
            if ($tick['photo'] !== null && ! UnitPhoto::query()->where('unit_id', $unit->id)->whereKey($tick['photo'])->exists()) {
                throw ValidationException::withMessages(["ticks.{$number}.photo" => 'There is no such photo of this unit.']);
            }
            // A phone whose clock is ahead must not hold its ticks against all that come.
            $at = Carbon::createFromTimestampMs(min($tick['at'], (int) now()->valueOf()));
            UnitTick::query()->insertOrIgnore([
                'unit_id' => $unit->id, 'key' => $tick['key'], 'step' => $tick['step'], 'kind' => $kind->value, 'hold' => $tick['hold'], 'text' => $tick['text'],
                'person_id' => $person->id, 'photo_id' => $tick['photo'], 'told_at' => $at->format('Y-m-d H:i:s.v'), 'created_at' => now(),
            ]);
        }

        UnitSteps::record($unit, array_values(array_unique(array_column($request->ticks(), 'step'))));

        return new JsonResponse($this->told($request, $unit->unsetRelation('ticks')));
    }

    #[OA\Post(path: '/units/{unit}/photos', operationId: 'addPhoto', parameters: [new OA\PathParameter(name: 'unit', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: PhotoRequest::class)), responses: [
        new OA\Response(response: 201, description: 'Kept', content: new OA\JsonContent(type: 'object', required: ['id'], properties: [new OA\Property(property: 'id', type: 'integer')])),
        new OA\Response(response: 422, description: 'This is no photo', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function photo(PhotoRequest $request, Unit $unit): JsonResponse
    {
        $photo = UnitPhoto::query()->firstOrCreate(['unit_id' => $unit->id, 'key' => $request->string('key')->toString()], ['content' => base64_encode($request->jpeg())]);

        return new JsonResponse(['id' => $photo->id], 201);
    }

    #[OA\Get(path: '/units/{unit}/photos/{photo}', operationId: 'photo', parameters: [new OA\PathParameter(name: 'unit', schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'photo', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'A photo', content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary'))),
    ])]
    public function picture(Request $request, Unit $unit, string $photo): Response
    {
        $kept = UnitPhoto::query()->where('unit_id', $unit->id)->findOrFail($photo);
        // Whoever may not see it any more asks again, and is refused.
        $response = new Response((string) base64_decode($kept->content, true), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, no-cache']);
        $response->setEtag(hash('xxh128', $kept->content));
        $response->isNotModified($request);

        return $response;
    }

    #[OA\Get(path: '/units/{unit}/label.pdf', operationId: 'unitLabel', parameters: [new OA\PathParameter(name: 'unit', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'The label on paper, with the address of its page', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary'))),
    ])]
    public function label(Request $request, Unit $unit): Response
    {
        $unit->load('version.build.room.site.programme.parts');

        return new Response(UnitLabelPdf::of($unit, $this->person($request)->measure), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => sprintf('inline; filename="unit-%d.pdf"', $unit->number)]);
    }

    /** @return array<string, mixed> */
    private function told(Request $request, Unit $unit): array
    {
        $unit->loadMissing(['ticks.person', 'version.build.room.site.programme.parts', 'version.build.latest', 'starter', 'maker']);
        $person = $this->person($request);
        $guide = $this->guides->of($unit->version);
        [$times, $pace] = $this->guides->times($guide, $unit->programme_id, $person);

        return MadeUnitData::of(
            $unit, $this->guides->progress($unit), $guide, $times, $pace,
            $this->guides->changes($unit), $this->data->cautions(), $person->mayIn($unit->programme_id)?->mayBuild() ?? false,
        );
    }
}
