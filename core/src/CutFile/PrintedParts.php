<?php

declare(strict_types=1);

namespace Jornel\Core\CutFile;

use Jornel\Core\Shape\ArrayBox;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Drawer;
use Jornel\Core\Shape\MaskSheet;
use Jornel\Core\Shape\Ring;
use Jornel\Core\Shape\Sheet;
use Jornel\Core\Shape\SlimTower;

/** What can be printed for a design: what it needs, and what makes it easier. */
final class PrintedParts
{
    /** Screws of a small fan; clips on the edges of a frame. */
    private const SCREWS = 4;

    private const CLIPS = 4;

    /** Corners of a box of boards. */
    private const CORNERS = 8;

    /**
     * @param  int  $units  1 or more
     * @return list<PrintedPart>
     */
    public static function of(Design $design, int $units = 1): array
    {
        $shape = $design->shape;
        $parts = [];
        if ($shape instanceof Ring) {
            if ($design->option('cone') === 'printed') {
                $parts[] = PrintedPart::cone(Ring::cone($design), $units);
            }
            $parts[] = PrintedPart::endCap($design->filter->width, 0.0, $units);
        }
        if ($design->fan->handling->holePitch !== null) {
            $parts[] = PrintedPart::spacer(self::SCREWS * $shape->fanCount($design) * $units);
        }
        if ($design->filter->isFramed() && ! $shape instanceof Drawer && ! $shape instanceof MaskSheet) {
            $parts[] = PrintedPart::filterClip($design->filter, self::CLIPS * $shape->filterCount($design) * $units);
        }
        if ($shape instanceof ArrayBox || $shape instanceof SlimTower) {
            $parts[] = PrintedPart::cornerClip(Sheet::Carton->thickness(), self::CORNERS * $units);
        }

        return $parts;
    }
}
