<?php

namespace App\Http\Stock;

use App\Actions\Shelf;
use App\Http\Shared\Controller;
use App\Models\Build;
use App\Models\Part;
use App\Models\Programme;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Jornel\Core\Kit\StockLine;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

class StockController extends Controller
{
    private const LATEST = 60;

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
        if (! isset(Part::catalogue($programme)->all($kind)[$code])) {
            throw new NotFoundHttpException('There is no such part.');
        }
        $shelf->move($programme, $this->person($request), $kind, $code, $request->move(), $request->integer('pieces'), $request->build($programme), $request->string('note')->trim()->toString());

        return new JsonResponse($this->data($programme, $shelf), 201);
    }

    /**
     * Those of rooms that are there, and of deleted ones those for which pieces are still reserved, so that they can be given
     * back.
     *
     * @param  array<string, StockLine>  $lines
     * @return Collection<int, Build>
     */
    private function builds(Programme $programme, array $lines): Collection
    {
        $holding = array_keys(array_replace([], ...array_map(fn (StockLine $line): array => $line->reserved, array_values($lines))));
        $builds = Build::query()->with('room')->whereHas('room.site', fn ($site) => $site->where('programme_id', $programme->id));
        $builds->where(fn (Builder $either) => $either->whereIn('id', Build::ofRoomsThatAreThere()->select('id'))->orWhereIn('id', $holding));

        return $builds->get();
    }

    private function data(Programme $programme, Shelf $shelf): StockData
    {
        $programme->unsetRelation('movements');
        $lines = $shelf->lines($programme);

        return StockData::of(
            $lines,
            $programme->movements->reverse()->take(self::LATEST)->load(['build.room', 'person']),
            $this->builds($programme, $lines),
            Part::catalogue($programme),
        );
    }
}
