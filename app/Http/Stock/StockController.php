<?php

namespace App\Http\Stock;

use App\Actions\Remember;
use App\Actions\Shelf;
use App\Http\Shared\Controller;
use App\Models\Part;
use App\Models\Programme;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

class StockController extends Controller
{
    #[OA\Get(path: '/programmes/{programme}/stock', operationId: 'stock', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'What is in stock and what moved last', content: new OA\JsonContent(ref: StockData::class)),
    ])]
    public function show(Programme $programme, Shelf $shelf): JsonResponse
    {
        return new JsonResponse($this->data($programme, $shelf));
    }

    #[OA\Post(path: '/programmes/{programme}/stock', operationId: 'moveStock', parameters: [new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: StockRequest::class)), responses: [
        new OA\Response(response: 201, description: 'Moved', content: new OA\JsonContent(ref: StockData::class)),
        new OA\Response(response: 422, description: 'There are not so many', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(StockRequest $request, Programme $programme, Shelf $shelf): JsonResponse
    {
        [$kind, $code] = [$request->kind(), $request->string('code')->toString()];
        $name = Part::names($programme)[$kind->key($code)] ?? null;
        if ($name === null) {
            throw new NotFoundHttpException('There is no such part.');
        }
        $shelf->move($programme, $this->person($request), $kind, $code, $request->move(), $request->integer('pieces'), $request->build($programme), $request->string('note')->trim()->toString());

        Remember::that('stock_moved', $programme->id, null, ['move' => mb_strtolower($request->move()->label()), 'pieces' => $request->integer('pieces'), 'part' => $name]);

        return new JsonResponse($this->data($programme, $shelf), 201);
    }

    #[OA\Get(path: '/programmes/{programme}/stock/movements', operationId: 'stockMovements', parameters: [
        new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer')),
        new OA\QueryParameter(name: 'before', schema: new OA\Schema(type: 'integer'), description: 'Number of a movement: those before it; without it the latest'),
    ], responses: [
        new OA\Response(response: 200, description: 'Earlier ones, the latest first', content: new OA\JsonContent(ref: MovementPageData::class)),
    ])]
    public function movements(MovementPageRequest $request, Programme $programme): JsonResponse
    {
        return new JsonResponse(MovementPageData::of($programme, Part::names($programme), $request->integer('before') ?: null));
    }

    #[OA\Get(path: '/programmes/{programme}/stock/builds', operationId: 'stockBuilds', parameters: [
        new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer')),
        new OA\QueryParameter(name: 'search', schema: new OA\Schema(type: 'string'), description: 'Words of the room or the build'),
    ], responses: [
        new OA\Response(response: 200, description: 'Builds that pieces may be reserved for, the latest first, so many at most', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: BuildNameData::class))),
    ])]
    public function builds(BuildSearchRequest $request, Programme $programme): JsonResponse
    {
        return new JsonResponse(BuildNameData::find($programme, $request->string('search')->toString()));
    }

    private function data(Programme $programme, Shelf $shelf): StockData
    {
        $names = Part::names($programme);

        return StockData::of($shelf->lines($programme), MovementPageData::of($programme, $names), BuildNameData::find($programme, ''), $names);
    }
}
