<?php

namespace App\Sheet;

use TCPDF2DBarcode;

/** An address as a code that phones read. */
final class QrCode
{
    /** @return string SVG */
    public static function svg(string $address): string
    {
        $svg = (string) preg_replace('/<\?xml.*?\?>|<!DOCTYPE[^>]*>/s', '', (new TCPDF2DBarcode($address, 'QRCODE,M'))->getBarcodeSVGcode(6, 6, '#111'));

        // Without it a code that is shown smaller is cut off, and no phone reads it.
        return (string) preg_replace('/<svg width="(\d+)" height="(\d+)"/', '$0 viewBox="0 0 $1 $2"', $svg);
    }
}
