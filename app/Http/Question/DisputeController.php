<?php

namespace App\Http\Question;

use App\Http\Shared\Controller;
use App\Models\Part;
use Illuminate\Http\JsonResponse;
use Jornel\Core\Shape\DesignEntry;
use Jornel\Core\Shape\Dispute;
use OpenApi\Attributes as OA;

class DisputeController extends Controller
{
    #[OA\Post(path: '/disputes', operationId: 'disputes', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: MisfitRequest::class)), responses: [
        new OA\Response(response: 200, description: 'What a unit can be held against, question by question', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: DisputeData::class))),
    ])]
    public function store(MisfitRequest $request): JsonResponse
    {
        $catalogue = Part::catalogue($request->programme());
        $entry = DesignEntry::read($request->unit() ?? [], $catalogue);

        return new JsonResponse(array_map(fn (Dispute $dispute): DisputeData => DisputeData::of($dispute, $entry->units), Dispute::about($entry->design, $catalogue)));
    }
}
