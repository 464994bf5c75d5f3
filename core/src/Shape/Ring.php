<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\Extent;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;
use Jornel\Core\Scene\Tube;

/** A ring cartridge with a cap below and a cone above it to a small fan. */
final readonly class Ring implements Shape
{
    use RingCartridge, UsualShape {
        RingCartridge::shaft insteadof UsualShape;
    }

    /** Height of the cone at least, m (assumed). */
    private const LEAST_CONE = 0.03;

    private const FOOT = 0.015;

    public function id(): string
    {
        return 'ring';
    }

    public function name(): string
    {
        return 'Ring with a cone';
    }

    public function description(): string
    {
        return 'A round cartridge, a printed or folded cone and one PC fan: small, silent, for a desk or a bedside.';
    }

    public function options(): array
    {
        return [new ShapeOption('cone', 'Cone', ['printed' => 'Printed', 'folded' => 'Cut from sheet and rolled'], 'printed')];
    }

    public function assemble(Design $design): Assembly
    {
        $this->mustTake($design, FanFamilies::SMALL);
        $filter = $design->filter;
        $body = $design->fan->body;
        $round = M_PI * $filter->width;
        $cone = self::cone($design);
        $bore = Bore::of($design);

        return new Assembly(
            faces: [FilterFace::of('face-1', $design, $filter->netArea())],
            seams: [
                new Seam('Cap to cartridge', $round, 1),
                new Seam('Cone to cartridge', $round, 1),
                new Seam('Fan to cone', 4.0 * $body->side, 4),
            ],
            openings: [Opening::recirculation($design->corners, $design->fan)],
            panels: [
                ...($design->option('cone') === 'folded' ? [$cone->panel('cone', 'Cone, rolled up'), Panel::rectangle('cap', 'Cap on the cartridge’s far end', $filter->width, $filter->width)] : []),
                Panel::rectangle('plate', 'Plate under the fan', $plate = self::plate($design), $plate, $body->bladeCircle),
            ],
            throttle: $bore->throttle,
            remarks: $bore->remarks(),
            hardware: SmallFanWiring::for(1, $design->fan, $design->speed) + ($design->option('cone') === 'printed' ? ['print-filament' => 1] : ['feet-10cm' => 3]),
        );
    }

    public function scene(Design $design): Scene
    {
        $this->mustTake($design, FanFamilies::SMALL);
        $filter = $design->filter;
        $body = $design->fan->body;
        $cone = self::cone($design);
        $cap = new EndCap($filter->width);
        [$outer, $inner] = [$filter->width / 2.0, $filter->width / 2.0 - $filter->depth];
        $plate = self::plate($design) / 2.0;
        $x = max($cap->outside(), $plate);
        $at = fn (float $z): Point => new Point($x, $x, $z);
        $wall = Cone::WALL;
        $floor = self::FOOT + $wall;
        $rise = $floor + $filter->height;
        $head = $rise + $cone->height;
        $feet = array_map(fn (int $foot): Solid => Solid::box('feet', 'foot', $at(0.0)->plus(self::foot($foot, $outer)), $at(self::FOOT)->plus(self::foot($foot, $outer))->plus(new Point(0.02, 0.02, 0.0))), [0, 1, 2]);
        $half = $body->side / 2.0;
        $wideRadius = $filter->width / 2.0 - $wall;
        $top = $head + $wall + $body->depth;

        return new Scene([
            ...$feet,
            Tube::disc('cap', 'plastic', $at(self::FOOT), $cap->outside(), $wall),
            ...Tube::of('cap', 'plastic', $at($floor), [$cap->inside(), $cap->outside()], [$cap->inside(), $cap->outside()], EndCap::LIP),
            ...Tube::of('face-1', 'filter', $at($floor), [$inner, $outer], [$inner, $outer], $filter->height, true),
            ...Tube::of('cone', 'plastic', $at($rise), [$wideRadius, $wideRadius + $wall], [$body->bladeCircle / 2.0, $body->bladeCircle / 2.0 + $wall], $cone->height),
            Solid::box('plate', 'board', new Point($x - $plate, $x - $plate, $head), new Point($x + $plate, $x + $plate, $head + $wall)),
            FanSolid::of($design->fan, Frame::top($x, $x, $head + $wall), false),
        ], [
            new Arrow('fan', 'outlet', $at($top + 0.01), $at($top + 0.16)),
            new Arrow('face-1', 'intake', new Point($x, $x - $outer - 0.17, $floor + $filter->height / 2.0), new Point($x, $x - $outer - 0.04, $floor + $filter->height / 2.0)),
        ], [
            new Anchor('face-1', new Point($x - $outer * 0.5, $x - $outer * 0.86, $floor + $filter->height * 0.6)),
            new Anchor('cone', new Point($x + $outer * 0.8, $x - $outer * 0.4, $rise + $cone->height * 0.4)),
            new Anchor('fan', new Point($x, $x - $half * 0.5, $top)),
            new Anchor('cap', new Point($x + $cap->outside() * 0.7, $x - $cap->outside() * 0.7, $floor)),
            new Anchor('seam', new Point($x - $outer * 0.7, $x - $outer * 0.7, $rise)),
        ], Extent::box(2.0 * $x, 2.0 * $x, $top));
    }

    /** From the cartridge's outside to the fan's blade circle, at half a right angle or flatter. */
    public static function cone(Design $design): Cone
    {
        $ends = [$design->filter->width - 2.0 * Cone::WALL, $design->fan->body->bladeCircle];

        return new Cone(max($ends), min($ends), max(self::LEAST_CONE, abs($ends[0] - $ends[1]) / 2.0));
    }

    /** Side of the plate under the fan: enough board round its hole, m. */
    private static function plate(Design $design): float
    {
        return max($design->fan->body->side, $design->fan->body->bladeCircle + 2.0 * Panel::EDGE);
    }

    private static function foot(int $number, float $radius): Point
    {
        $turn = 2.0 * M_PI * ($number / 3.0 + 0.25);

        return new Point(($radius - 0.03) * cos($turn) - 0.01, ($radius - 0.03) * sin($turn) - 0.01, 0.0);
    }
}
