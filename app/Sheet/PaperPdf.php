<?php

namespace App\Sheet;

use Dompdf\Dompdf;
use Dompdf\Options;
use Jornel\Core\Quantity\System;

/** A view as PDF, on the paper that is usual where the measure is. */
final class PaperPdf
{
    /**
     * @param  array<string, mixed>  $facts
     * @param  list<array{event: string, f: callable}>  $told  who is told while it is laid out
     */
    public static function of(string $view, array $facts, System $measure, array $told = []): Dompdf
    {
        $fonts = storage_path('fonts');
        $pdf = new Dompdf(new Options(['isRemoteEnabled' => false, 'defaultFont' => 'DejaVu Sans', 'fontDir' => $fonts, 'fontCache' => $fonts]));
        $pdf->setPaper($measure === System::Imperial ? 'letter' : 'a4');
        $pdf->setCallbacks($told);
        $html = view($view, $facts)->render();
        PaperFonts::choose($pdf, $html);
        $pdf->loadHtml($html);
        $pdf->render();

        return $pdf;
    }
}
