<?php

namespace App\Http\Question;

use App\Http\Shared\Controller;
use App\Models\Part;
use Illuminate\Http\JsonResponse;
use Jornel\Core\Shape\DesignEntry;
use Jornel\Core\Shape\Misfits;
use OpenApi\Attributes as OA;

class MisfitController extends Controller
{
    #[OA\Post(path: '/misfits', operationId: 'misfits', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: MisfitRequest::class)), responses: [
        new OA\Response(response: 200, description: 'What would not fit in place of a choice, and why', content: new OA\JsonContent(ref: MisfitsData::class)),
    ])]
    public function store(MisfitRequest $request): JsonResponse
    {
        $catalogue = Part::catalogue($request->programme());

        return new JsonResponse(MisfitsData::of(Misfits::of(DesignEntry::read($request->unit() ?? [], $catalogue)->design, $catalogue)));
    }
}
