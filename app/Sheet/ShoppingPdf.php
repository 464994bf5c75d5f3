<?php

namespace App\Sheet;

use App\Models\Programme;
use App\Models\Version;
use Illuminate\Support\Facades\Date;
use Jornel\Core\Kit\Kit;
use Jornel\Core\Quantity\System;

/** The list for the shop on paper, with boxes to tick by pen. */
final class ShoppingPdf
{
    /** @param  non-empty-list<Version>  $versions */
    public static function of(Programme $programme, array $versions, Kit $kit, System $measure): string
    {
        return (string) PaperPdf::of('shopping', ['programme' => $programme, 'versions' => $versions, 'kit' => $kit, 'date' => Date::now()->format('j F Y')], $measure)->output();
    }
}
