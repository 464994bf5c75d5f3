<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Tissue;

/** What a strip of tissue is held to. */
enum PointKind: string
{
    case Seam = 'seam';
    case PanelEdge = 'panel-edge';
    case Corner = 'corner';
    case FanRim = 'fan-rim';
    case FanCorner = 'fan-corner';
    case Opening = 'opening';
    case Face = 'face';

    /** Whether air must go through it, as against past the filters. */
    public function isFilter(): bool
    {
        return $this === self::Face;
    }
}
