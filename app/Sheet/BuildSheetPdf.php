<?php

namespace App\Sheet;

use App\Models\Version;
use Jornel\Core\Drawing\Drawing;
use Jornel\Core\Drawing\PrintSvg;
use Jornel\Core\Guide\CutLine;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Ledger\Ledger;
use Jornel\Core\Quantity\System;
use LogicException;

/** The build sheet of a version, as one page of PDF. */
final class BuildSheetPdf
{
    /** @param  Stock  $secured  what is reserved for the build or in it, and need not be bought */
    public static function of(Version $version, Ledger $ledger, Stock $secured, System $measure): string
    {
        $unit = $ledger->unit ?? throw new LogicException('A version has a unit.');
        $sheet = $ledger->sheet() ?? throw new LogicException('A version has a sheet.');
        $facts = [
            'version' => $version,
            'ledger' => $ledger,
            'unit' => $unit,
            'line' => $unit->line(),
            'sheet' => $sheet,
            'shopping' => $sheet->shopping->takingFrom($secured),
            'measure' => $measure,
            'picture' => self::image(PrintSvg::unit(Drawing::of($unit->design->scene()))),
            'plans' => array_map(fn (CutLine $cut): string => self::image(PrintSvg::panel($cut->panel)), $sheet->cuts),
        ];

        return (string) OnePage::of('sheet', $facts, $measure, self::guess(count($sheet->steps)))->output();
    }

    /** Size of the letters with which so many steps, and what goes with them, are likely to go on a page. */
    private static function guess(int $steps): float
    {
        return match (true) {
            $steps <= 11 => 1.0,
            $steps <= 13 => 0.94,
            $steps <= 15 => 0.88,
            $steps <= 17 => 0.82,
            default => 0.76,
        };
    }

    private static function image(string $svg): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode($svg);
    }
}
