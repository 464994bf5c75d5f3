<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Jornel\Core\Geometry\PlanePoint;

/** One outline on the sheet, to be drawn over those before it. */
final readonly class Stroke
{
    /**
     * @param  string  $part  id of the part it shows
     * @param  string  $kind  material of a side, or what a mark shows
     * @param  list<PlanePoint>  $points  mm
     * @param  float  $shade  0 in full light to 1 in the dark
     */
    public function __construct(
        public string $part,
        public string $kind,
        public array $points,
        public bool $closed,
        public float $shade,
    ) {
    }

    /** Its outline as SVG path data, mm. */
    public function path(): string
    {
        return 'M'.implode('L', array_map(fn (PlanePoint $point): string => "{$point->x} {$point->y}", $this->points)).($this->closed ? 'Z' : '');
    }
}
