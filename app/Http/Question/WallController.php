<?php

namespace App\Http\Question;

use App\Http\Shared\Controller;
use App\Http\Shared\CornerData;
use Illuminate\Http\JsonResponse;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Plan\PlanEntry;
use Jornel\Core\Plan\TapeReading;
use OpenApi\Attributes as OA;

class WallController extends Controller
{
    #[OA\Post(path: '/walls', operationId: 'tapeWall', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: WallRequest::class)), responses: [
        new OA\Response(response: 200, description: 'The corners with one wall as long as the tape says; nothing is kept', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: CornerData::class))),
        new OA\Response(response: 422, description: 'Something given is not allowed, or the readings do not close', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(WallRequest $request): JsonResponse
    {
        $system = $this->person($request)->measure;
        $length = PlanEntry::reading('length', $request->string('length')->toString(), $system);
        $plan = (new PlanEntry($request->room(), $system))->plan();
        $taken = TapeReading::take($plan, $request->integer('wall'), $length, $system);
        $heights = array_column(is_array($request->room()['outline'] ?? null) ? $request->room()['outline'] : [], 'height');

        return new JsonResponse(array_map(
            fn (PlanePoint $corner, bool $taped, int $i): CornerData => CornerData::of(['x' => round($corner->x, 6), 'y' => round($corner->y, 6), 'taped' => $taped, 'height' => $heights[$i] ?? '']),
            $taken['corners'], $taken['taped'], array_keys($taken['corners']),
        ));
    }
}
