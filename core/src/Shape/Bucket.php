<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\FanFamily;
use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\Extent;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;
use Jornel\Core\Scene\Tube;

/**
 * A bucket with one hole in its flat bottom, on feet: a ring cartridge stands on it inside, its rim closed to the hole's edge; an
 * exhaust fan in the lid draws air up through the bore and out through the media. A round wall would leave a flat rim open.
 */
final readonly class Bucket implements Shape
{
    use RingCartridge, UsualShape {
        RingCartridge::shaft insteadof UsualShape;
    }

    private const FAMILIES = [FanFamily::Exhaust];

    /** Room round the cartridge for the air that leaves it, and over it, m (assumed). */
    private const CLEAR = 0.03;

    private const WALL = 0.003;

    /** Height of a common bucket, m (assumed). */
    private const HEIGHT = 0.3;

    /** Pipe under a fan that the lid's plastic does not carry, m (common practice, no source). */
    private const PIPE = 0.1;

    private const FEET = 4;

    /** Screws of the fan's flange. */
    private const SCREWS = 4;

    public function id(): string
    {
        return 'bucket';
    }

    public function name(): string
    {
        return 'Bucket with a ring';
    }

    public function description(): string
    {
        return 'A ring cartridge over one hole in a bucket’s bottom, an exhaust fan in the lid: rough, cheap, hard to knock over.';
    }

    public function options(): array
    {
        return [new ShapeOption('fan-on', 'Fan on', ['lid' => 'The lid', 'pipe' => 'A length of pipe'], 'lid')];
    }

    public function assemble(Design $design): Assembly
    {
        $this->mustTake($design, self::FAMILIES);
        $filter = $design->filter;
        $round = M_PI * $filter->width;
        $bore = Bore::of($design);
        $side = 2.0 * $this->radius($design);
        $onPipe = $this->isOnPipe($design);

        return new Assembly(
            faces: [FilterFace::of('face-1', $design, $filter->netArea())],
            seams: [
                new Seam('Cartridge’s rim to the edge of the hole', $round, 1),
                new Seam('Plate to the cartridge’s far end', $round, 1),
                $onPipe
                    ? new Seam('Pipe to lid and to fan', 2.0 * M_PI * $design->fan->body->bladeCircle, 2)
                    : new Seam('Fan to lid', M_PI * $design->fan->body->side, 1),
                new Seam('Round the cord', 0.04, 1),
                new Seam('Lid on its rim', M_PI * $side, 1, Seam::RESTING),
            ],
            openings: [Opening::recirculation($design->corners, $design->fan)],
            panels: [Panel::rectangle('plate', 'Plate on the cartridge’s far end', $filter->width, $filter->width)],
            throttle: $bore->throttle,
            remarks: $bore->remarks(),
            hardware: ['bucket' => 1, 'feet-10cm' => self::FEET] + ($onPipe ? ['pipe-150' => 1] : ['short-screws' => self::SCREWS]),
            lengths: ['foam-strip' => M_PI * $design->fan->body->side],
            cutOuts: [
                Panel::withHoles('bucket', 'Bucket, bottom under the cartridge', $side, $side, [Hole::round($side / 2.0, $side / 2.0, $filter->width - 2.0 * $filter->depth)])->from('bucket'),
                Panel::withHoles('lid', 'Bucket, lid under the fan', $side, $side, [Hole::round($side / 2.0, $side / 2.0, $design->fan->body->bladeCircle)])->from('bucket'),
            ],
        );
    }

    public function scene(Design $design): Scene
    {
        $this->mustTake($design, self::FAMILIES);
        $filter = $design->filter;
        $body = $design->fan->body;
        $radius = $this->radius($design);
        $at = fn (float $z): Point => new Point($radius, $radius, $z);
        $wall = self::WALL;
        $bottom = Feet::HEIGHT;
        $floor = $bottom + $wall;
        $lid = $bottom + $this->height($design);
        $hole = $body->bladeCircle / 2.0;
        $onPipe = $this->isOnPipe($design);
        $seat = $lid + $wall + ($onPipe ? self::PIPE : 0.0);
        $top = $seat + $body->depth;
        [$outer, $bore] = [$filter->width / 2.0, $filter->width / 2.0 - $filter->depth];
        $feet = array_map(fn (int $foot): Solid => Solid::box('feet', 'foot', self::foot($foot, $radius, 0.0), self::foot($foot, $radius, $bottom)->plus(new Point(0.03, 0.03, 0.0))), range(0, self::FEET - 1));

        return new Scene([
            ...$feet,
            ...Tube::of('bucket', 'plastic', $at($bottom), [$bore, $radius], [$bore, $radius], $wall),
            ...Tube::of('bucket', 'plastic', $at($floor), [$radius - $wall, $radius], [$radius - $wall, $radius], $lid - $floor),
            ...Tube::of('face-1', 'filter', $at($floor), [$bore, $outer], [$bore, $outer], $filter->height, true),
            Tube::disc('plate', 'board', $at($floor + $filter->height), $outer, Panel::THICKNESS),
            ...Tube::of('lid', 'plastic', $at($lid), [$hole, $radius], [$hole, $radius], $wall),
            ...($onPipe ? Tube::of('pipe', 'plastic', $at($lid + $wall), [$hole, $hole + $wall], [$hole, $hole + $wall], self::PIPE) : []),
            FanSolid::of($design->fan, Frame::top($radius, $radius, $seat), $design->hasShroud()),
        ], [
            new Arrow('fan', 'outlet', $at($top + 0.01), $at($top + 0.18)),
            new Arrow('face-1', 'intake', new Point($radius, -0.16, $bottom * 0.5), new Point($radius, 0.02, $bottom * 0.5)),
        ], [
            new Anchor('face-1', new Point($radius * 0.5, $radius * 0.14, $floor + $filter->height * 0.3)),
            new Anchor('fan', new Point($radius, $radius - $body->side * 0.2, $top)),
            new Anchor('bucket', new Point($radius * 1.8, $radius * 0.45, $floor + $filter->height * 0.6)),
            new Anchor('seam', new Point($radius * 0.3, $radius * 0.3, $bottom)),
            new Anchor('corners', new Point($radius + $body->side * 0.4, $radius, $seat)),
        ], Extent::box(2.0 * $radius, 2.0 * $radius, $top));
    }

    public function isOnPipe(Design $design): bool
    {
        return $design->option('fan-on') === 'pipe';
    }

    /** So large that the cartridge stands in it with room for the air, and the fan goes on the lid. */
    private function radius(Design $design): float
    {
        return max($design->filter->width / 2.0 + self::CLEAR, $design->fan->body->side / 2.0 + 2.0 * self::WALL);
    }

    private function height(Design $design): float
    {
        return max(self::HEIGHT, self::WALL + $design->filter->height + Panel::THICKNESS + self::CLEAR);
    }

    private static function foot(int $number, float $radius, float $z): Point
    {
        $turn = 2.0 * M_PI * ($number / self::FEET + 0.25);

        return new Point($radius + ($radius - 0.03) * cos($turn) - 0.015, $radius + ($radius - 0.03) * sin($turn) - 0.015, $z);
    }
}
