<?php

namespace App\Http\Stock;

use App\Actions\Evaluate;
use App\Actions\Remember;
use App\Actions\Shelf;
use App\Http\Shared\Controller;
use App\Models\Version;
use Illuminate\Http\JsonResponse;
use Jornel\Core\Kit\KitPart;
use Jornel\Core\Kit\ShoppingList;
use LogicException;
use OpenApi\Attributes as OA;

class KitController extends Controller
{
    public function __construct(private readonly Evaluate $evaluate, private readonly Shelf $shelf)
    {
    }

    #[OA\Get(path: '/versions/{version}/kit', operationId: 'kit', parameters: [new OA\PathParameter(name: 'version', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'What it takes against what is in stock', content: new OA\JsonContent(ref: KitData::class)),
    ])]
    public function show(Version $version): JsonResponse
    {
        $kit = $this->kit($version);

        return new JsonResponse(KitData::of($kit, KitPart::list($kit, $this->shelf->lines($version->build->room->site->programme, $version->build), $version->build_id)));
    }

    #[OA\Post(path: '/versions/{version}/kit', operationId: 'moveKit', parameters: [new OA\PathParameter(name: 'version', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(content: new OA\JsonContent(ref: KitRequest::class)), responses: [
        new OA\Response(response: 201, description: 'Moved', content: new OA\JsonContent(ref: KitData::class)),
        new OA\Response(response: 422, description: 'Nothing of it is there to move', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function store(KitRequest $request, Version $version): JsonResponse
    {
        $kit = $this->kit($version);

        $parts = $this->shelf->moveKit($version, $kit, $this->person($request), $request->move());
        $build = $version->build;
        Remember::that('kit_moved', $build->programmeId(), $build->room, ['move' => mb_strtolower($request->move()->label()), 'build' => $build->name]);

        return new JsonResponse(KitData::of($kit, $parts), 201);
    }

    private function kit(Version $version): ShoppingList
    {
        $version->load('build.room.site.programme');

        return $this->evaluate->version($version)->shopping ?? throw new LogicException('A version has a kit.');
    }
}
