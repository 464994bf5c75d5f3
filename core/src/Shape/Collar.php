<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Solid;

/** A sheet between a filter and a fan that is smaller: as large as the filter, with a hole of the blade circle. */
final readonly class Collar
{
    public const PART = 'collar';

    /**
     * @param  float  $width  of what it lies on, m
     * @param  float  $height  m
     */
    private function __construct(private Design $design, private float $width, private float $height)
    {
    }

    public static function option(): ShapeOption
    {
        return new ShapeOption('collar', 'Where the filter is larger than the fan', ['none' => 'Left open', 'collar' => 'A collar: a sheet cut to the blade circle'], 'none');
    }

    /**
     * The collar of a design where it is chosen and there is something for it to close; else null.
     *
     * @param  FanSeat  $seat  of the fan on what it lies on
     *
     * @throws DoesNotFit when the blade circle does not go into it
     */
    public static function of(Design $design, FanSeat $seat, float $width, float $height): ?self
    {
        if ($design->option('collar') !== 'collar' || ! $seat->leavesRing()) {
            return null;
        }
        $side = min($width, $height);
        if ($design->fan->body->bladeCircle > $side - 2.0 * Panel::THICKNESS) {
            throw DoesNotFit::bladesBeyondCover($design->fan, $side);
        }

        return new self($design, $width, $height);
    }

    public function panel(): Panel
    {
        return Panel::rectangle(self::PART, 'Collar', $this->width, $this->height, $this->design->fan->body->bladeCircle);
    }

    /** @param  int  $count  such collars in a unit */
    public function seam(int $count = 1): Seam
    {
        return new Seam('Fan to its collar', $count * $this->design->fan->body->perimeter(), 4 * $count);
    }

    /** @param  Point  $low  its corner nearest to the origin */
    public function solid(Point $low): Solid
    {
        return Solid::box(self::PART, 'board', $low, $low->plus(new Point($this->width, Panel::THICKNESS, $this->height)));
    }
}
