<?php

namespace App\Http\Build;

use App\Actions\Evaluate;
use App\Actions\KeptAnswers;
use App\Actions\Shelf;
use App\Http\Shared\Controller;
use App\Models\Version;
use App\Sheet\BuildSheetPdf;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Part\PartKind;
use OpenApi\Attributes as OA;

class SheetController extends Controller
{
    #[OA\Get(path: '/versions/{version}/sheet', operationId: 'sheet', parameters: [new OA\PathParameter(name: 'version', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'The build sheet', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary'))),
    ])]
    public function show(Request $request, Version $version, Evaluate $evaluate, Shelf $shelf, KeptAnswers $kept): Response
    {
        $version->load(['build.room.site.programme', 'person']);
        $measure = $this->person($request)->measure;
        $secured = Stock::securedFor($version->build_id, array_intersect_key($shelf->lines($version->build->room->site->programme, $version->build), array_flip(array_map(
            fn (array $part): string => PartKind::from($part['kind'])->key((string) $part['data']['id']), $version->parts,
        ))));
        // Names may change though the version does not.
        $named = [$version->build->name, $version->build->room->name, $version->build->room->site->name, $version->build->room->site->programme->name, $version->build->room->site->programme->currency, $version->person?->name];
        $key = KeptAnswers::key('sheet', $version->id, $measure, $secured, $named);
        $pdf = $kept->get($key) ?? $kept->keep($key, BuildSheetPdf::of($version, $evaluate->version($version), $secured, $measure));

        return new Response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => sprintf('inline; filename="build-sheet-%d-v%d.pdf"', $version->build_id, $version->number),
        ]);
    }
}
