<?php

namespace App\Http\Question;

use App\Actions\Evaluate;
use App\Actions\StandsThere;
use App\Http\Shared\Controller;
use Illuminate\Http\JsonResponse;
use Jornel\Core\Drawing\AirPlot;
use Jornel\Core\Room\AirInTime;
use Jornel\Core\Room\StartEntry;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\UnprocessableEntityHttpException;

class AirController extends Controller
{
    #[OA\Post(path: '/airs', operationId: 'air', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: AirRequest::class)), responses: [
        new OA\Response(response: 200, description: 'The air of a room over an hour or a day; nothing is kept', content: new OA\JsonContent(ref: AirData::class)),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(AirRequest $request, Evaluate $evaluate, StandsThere $there): JsonResponse
    {
        $measure = $this->person($request)->measure;
        $ledger = $evaluate($request->room(), $request->goal(), $request->unit(), $measure, $request->programme(), $request->version(), $there->copies($request->beside(), $measure));
        $unit = $ledger->unit ?? throw new UnprocessableEntityHttpException('There is no build yet.');
        $start = StartEntry::read($request->string('start')->toString(), $ledger->room, $measure);

        return new JsonResponse(AirData::of(AirPlot::of(AirInTime::of($ledger->room, $unit->output, $start), 3600.0 * $request->integer('hours'), $ledger->goal->holds()), $start));
    }
}
