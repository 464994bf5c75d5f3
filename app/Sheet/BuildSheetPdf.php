<?php

namespace App\Sheet;

use App\Models\Version;
use Dompdf\Dompdf;
use Dompdf\Options;
use Jornel\Core\Guide\CutLine;
use Jornel\Core\Kit\Drawing\Drawing;
use Jornel\Core\Kit\Drawing\PrintSvg;
use Jornel\Core\Ledger\Ledger;
use Jornel\Core\Quantity\System;
use LogicException;

/** The build sheet of a version, as one page of PDF. */
final class BuildSheetPdf
{
    public static function of(Version $version, Ledger $ledger, System $measure): string
    {
        $unit = $ledger->unit ?? throw new LogicException('A version has a unit.');
        $sheet = $ledger->sheet() ?? throw new LogicException('A version has a sheet.');
        $options = new Options(['isRemoteEnabled' => false, 'defaultFont' => 'DejaVu Sans', 'tempDir' => sys_get_temp_dir(), 'fontDir' => storage_path('fonts'), 'fontCache' => storage_path('fonts')]);
        $pdf = new Dompdf($options);
        $pdf->setPaper($measure === System::Imperial ? 'letter' : 'a4');
        $pdf->loadHtml(view('sheet', [
            'version' => $version,
            'ledger' => $ledger,
            'unit' => $unit,
            'line' => $unit->line(),
            'sheet' => $sheet,
            'measure' => $measure,
            'picture' => self::image(PrintSvg::unit(Drawing::of($unit->design->scene()))),
            'plans' => array_map(fn (CutLine $cut): string => self::image(PrintSvg::panel($cut->panel)), $sheet->cuts),
        ])->render());
        $pdf->render();

        return (string) $pdf->output();
    }

    private static function image(string $svg): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode($svg);
    }
}
