<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Scene\Point;

/** A parallel view from in front, to the right and above: lengths along one direction keep one scale. */
final readonly class Camera
{
    /** Where the viewer stands at first, radians to the right of the front. */
    private const TURN = 0.62;

    /** Where they stand above the horizon, or below it, radians. */
    private const TILT = 0.42;

    private Point $right;

    private Point $up;

    public Point $towardsViewer;

    /**
     * @param  float  $turn  how far the viewer stands to the right of the front, radians
     * @param  float  $tilt  how far above the horizon, radians
     */
    public function __construct(float $turn = self::TURN, float $tilt = self::TILT)
    {
        $this->right = new Point(cos($turn), sin($turn), 0.0);
        $this->up = new Point(-sin($turn) * sin($tilt), cos($turn) * sin($tilt), cos($tilt));
        $this->towardsViewer = new Point(sin($turn) * cos($tilt), -cos($turn) * cos($tilt), sin($tilt));
    }

    /**
     * From another side.
     *
     * @param  float  $degrees  how far the viewer walks round to the right
     * @param  bool  $isBelow  whether they look from below
     */
    public static function turned(float $degrees, bool $isBelow = false): self
    {
        return new self(self::TURN + deg2rad($degrees), $isBelow ? -self::TILT : self::TILT);
    }

    /** On the sheet: mm, x to the right, y down. */
    public function see(Point $point): PlanePoint
    {
        return new PlanePoint(
            round(($point->x * $this->right->x + $point->y * $this->right->y) * 1000.0, 1),
            round(-($point->x * $this->up->x + $point->y * $this->up->y + $point->z * $this->up->z) * 1000.0, 1),
        );
    }
}
