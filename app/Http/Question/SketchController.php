<?php

namespace App\Http\Question;

use App\Http\Shared\Controller;
use App\Http\Shared\DrawingData;
use App\Models\Part;
use Illuminate\Http\JsonResponse;
use Jornel\Core\Drawing\Drawing;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Shape\DesignEntry;
use OpenApi\Attributes as OA;

class SketchController extends Controller
{
    /** Marks too fine to be seen in a small drawing. */
    private const FINE = ['pleat', 'guard'];

    #[OA\Post(path: '/sketches', operationId: 'sketches', requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: SketchRequest::class)), responses: [
        new OA\Response(response: 200, description: 'Small drawings of one unit of each, in their order', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: DrawingData::class))),
    ])]
    public function store(SketchRequest $request): JsonResponse
    {
        $catalogue = Part::catalogue($request->programme());

        return new JsonResponse(array_map(
            fn (array $unit): DrawingData => DrawingData::of(Drawing::of(new Scene(DesignEntry::read($unit, $catalogue)->design->scene()->without(self::FINE)->solids)), [], [], Display::PartLength),
            $request->units(),
        ));
    }
}
