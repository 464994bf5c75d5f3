<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\FanFamily;
use Jornel\Core\Part\Filter;
use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\Extent;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Mark;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;
use Jornel\Core\Scene\Tube;

/**
 * A bucket with one hole in its wall: a ring cartridge lies behind it, its rim glued to the hole's edge; an exhaust fan in
 * the lid draws air through the bore and the media into the bucket, and out.
 */
final readonly class Bucket implements Shape
{
    use RingCartridge, UsualShape {
        RingCartridge::shaft insteadof UsualShape;
    }

    private const FAMILIES = [FanFamily::Exhaust];

    /** Room round the cartridge for the air that leaves it, m (assumed). */
    private const CLEAR = 0.03;

    /** Between the far end of the cartridge's rim and the wall, m (assumed). */
    private const PLAY = 0.005;

    private const WALL = 0.003;

    /** Height of a common bucket, m (assumed). */
    private const HEIGHT = 0.3;

    /** Hole for the cord, and how far its middle is from the lid's edge, m (assumed). */
    private const CORD = 0.012;

    /** Pipe under a fan that the lid's plastic does not carry, m (common practice, no source). */
    private const PIPE = 0.1;

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
        return 'A ring cartridge behind one hole in a bucket’s wall, an exhaust fan in the lid: rough, cheap, hard to knock over.';
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

        return new Assembly(
            faces: [FilterFace::of('face-1', $design, $filter->netArea())],
            seams: [
                new Seam('Cartridge’s rim to the edge of the hole', $round, 1),
                new Seam('Plate to the cartridge’s far end', $round, 1),
                $this->isOnPipe($design)
                    ? new Seam('Pipe to lid and to fan', 2.0 * M_PI * $design->fan->body->bladeCircle, 2)
                    : new Seam('Fan to lid', M_PI * $design->fan->body->side, 1),
                new Seam('Round the cord', 0.04, 1),
                new Seam('Lid on its rim', 2.0 * M_PI * $this->radius($design), 1, Seam::RESTING),
            ],
            openings: [Opening::recirculation($design->corners, $design->fan)],
            panels: [Panel::rectangle('plate', 'Plate on the cartridge’s far end', $filter->width, $filter->width)],
            throttle: $bore->throttle,
            remarks: $bore->remarks(),
            hardware: ['bucket' => 1],
            lengths: ['foam-strip' => M_PI * $design->fan->body->side],
            cutOuts: [
                Panel::withHoles('bucket', 'Bucket, wall behind the cartridge', $filter->width, $filter->width, [Hole::round($filter->width / 2.0, $filter->width / 2.0, $filter->width - 2.0 * $filter->depth)])->from('bucket'),
                Panel::withHoles('lid', 'Bucket, lid under the fan', $side = 2.0 * $this->radius($design), $side, [Hole::round($side / 2.0, $side / 2.0, $design->fan->body->bladeCircle), Hole::round($side / 2.0, self::CORD, self::CORD)])->from('bucket'),
            ],
        );
    }

    /** The hole towards the viewer; the wall is pressed flat where the rim is glued to it. */
    public function scene(Design $design): Scene
    {
        $this->mustTake($design, self::FAMILIES);
        $filter = $design->filter;
        $body = $design->fan->body;
        $radius = $this->radius($design);
        $at = fn (float $z): Point => new Point($radius, $radius, $z);
        $wall = self::WALL;
        $height = $this->height($design);
        $lid = $wall + $height;
        $hole = $body->bladeCircle / 2.0;
        $onPipe = $this->isOnPipe($design);
        $seat = $lid + $wall + ($onPipe ? self::PIPE : 0.0);
        $top = $seat + $body->depth;
        $half = $filter->width / 2.0;
        $flat = $this->flat($design);
        $open = asin(self::rim($filter) / $radius) / (2.0 * M_PI);
        $middle = $wall + $height / 2.0;
        $bore = $half - $filter->depth;
        // Between the inner ends of the round wall.
        $wide = self::rim($filter) * ($radius - $wall) / $radius;

        return new Scene([
            Tube::disc('bucket', 'plastic', $at(0.0), $radius, $wall),
            ...Tube::arc('bucket', 'plastic', $at($wall), [$radius - $wall, $radius], $height, 0.75 + $open, 1.75 - $open),
            Solid::box('bucket', 'plastic', new Point($radius - $wide, $flat, $wall), new Point($radius + $wide, $flat + $wall, $lid), ['front' => [
                Mark::circle('media', Frame::front($radius, $flat, $middle), $half * 0.96),
                Mark::circle('hole', Frame::front($radius, $flat, $middle), $bore),
            ]]),
            self::lying('face-1', 'filter', new Point($radius, $flat + $wall, $middle), $half, $filter->height),
            self::lying('plate', 'board', new Point($radius, $flat + $wall + $filter->height, $middle), $half, Panel::THICKNESS),
            ...Tube::of('lid', 'plastic', $at($lid), [$hole, $radius], [$hole, $radius], $wall),
            ...($onPipe ? Tube::of('pipe', 'plastic', $at($lid + $wall), [$hole, $hole + $wall], [$hole, $hole + $wall], self::PIPE) : []),
            FanSolid::of($design->fan, Frame::top($radius, $radius, $seat), $design->hasShroud()),
        ], [
            new Arrow('fan', 'outlet', $at($top + 0.01), $at($top + 0.18)),
            new Arrow('face-1', 'intake', new Point($radius, $flat - 0.2, $middle), new Point($radius, $flat - 0.02, $middle)),
        ], [
            new Anchor('face-1', new Point($radius - $half * 0.6, $flat, $middle + $half * 0.5)),
            new Anchor('fan', new Point($radius, $radius - $body->side * 0.2, $top)),
            new Anchor('bucket', new Point($radius * 1.8, $radius * 0.45, $height * 0.2)),
            new Anchor('seam', new Point($radius + $half * 0.7, $flat, $middle - $half * 0.7)),
            new Anchor('corners', new Point($radius + $body->side * 0.4, $radius, $seat)),
        ], Extent::box(2.0 * $radius, 2.0 * $radius, $top));
    }

    /** A round body that lies with its axis away from the viewer. */
    private static function lying(string $part, string $material, Point $front, float $radius, float $length): Solid
    {
        $outline = array_map(fn (int $step): Point => $front->plus(new Point($radius * sin(M_PI * $step / 12), 0.0, $radius * cos(M_PI * $step / 12))), range(0, 23));

        return Solid::prism($part, $material, $outline, new Point(0.0, $length, 0.0));
    }

    public function isOnPipe(Design $design): bool
    {
        return $design->option('fan-on') === 'pipe';
    }

    /**
     * So large that the cartridge lies between the flat of the wall and the wall behind it, and the fan goes on the lid. The
     * wall is drawn with flat sectors, which stand a little inside the circle.
     */
    private function radius(Design $design): float
    {
        $filter = $design->filter;
        $half = $filter->width / 2.0;
        $long = $filter->height + Panel::THICKNESS + self::PLAY + 2.0 * self::WALL;

        return max(hypot($long / 2.0, self::rim($filter)) / cos(M_PI / 20.0), $half + self::CLEAR, $design->fan->body->side / 2.0 + self::WALL);
    }

    /** Half the width of the flat that the cartridge's rim is glued to, m. */
    private static function rim(Filter $filter): float
    {
        return $filter->width / 2.0 + self::PLAY;
    }

    /** How far the flat of the wall stands back from where the bucket would reach, m. */
    private function flat(Design $design): float
    {
        $radius = $this->radius($design);

        return $radius - sqrt(max(0.0, $radius ** 2 - self::rim($design->filter) ** 2));
    }

    private function height(Design $design): float
    {
        return max(self::HEIGHT, $design->filter->width + 2.0 * self::CLEAR);
    }
}
