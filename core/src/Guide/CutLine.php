<?php

declare(strict_types=1);

namespace Jornel\Core\Guide;

use Jornel\Core\Quantity\TapeFraction;
use Jornel\Core\Shape\Panel;

/** A panel to cut, in sixteenths of an inch. */
final readonly class CutLine
{
    private function __construct(
        public Panel $panel,
        public TapeFraction $width,
        public TapeFraction $height,
        public TapeFraction $centreAcross,
        public TapeFraction $centreUp,
        public ?TapeFraction $hole,
        public ?TapeFraction $radius,
    ) {
    }

    /** The centre stands at half the sides: where the diagonals cross. */
    public static function of(Panel $panel): self
    {
        return new self(
            $panel,
            TapeFraction::nearest($panel->width),
            TapeFraction::nearest($panel->height),
            TapeFraction::nearest($panel->width / 2.0),
            TapeFraction::nearest($panel->height / 2.0),
            $panel->hole === null ? null : TapeFraction::nearest($panel->hole),
            $panel->hole === null ? null : TapeFraction::nearest($panel->hole / 2.0),
        );
    }
}
