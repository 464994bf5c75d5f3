<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Shape\Scene\Anchor;
use Jornel\Core\Shape\Scene\Arrow;
use Jornel\Core\Shape\Scene\Extent;
use Jornel\Core\Shape\Scene\FanSolid;
use Jornel\Core\Shape\Scene\Frame;
use Jornel\Core\Shape\Scene\Point;
use Jornel\Core\Shape\Scene\Scene;
use Jornel\Core\Shape\Scene\Solid;
use Jornel\Core\Shape\Scene\Tube;

/** A bucket whose wall is cut away round a ring cartridge; an exhaust fan in the lid or on a length of pipe. */
final readonly class Bucket implements Shape
{
    use UsualShape;

    private const FAMILIES = ['exhaust fan'];

    /** Room between cartridge and bucket, m (assumed). */
    private const MARGIN = 0.04;

    private const WALL = 0.003;

    /** Pipe under a fan that the lid's plastic does not carry, m (common practice, no source). */
    private const PIPE = 0.1;

    private const POSTS = 4;

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
        return 'A bucket cut open round a ring cartridge, an exhaust fan in its lid: rough, cheap, hard to knock over.';
    }

    public function options(): array
    {
        return [new ShapeOption('fan-on', 'Fan on', ['lid' => 'The lid', 'pipe' => 'A length of pipe'], 'lid')];
    }

    public function filterCount(Design $design): int
    {
        return 1;
    }

    public function assemble(Design $design): Assembly
    {
        $this->check($design);
        $filter = $design->filter;
        $body = $design->fan->body;
        $round = M_PI * $filter->width;
        $bore = Bore::of($design);
        $pipe = $design->option('fan-on') === 'pipe';

        return new Assembly(
            faces: [FilterFace::of('face-1', $design, $filter->netArea())],
            seams: [
                new Seam('Cartridge to the bucket’s floor and lid', 2.0 * $round, 2),
                $pipe
                    ? new Seam('Pipe to lid and to fan', 2.0 * M_PI * $body->bladeCircle, 2)
                    : new Seam('Fan to lid', M_PI * $body->side, 1),
                new Seam('Round the cord', 0.04, 1),
            ],
            openings: [new Opening('Back through the fan’s rim', $design->corners === Corners::Open ? $design->fan->openRecirculation : $design->fan->shroudedRecirculation)],
            panels: [],
            throttle: $bore->throttle,
            remarks: $bore->remarks(),
            hardware: ['bucket' => 1, 'foam-strip' => 1],
        );
    }

    public function scene(Design $design): Scene
    {
        $this->check($design);
        $filter = $design->filter;
        $body = $design->fan->body;
        $radius = $this->radius($design);
        $at = fn (float $z): Point => new Point($radius, $radius, $z);
        $wall = self::WALL;
        $lid = $wall + $filter->height;
        [$outer, $inner] = [$filter->width / 2.0, $filter->width / 2.0 - $filter->depth];
        $hole = $body->bladeCircle / 2.0;
        $pipe = $design->option('fan-on') === 'pipe';
        $seat = $lid + $wall + ($pipe ? self::PIPE : 0.0);
        $top = $seat + $body->depth;

        return new Scene([
            Tube::disc('bucket', 'plastic', $at(0.0), $radius, $wall),
            ...Tube::of('face-1', 'filter', $at($wall), [$inner, $outer], [$inner, $outer], $filter->height, true),
            ...array_map(fn (int $post): Solid => $this->post($post, $radius, $wall, $filter->height), range(0, self::POSTS - 1)),
            ...Tube::of('lid', 'plastic', $at($lid), [$hole, $radius], [$hole, $radius], $wall),
            ...($pipe ? Tube::of('pipe', 'plastic', $at($lid + $wall), [$hole, $hole + $wall], [$hole, $hole + $wall], self::PIPE) : []),
            FanSolid::of($design->fan, Frame::top($radius, $radius, $seat), Corners::Open),
        ], [
            new Arrow('fan', 'outlet', $at($top + 0.01), $at($top + 0.18)),
            new Arrow('face-1', 'intake', new Point($radius, -0.16, $filter->height * 0.5), new Point($radius, 0.02, $filter->height * 0.5)),
        ], [
            new Anchor('face-1', new Point($radius - $outer * 0.4, $radius - $outer * 0.9, $filter->height * 0.6)),
            new Anchor('fan', new Point($radius, $radius - $body->side * 0.2, $top)),
            new Anchor('bucket', new Point($radius * 1.7, $radius * 0.3, 0.0)),
            new Anchor('seam', new Point($radius - $outer * 0.7, $radius - $outer * 0.7, $lid)),
            new Anchor('corners', new Point($radius + $body->side * 0.4, $radius, $seat)),
        ], Extent::box(2.0 * $radius, 2.0 * $radius, $top));
    }

    public function steps(Design $design): array
    {
        $pipe = $design->option('fan-on') === 'pipe';

        return CommonSteps::list(
            new Step('Cut the bucket’s wall away between four posts, and a hole for the fan in its lid.', 'The cartridge must be open to the room all round.', 15.0, null, ['bucket', 'post'], ['tape measure', 'saw', 'marker'], 'sawing'),
            new Step('Set the cartridge on the floor of the bucket in a ring of foam and close the lid on it.', 'Foam closes the gap that a hard lid leaves.', 6.0, 'Cartridge tight between floor and lid', ['face-1', 'lid'], ['scissors']),
            $pipe
                ? new Step('Stand the fan on its length of pipe where the lid takes no screws; close the gaps with foam sheet.', 'Thin lids tear at the screws.', 10.0, 'Fan firm', ['pipe', 'fan'], ['saw'], 'sawing')
                : new Step('Screw the fan over the hole in the lid, blowing outwards.', 'It draws through the cartridge and blows up.', 8.0, 'Fan’s arrow points away', ['fan'], ['screwdriver', 'drill'], 'drilling'),
            CommonSteps::join($design, 4, 'every rim and the hole of the cord', 'A bucket is round and rims are not: look at each.'),
            ...CommonSteps::finish($design),
        );
    }

    private function radius(Design $design): float
    {
        return max($design->filter->width / 2.0 + self::MARGIN, $design->fan->body->side / 2.0 + self::WALL);
    }

    private function post(int $number, float $radius, float $z, float $height): Solid
    {
        $turn = 2.0 * M_PI * ($number + 0.5) / self::POSTS;
        $x = $radius + ($radius - 0.02) * cos($turn);
        $y = $radius + ($radius - 0.02) * sin($turn);

        return Solid::box('post', 'plastic', new Point($x - 0.01, $y - 0.01, $z), new Point($x + 0.01, $y + 0.01, $z + $height));
    }

    /** @throws DoesNotFit */
    private function check(Design $design): void
    {
        if ($design->filter->form !== 'ring') {
            throw DoesNotFit::notThisForm($design->filter, 'bucket', 'ring cartridges');
        }
        FanFamilies::mustBe($design->fan, self::FAMILIES, $this);
        if ($design->fan->body->side > 2.0 * $this->radius($design)) {
            throw DoesNotFit::panelTooNarrow($design->fan, 2.0 * $this->radius($design));
        }
    }
}
