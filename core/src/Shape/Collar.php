<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Solid;

/**
 * A sheet between a filter and a fan that is smaller: as large as the filter, with a hole of the blade circle. Laid flat on a
 * filter it leaves the corners of its face dead; a frame between them lets the air spread to all of it.
 */
final readonly class Collar
{
    public const PART = 'collar';

    /** The strips of the frame. */
    public const FRAME_PART = 'stand-off';

    /** Depth of the frame between collar and filter, m: 3 in, behind which the whole of any common face works (assumed). */
    private const FRAME = 0.0762;

    /**
     * @param  float  $width  of what it lies on, m
     * @param  float  $height  m
     */
    private function __construct(private Design $design, private float $width, private float $height, public bool $hasFrame)
    {
    }

    /** @param  bool  $liesOnFilter  whether there is no room between it and the filter, so that a frame would help */
    public static function option(bool $liesOnFilter = false): ShapeOption
    {
        return new ShapeOption('collar', 'Where the filter is larger than the fan', [
            'none' => 'Left open', 'collar' => 'A collar: a sheet cut to the blade circle',
        ] + ($liesOnFilter ? ['stand-off' => 'A collar on a stand-off frame, so that the whole face works'] : []), 'none');
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
        $choice = $design->option('collar');
        if (! in_array($choice, ['collar', 'stand-off'], true) || ! $seat->leavesRing()) {
            return null;
        }
        $side = min($width, $height);
        if ($design->fan->body->bladeCircle > $side - 2.0 * Panel::EDGE) {
            throw DoesNotFit::bladesBeyondCover($design->fan, $side);
        }

        return new self($design, $width, $height, $choice === 'stand-off');
    }

    /** @return non-empty-list<Panel> */
    public function panels(): array
    {
        [$lying, $upright] = [Panel::rectangle(self::FRAME_PART, 'Stand-off frame, top and bottom', $this->width, self::FRAME), Panel::rectangle(self::FRAME_PART, 'Stand-off frame, sides', $this->height - 2.0 * Panel::THICKNESS, self::FRAME)];

        return [
            Panel::rectangle(self::PART, 'Collar', $this->width, $this->height, $this->design->fan->body->bladeCircle),
            ...($this->hasFrame ? [$lying, $lying, $upright, $upright] : []),
        ];
    }

    /**
     * @param  int  $count  such collars in a unit
     * @return non-empty-list<Seam> besides that of the filter to it or to its frame
     */
    public function seams(int $count = 1): array
    {
        return [
            new Seam('Fan to its collar', $count * $this->design->fan->body->perimeter(), 4 * $count),
            ...($this->hasFrame ? [
                new Seam('Collar to the stand-off frame', $count * 2.0 * ($this->width + $this->height), 4 * $count),
                new Seam('Corners of the stand-off frame', $count * 4.0 * self::FRAME, 4 * $count),
            ] : []),
        ];
    }

    /**
     * Room between its hole and what lies behind it.
     *
     * @return float m
     */
    public function gap(): float
    {
        return $this->hasFrame ? self::FRAME : 0.0;
    }

    /**
     * With its frame.
     *
     * @return float m
     */
    public function depth(): float
    {
        return Panel::THICKNESS + $this->gap();
    }

    /**
     * The collar in front, its frame behind it.
     *
     * @param  Point  $low  its corner nearest to the origin
     * @return non-empty-list<Solid>
     */
    public function solids(Point $low): array
    {
        $t = Panel::THICKNESS;
        $board = fn (string $part, float $x, float $y, float $z, float $wide, float $deep, float $high): Solid => Solid::box($part, 'board', $low->plus(new Point($x, $y, $z)), $low->plus(new Point($x + $wide, $y + $deep, $z + $high)));

        return [
            $board(self::PART, 0.0, 0.0, 0.0, $this->width, $t, $this->height),
            ...($this->hasFrame ? [
                $board(self::FRAME_PART, 0.0, $t, 0.0, $this->width, self::FRAME, $t),
                $board(self::FRAME_PART, 0.0, $t, $this->height - $t, $this->width, self::FRAME, $t),
                $board(self::FRAME_PART, 0.0, $t, $t, $t, self::FRAME, $this->height - 2.0 * $t),
                $board(self::FRAME_PART, $this->width - $t, $t, $t, $t, self::FRAME, $this->height - 2.0 * $t),
            ] : []),
        ];
    }
}
