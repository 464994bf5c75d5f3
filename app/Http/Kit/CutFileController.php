<?php

namespace App\Http\Kit;

use App\Actions\PlanKit;
use App\Http\Shared\Controller;
use App\Models\Version;
use App\Sheet\CutFiles;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;
use ZipArchive;

/** Drawings to cut by: one by one, or all in an archive. */
class CutFileController extends Controller
{
    private const KINDS = ['svg' => 'image/svg+xml', 'dxf' => 'image/vnd.dxf', 'pdf' => 'application/pdf', 'stl' => 'model/stl', 'scad' => 'application/x-openscad', 'csv' => 'text/csv; charset=UTF-8', 'zip' => 'application/zip'];

    #[OA\Get(path: '/versions/{version}/cut-files/{file}', operationId: 'cutFile', parameters: [
        new OA\PathParameter(name: 'version', schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'file', schema: new OA\Schema(type: 'string'), description: 'Such as all.zip, full-size-a4.pdf, drawing-letter.pdf, a-base.dxf, shopping-list.csv'),
    ], responses: [
        new OA\Response(response: 200, description: 'The file', content: new OA\MediaType(mediaType: 'application/octet-stream', schema: new OA\Schema(type: 'string', format: 'binary'))),
        new OA\Response(response: 404, description: 'No such file of this version'),
    ])]
    public function show(Version $version, string $file, PlanKit $plan): Response
    {
        $version->load('build.room.site.programme.parts');
        $kit = $plan->kit($version);
        $files = new CutFiles($kit->plan, $plan->heading($version, $kit->orders[0]), $kit);
        $content = $file === 'all.zip' ? $this->archive($files) : $files->named($file);
        abort_if($content === null, 404);
        $kind = Str::afterLast($file, '.');

        return new Response($content, 200, [
            'Content-Type' => self::KINDS[$kind] ?? 'application/octet-stream',
            'Content-Disposition' => sprintf('%s; filename="%s-v%d-%s"', $kind === 'pdf' ? 'inline' : 'attachment', Str::slug($version->build->name) ?: 'build', $version->number, $file),
        ]);
    }

    private function archive(CutFiles $files): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'cut');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach ($files->all() as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();
        $content = (string) file_get_contents($path);
        unlink($path);

        return $content;
    }
}
