<?php

namespace App\Http\Question;

use App\Http\Shared\Controller;
use Illuminate\Http\JsonResponse;
use Jornel\Core\Data\DataFiles;
use OpenApi\Attributes as OA;

class NeedController extends Controller
{
    #[OA\Post(path: '/needs', operationId: 'need', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: NeedRequest::class)), responses: [
        new OA\Response(response: 200, description: 'What to ask, and what the answers set', content: new OA\JsonContent(ref: NeedData::class)),
    ])]
    public function store(NeedRequest $request, DataFiles $data): JsonResponse
    {
        $shown = fn (string $field, string|bool $value): string => match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            $field === 'pollutant' => $data->pollutants()->get($value)->name,
            $field === 'goal' => $data->targets()->get($value)->name(),
            default => $value === '' ? 'none' : $value,
        };

        return new JsonResponse(NeedData::of($data->need(), $request->answers(), $shown));
    }
}
