<?php

namespace App\Sheet;

use DOMElement;
use Dompdf\Dompdf;
use Dompdf\Frame;
use Jornel\Core\Quantity\System;

/**
 * A view on one page, its letters as large as that allows. The view scales letters and pictures by `$scale`; its first element
 * has the id `top`, its last one the id `end`.
 */
final class OnePage
{
    /** Sizes of the letters over those that are wanted, the largest first. */
    private const SCALES = [1.0, 0.94, 0.88, 0.82, 0.76, 0.71];

    /** With its letters a page's text grows by about this power of their size: lines are higher, and there are more (measured on the sheets of all shapes). */
    private const GROWTH = 1.6;

    /**
     * Where no size goes in, the smallest letters on several pages.
     *
     * @param  array<string, mixed>  $facts
     * @param  float  $guess  the size that is tried first, one of those above: each try takes a fifth of a second
     */
    public static function of(string $view, array $facts, System $measure, float $guess): Dompdf
    {
        [$fits, $scales, $scale] = [null, self::SCALES, $guess];
        do {
            [$pdf, $share] = self::laidOut($view, $facts + ['scale' => $scale], $measure);
            $isOn = $pdf->getCanvas()->get_page_count() === 1;
            $fits = $isOn ? $pdf : $fits;
            $scales = array_values(array_filter($scales, fn (float $other): bool => $isOn ? $other > $scale : $other < $scale));
            $likely = array_filter($scales, fn (float $other): bool => $share * ($other / $scale) ** self::GROWTH <= 1.0);
            // The largest that is likely to go in; if none is, the smallest that is left is tried unless something went in already.
            $scale = $likely === [] ? ($fits === null && $scales !== [] ? min($scales) : null) : max($likely);
        } while ($scale !== null);

        return $fits ?? $pdf;
    }

    /**
     * @param  array<string, mixed>  $facts
     * @return array{Dompdf, float} and how much of a page it takes, above 1 where it takes more than one
     */
    private static function laidOut(string $view, array $facts, System $measure): array
    {
        $at = ['top' => 0.0, 'end' => 0.0];
        $pdf = PaperPdf::of($view, $facts, $measure, [['event' => 'begin_frame', 'f' => function (Frame $frame) use (&$at): void {
            $node = $frame->get_node();
            if ($node instanceof DOMElement && isset($at[$node->getAttribute('id')])) {
                $at[$node->getAttribute('id')] = (float) $frame->get_position('y');
            }
        }]]);
        $page = $pdf->getCanvas()->get_height() - 2.0 * $at['top'];

        return [$pdf, $pdf->getCanvas()->get_page_count() - 1 + ($at['end'] - $at['top']) / $page];
    }
}
