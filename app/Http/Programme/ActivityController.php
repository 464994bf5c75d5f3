<?php

namespace App\Http\Programme;

use App\Http\Shared\Controller;
use App\Models\Programme;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

class ActivityController extends Controller
{
    #[OA\Get(path: '/programmes/{programme}/activities', operationId: 'activities', parameters: [
        new OA\PathParameter(name: 'programme', schema: new OA\Schema(type: 'integer')),
        new OA\QueryParameter(name: 'before', schema: new OA\Schema(type: 'integer'), description: 'Number of an activity: those before it; without it the latest'),
        new OA\QueryParameter(name: 'room', schema: new OA\Schema(type: 'integer'), description: 'Those of one room alone'),
    ], responses: [
        new OA\Response(response: 200, description: 'Who did what when, the latest first', content: new OA\JsonContent(ref: ActivityPageData::class)),
    ])]
    public function index(ActivityRequest $request, Programme $programme): JsonResponse
    {
        return new JsonResponse(ActivityPageData::of($programme, $request->integer('before') ?: null, $request->integer('room') ?: null));
    }
}
