<?php

namespace App\Http\Question;

use App\Actions\Evaluate;
use App\Actions\StandsThere;
use App\Http\Shared\Controller;
use Illuminate\Http\JsonResponse;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Drawing\WorkingPlot;
use Jornel\Core\Ledger\Why;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

class WorkingController extends Controller
{
    #[OA\Post(path: '/workings', operationId: 'workings', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: EvaluationRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Curves, working points, and why each figure is what it is', content: new OA\JsonContent(ref: WorkingData::class)),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(EvaluationRequest $request, Evaluate $evaluate, StandsThere $there, DataFiles $data): JsonResponse
    {
        $measure = $this->person($request)->measure;
        $ledger = $evaluate($request->room(), $request->goal(), $request->unit(), $measure, $request->programme(), $request->version(), $there->copies($request->beside(), $measure));
        if ($ledger->unit === null) {
            throw new UnprocessableEntityHttpException('There is no build yet.');
        }

        return new JsonResponse(WorkingData::of(WorkingPlot::of($ledger->unit->unit, $ledger->unit->chosen, $data->tolerances()), $ledger->unit, Why::of($ledger)));
    }
}
