<?php

namespace App\Http\Part;

use App\Actions\ProgrammeParts;
use App\Actions\Remember;
use App\Http\Shared\Controller;
use App\Models\Part;
use App\Models\Programme;
use App\Models\ProgrammePart;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Drawing\CurvePlot;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\FanFacts;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Joining;
use Jornel\Core\Part\Material;
use Jornel\Core\Part\PartKind;
use OpenApi\Attributes as OA;

class PartController extends Controller
{
    public function __construct(private readonly DataFiles $files)
    {
    }

    #[OA\Get(path: '/programmes/{programme}/parts', operationId: 'parts', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'Every part, shipped and own', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: PartLineData::class))),
    ])]
    public function index(Programme $programme): JsonResponse
    {
        $catalogue = Part::catalogue($programme);
        $standing = $programme->parts->mapWithKeys(fn (ProgrammePart $part): array => [$part->kind->key($part->code) => $part->code === $part->like_code ? 'changed' : 'own']);
        $line = fn (PartKind $kind, Fan|Filter|Joining|Material $part, string $group): PartLineData => new PartLineData(
            $kind->value, $part->id, $part->name, $group, $part instanceof Joining || $part->packs === [] ? null : (string) $part->packs[0]->price, $standing[$kind->key($part->id)] ?? 'catalogue',
        );

        return new JsonResponse([
            ...array_map(fn (Fan $fan): PartLineData => $line(PartKind::Fan, $fan, $fan->family->label()), array_values($catalogue->fans)),
            ...array_map(fn (Filter $filter): PartLineData => $line(PartKind::Filter, $filter, $filter->grade->name), array_values($catalogue->filters)),
            ...array_map(fn (Joining $joining): PartLineData => $line(PartKind::Joining, $joining, 'Joining'), array_values($catalogue->joinings)),
            ...array_map(fn (Material $material): PartLineData => $line(PartKind::Material, $material, $material->kind->label()), array_values($catalogue->materials)),
        ]);
    }

    #[OA\Get(path: '/programmes/{programme}/parts/{kind}/{code}', operationId: 'part', parameters: [
        new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'kind', schema: new OA\Schema(type: 'string', enum: PartKind::class)), new OA\PathParameter(name: 'code', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 200, description: 'Its figures, where they came from, and its curve', content: new OA\JsonContent(ref: PartSheetData::class)),
        new OA\Response(response: 404, description: 'Not there, or not for you'),
    ])]
    public function show(Programme $programme, PartKind $kind, string $code, ProgrammeParts $parts): JsonResponse
    {
        return new JsonResponse($this->data($programme, $kind, $code, $parts));
    }

    #[OA\Put(path: '/programmes/{programme}/parts/{kind}/{code}', operationId: 'savePart', parameters: [
        new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'kind', schema: new OA\Schema(type: 'string', enum: PartKind::class)), new OA\PathParameter(name: 'code', schema: new OA\Schema(type: 'string')),
    ], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: PartRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Kept as the programme’s own', content: new OA\JsonContent(ref: PartSheetData::class)),
        new OA\Response(response: 409, description: 'Someone changed it meanwhile'),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function update(PartRequest $request, Programme $programme, PartKind $kind, string $code, ProgrammeParts $parts): JsonResponse
    {
        $parts->save($programme, $this->person($request), $kind, $code, $request->string('like')->toString(), $request->validated(), $request->integer('revision'));
        Remember::that('part_changed', $programme->id, null, ['part' => Part::names($programme)[$kind->key($code)] ?? $code]);

        return new JsonResponse($this->data($programme, $kind, $code, $parts));
    }

    #[OA\Delete(path: '/programmes/{programme}/parts/{kind}/{code}', operationId: 'deletePart', parameters: [
        new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'kind', schema: new OA\Schema(type: 'string', enum: PartKind::class)), new OA\PathParameter(name: 'code', schema: new OA\Schema(type: 'string')),
    ], responses: [
        new OA\Response(response: 204, description: 'The shipped figures hold again; saved versions keep theirs'),
    ])]
    public function destroy(Programme $programme, PartKind $kind, string $code, ProgrammeParts $parts): Response
    {
        $name = Part::names($programme)[$kind->key($code)] ?? $code;
        if ($parts->own($programme, $kind, $code)?->delete() === true) {
            Remember::that('part_deleted', $programme->id, null, ['part' => $name]);
        }

        return new Response(status: 204);
    }

    private function data(Programme $programme, PartKind $kind, string $code, ProgrammeParts $parts): PartSheetData
    {
        $own = $parts->own($programme, $kind, $code);
        $shipped = $parts->shipped($kind, $own->like_code ?? $code);
        $whole = $own === null ? $shipped : $own->over($shipped)['data'];
        $catalogue = Catalogue::fromEntries([['kind' => $kind->value, 'data' => $whole]]);
        $curve = match (true) {
            $catalogue->fans !== [] => CurvePlot::ofFan($catalogue->fan($code)),
            $catalogue->filters !== [] => CurvePlot::ofFilter($catalogue->filter($code)),
            default => null,
        };

        $spelled = fn (array $entry): array => $kind === PartKind::Filter ? Filter::fromData($entry)->spelledOut() : $entry;

        return PartSheetData::of(
            $kind, $spelled($whole), $spelled($shipped), $own->figures ?? [], $own->revision ?? 0, $curve,
            $catalogue->fans === [] ? [] : $catalogue->fan($code)->rating->notes,
            $catalogue->fans === [] ? [] : FanFacts::of($catalogue->fan($code)),
            $catalogue->filters === [] ? [] : $this->files->ratings()->of($catalogue->filter($code)->grade),
        );
    }
}
