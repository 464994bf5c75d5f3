<?php

namespace App\Http\Question;

use App\Actions\Evaluate;
use App\Actions\StandsThere;
use App\Http\Shared\Controller;
use Illuminate\Http\JsonResponse;
use Jornel\Core\Ledger\Ledger;
use OpenApi\Attributes as OA;

class ComparisonController extends Controller
{
    #[OA\Post(path: '/comparisons', operationId: 'compare', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: ComparisonRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Up to four builds side by side; nothing is kept', content: new OA\JsonContent(ref: ComparisonData::class)),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(ComparisonRequest $request, Evaluate $evaluate, StandsThere $there): JsonResponse
    {
        $programme = $request->programme();
        $measure = $this->person($request)->measure;
        $beside = $there->copies($request->beside(), $measure);

        return new JsonResponse(ComparisonData::of(array_map(
            fn (array $unit): Ledger => $evaluate($request->room(), $request->goal(), $unit, $measure, $programme, beside: $beside),
            $request->units(),
        )));
    }
}
