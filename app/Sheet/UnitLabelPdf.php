<?php

namespace App\Sheet;

use App\Models\Unit;
use Jornel\Core\Quantity\System;

/** The label of a unit: what it is, when its filters are due, the address of its page as a code. */
final class UnitLabelPdf
{
    public static function of(Unit $unit, System $measure): string
    {
        $address = OwnAddress::of($unit);

        return (string) PaperPdf::of('label', ['unit' => $unit, 'code' => 'data:image/svg+xml;base64,'.base64_encode(QrCode::svg($address)), 'address' => $address, 'isReachable' => OwnAddress::isReachable($address)] + UnitFacts::of($unit, $measure), $measure)->output();
    }
}
