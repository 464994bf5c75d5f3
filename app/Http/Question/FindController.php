<?php

namespace App\Http\Question;

use App\Actions\Find;
use App\Actions\StandsThere;
use App\Finder\SharedSearch;
use App\Http\Shared\Controller;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

class FindController extends Controller
{
    #[OA\Post(path: '/finds', operationId: 'find', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: FindRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Builds that reach the goal; nothing is kept', content: new OA\JsonContent(ref: FindData::class)),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(FindRequest $request, Find $find, StandsThere $there): JsonResponse
    {
        $measure = $this->person($request)->measure;
        $question = $find($request->room(), $request->goal(), $request->wishes(), $measure, $request->programme(), $request->build(), $there->copies($request->beside(), $measure));

        return new JsonResponse(FindData::of(SharedSearch::answer($question), $question));
    }
}
