<?php

declare(strict_types=1);

namespace Jornel\Core\Drawing;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Plan\Furnishing;
use Jornel\Core\Plan\FurnishingKind;

/** The sign of something on a plan, as usual on drawings of buildings. */
final readonly class PlanSign
{
    /** Steps of a drawn half circle. */
    private const HALF = 12;

    private function __construct(private Furnishing $one, private string $part, private PlanSheet $sheet)
    {
    }

    /** @return list<Stroke> */
    public static function of(Furnishing $one, string $part, PlanSheet $sheet): array
    {
        return (new self($one, $part, $sheet))->strokes();
    }

    /** @return list<Stroke> */
    private function strokes(): array
    {
        [$w, $d, $t] = [$this->one->width / 2.0, $this->one->depth / 2.0, RoomScene::WALL];
        $box = PlanePoint::list([[-$w, -$d], [$w, -$d], [$w, $d], [-$w, $d]]);

        return match ($this->one->kind) {
            FurnishingKind::Door => [
                $this->closed('plan-gap', PlanePoint::list([[-$w, -$t - 0.01], [$w, -$t - 0.01], [$w, 0.01], [-$w, 0.01]])),
                $this->closed('plan-swing', [new PlanePoint(-$w, 0.0), ...self::arc(-$w, 2.0 * $w, M_PI_2)]),
                $this->line([-$w, 0.0], [-$w, 2.0 * $w]),
            ],
            FurnishingKind::Window => [
                $this->closed('plan-glass', PlanePoint::list([[-$w, -$t], [$w, -$t], [$w, 0.0], [-$w, 0.0]])),
                $this->line([-$w, -$t / 2.0], [$w, -$t / 2.0]),
            ],
            FurnishingKind::Outlet => [
                $this->closed('plan-outlet', self::arc(0.0, 0.13, M_PI)),
                $this->line([0.0, 0.13], [0.0, 0.24]),
            ],
            FurnishingKind::Seat => [
                $this->closed('plan-seat', $box),
                $this->closed('plan-back', PlanePoint::list([[-$w, $d], [$w, $d], [$w, $d + 0.07], [-$w, $d + 0.07]])),
            ],
            FurnishingKind::Appliance => [
                $this->closed('plan-appliance', $box),
                $this->closed('plan-flame', PlanePoint::list([[0.0, $d * 0.7], [$w * 0.4, 0.0], [$w * 0.25, -$d * 0.55], [-$w * 0.25, -$d * 0.55], [-$w * 0.4, 0.0]])),
            ],
            FurnishingKind::BuiltIn => [
                $this->closed('plan-builtin', $box),
                $this->line([-$w, -$d], [$w, $d]),
                $this->line([-$w, $d], [$w, -$d]),
            ],
            FurnishingKind::Unit => [
                $this->closed('plan-unit', $box),
                $this->closed('plan-fan', self::arc(0.0, 0.8 * min($w, $d), 2.0 * M_PI)),
            ],
        };
    }

    /** @param  list<PlanePoint>  $points  along the wall or x, and into the room or along y, from the middle, m */
    private function closed(string $kind, array $points): Stroke
    {
        return $this->sheet->stroke($this->part, $kind, array_map($this->at(...), $points), true);
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private function line(array $from, array $to): Stroke
    {
        return $this->sheet->stroke($this->part, 'plan-line', array_map($this->at(...), PlanePoint::list([$from, $to])), false);
    }

    /**
     * @param  PlanePoint  $point  from its middle, m
     * @return PlanePoint m
     */
    private function at(PlanePoint $point): PlanePoint
    {
        return $this->one->middle()->plus($point->turned($this->one->turn));
    }

    /**
     * @param  float  $middle  along the wall, m
     * @return list<PlanePoint> from the direction of the wall to the left
     */
    private static function arc(float $middle, float $radius, float $angle): array
    {
        $steps = (int) ceil(self::HALF * $angle / M_PI);

        return array_map(fn (int $step): PlanePoint => new PlanePoint($middle + $radius * cos($angle * $step / $steps), $radius * sin($angle * $step / $steps)), range(0, $steps));
    }
}
