<?php

namespace App\Http\Question;

use App\Actions\Find;
use App\Actions\KeptAnswers;
use App\Actions\StandsThere;
use App\Finder\FindQueue;
use App\Finder\SearchProcess;
use App\Finder\Service\NobodyWaits;
use App\Finder\Waiting;
use App\Http\Shared\Controller;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\GoneHttpException;

class FindController extends Controller
{
    #[OA\Post(path: '/finds', operationId: 'find', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: FindRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Builds that reach the goal', content: new OA\JsonContent(ref: FindData::class)),
        new OA\Response(response: 202, description: 'Not yet: ask again with the same ticket', content: new OA\JsonContent(ref: FindPlaceData::class)),
        new OA\Response(response: 422, description: 'Something given is not allowed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(FindRequest $request, Find $find, StandsThere $there, KeptAnswers $kept, FindQueue $queue, SearchProcess $search): JsonResponse
    {
        $person = $this->person($request);
        $question = $find($request->room(), $request->goal(), $request->wishes(), $person->measure, $request->programme(), $request->build(), $there->copies($request->beside(), $person->measure));
        $key = KeptAnswers::key('find', $question);
        $answer = $kept->get($key);
        if ($answer === null) {
            try {
                // Somebody else may have asked the same while this one waited.
                $answer = $queue->turn($person->id, $request->ticket(), fn (Closure $meanwhile): string => $kept->get($key)
                    ?? $kept->keep($key, (string) json_encode(FindData::of($search->answer($question, $meanwhile), $question), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)));
            } catch (NobodyWaits $ended) {
                throw new GoneHttpException($ended->getMessage(), $ended);
            }
        }

        return $answer instanceof Waiting ? new JsonResponse(FindPlaceData::of($answer), 202) : JsonResponse::fromJsonString($answer);
    }

    #[OA\Delete(path: '/finds/{ticket}', operationId: 'stopFind', parameters: [new OA\PathParameter(name: 'ticket', schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 204, description: 'Nobody waits for it any more'),
    ])]
    public function destroy(Request $request, string $ticket, FindQueue $queue): Response
    {
        $queue->leave($this->person($request)->id, $ticket);

        return new Response(status: 204);
    }
}
