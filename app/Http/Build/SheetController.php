<?php

namespace App\Http\Build;

use App\Actions\Evaluate;
use App\Actions\Shelf;
use App\Http\Shared\Controller;
use App\Models\Version;
use App\Sheet\BuildSheetPdf;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

class SheetController extends Controller
{
    #[OA\Get(path: '/versions/{version}/sheet', operationId: 'sheet', parameters: [new OA\PathParameter(name: 'version', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'The build sheet', content: new OA\MediaType(mediaType: 'application/pdf', schema: new OA\Schema(type: 'string', format: 'binary'))),
    ])]
    public function show(Request $request, Version $version, Evaluate $evaluate, Shelf $shelf): Response
    {
        $version->load(['build.room.site.programme', 'person']);
        $pdf = BuildSheetPdf::of($version, $evaluate->version($version), $shelf->lines($version->build->room->site->programme, $version->build), $this->person($request)->measure);

        return new Response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => sprintf('inline; filename="build-sheet-%d-v%d.pdf"', $version->build_id, $version->number),
        ]);
    }
}
