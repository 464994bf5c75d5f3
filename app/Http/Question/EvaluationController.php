<?php

namespace App\Http\Question;

use App\Actions\Evaluate;
use App\Actions\StandsThere;
use App\Http\Shared\Controller;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

class EvaluationController extends Controller
{
    #[OA\Post(path: '/evaluations', operationId: 'evaluate', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: EvaluationRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Goal against result; nothing is kept', content: new OA\JsonContent(ref: LedgerData::class)),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(EvaluationRequest $request, Evaluate $evaluate, StandsThere $there): JsonResponse
    {
        $measure = $this->person($request)->measure;

        return new JsonResponse(LedgerData::of($evaluate(
            $request->room(), $request->goal(), $request->unit(), $measure, $request->programme(), $request->version(), $there->copies($request->beside(), $measure),
        ), $request->view(), $request->drawn()));
    }
}
