<?php

namespace App\Http\Question;

use App\Actions\Evaluate;
use App\Http\Shared\Controller;
use Illuminate\Http\JsonResponse;
use Jornel\Core\Plan\PlanEntry;
use Jornel\Core\Shape\DesignEntry;
use OpenApi\Attributes as OA;

class PlanController extends Controller
{
    #[OA\Post(path: '/plans', operationId: 'plan', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: PlanRequest::class)), responses: [
        new OA\Response(response: 200, description: 'The room drawn, whoever uses it; nothing is kept', content: new OA\JsonContent(ref: PlanData::class)),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(PlanRequest $request, Evaluate $evaluate): JsonResponse
    {
        return new JsonResponse($this->drawn($request->room(), $request, $evaluate));
    }

    /** @param  array<string, mixed>  $room  its entries */
    public function drawn(array $room, PlanRequest $request, Evaluate $evaluate): PlanData
    {
        $unit = $request->unit();
        $system = $this->person($request)->measure;
        $read = $unit === null ? null : DesignEntry::read($unit, $evaluate->catalogue($unit, $request->programme(), null));
        $units = ($read->units ?? 0) + array_sum(array_column($request->beside(), 'count'));

        return PlanData::of((new PlanEntry($room, $system))->plan(), $read?->design, $units, $system);
    }
}
