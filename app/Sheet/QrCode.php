<?php

namespace App\Sheet;

use TCPDF2DBarcode;

/** An address as a code that phones read. */
final class QrCode
{
    /** @return string SVG */
    public static function svg(string $address): string
    {
        return (string) preg_replace('/<\?xml.*?\?>|<!DOCTYPE[^>]*>/s', '', (new TCPDF2DBarcode($address, 'QRCODE,M'))->getBarcodeSVGcode(6, 6, '#111'));
    }
}
