<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Layer;
use Jornel\Core\Shape\Scene\Anchor;
use Jornel\Core\Shape\Scene\Arrow;
use Jornel\Core\Shape\Scene\Extent;
use Jornel\Core\Shape\Scene\FanSolid;
use Jornel\Core\Shape\Scene\FilterMarks;
use Jornel\Core\Shape\Scene\Frame;
use Jornel\Core\Shape\Scene\Point;
use Jornel\Core\Shape\Scene\Scene;
use Jornel\Core\Shape\Scene\Solid;

/** One or two filters in series between two flat face frames, on a hinged box behind the fan. */
final readonly class Drawer implements Shape
{
    use UsualShape;

    /** Depth of the space beyond that of the stack, m (common practice: 1/8 in). */
    public const PLAY = 0.003175;

    /** Inside of the frame beyond the filter: 21 1/2 in for a filter of 19 1/2 (common practice, no source). */
    private const BEYOND = 2.0 * 0.0254;

    /** Thickness of the boards, m (common practice: 1/2 in, 22 1/2 in outside). */
    private const BOARD = 0.0127;

    /** Clear height under the frame on its foot, m (assumed). */
    private const FOOT = 0.06;

    public function id(): string
    {
        return 'drawer';
    }

    public function name(): string
    {
        return 'Wooden drawer';
    }

    public function description(): string
    {
        return 'Filters slide between two flat frames behind the fan: made once, changed in a minute, stands or hangs.';
    }

    public function options(): array
    {
        return [new ShapeOption('stack', 'Filters one behind the other', ['1' => 'One', '2' => 'Two, a coarse one first if one is named'], '1')];
    }

    public function filterCount(Design $design): int
    {
        return $this->hasTwoAlike($design) ? 2 : 1;
    }

    public function assemble(Design $design): Assembly
    {
        $this->check($design);
        $filter = $design->filter;
        [$width, $height] = $this->outside($design);
        $layer = Layer::of($filter, $filter->netArea())->loaded($design->load);
        $seat = new FanSeat($design->fan, $width, $height, $filter->width - 2.0 * $filter->rim, $filter->height - 2.0 * $filter->rim);
        $windows = $design->corners === Corners::Open ? $seat->windows() : 0.0;
        $frame = Panel::withHoles('frame', 'Face frame', $width, $height, [Hole::rectangle($width / 2.0, $height / 2.0, $filter->width - 2.0 * $filter->rim, $filter->height - 2.0 * $filter->rim)])->from('plywood-24x48');

        return new Assembly(
            faces: [$this->hasTwoAlike($design) ? FilterFace::stacked('face-1', 'two alike', [$layer, $layer]) : FilterFace::of('face-1', $design, $filter->netArea())],
            seams: [
                new Seam('Filter against the face frame', 2.0 * ($filter->width + $filter->height), 4),
                new Seam('Face frame to the box, hinged', 2.0 * ($width + $height), 4),
                new Seam('Box to the fan', 4.0 * $design->fan->body->side, 4),
            ],
            openings: [
                new Opening('Back through the fan’s corners', $seat->recirculation($design->corners)),
                ...($windows > 1e-9 ? [new Opening('Corner windows', $windows)] : []),
            ],
            panels: [$frame, $frame, ...($design->corners === Corners::Shroud ? [Panel::rectangle('shroud', 'Shroud', $design->fan->body->side, $design->fan->body->side, $design->fan->body->bladeCircle)] : [])],
            throttle: $seat->throttle(($filter->width - 2.0 * $filter->rim) * ($filter->height - 2.0 * $filter->rim)),
            remarks: [
                'Both face frames must be identical and flat, hinged so that they close tight.',
                ...($design->fan->hasRearGrille ? ['The fan’s rear grille comes off: until the frame closes it, no hands and no children near it, and screws short enough to keep clear of the blades.'] : []),
            ],
            hardware: ['hinges' => 1, 'pocket-screws' => 1, 'knobs' => 1, 'tilting-foot' => 1],
        );
    }

    public function scene(Design $design): Scene
    {
        $this->check($design);
        $filter = $design->filter;
        $body = $design->fan->body;
        [$width, $height] = $this->outside($design);
        $b = self::BOARD;
        $shroud = $design->corners === Corners::Shroud ? Panel::THICKNESS : 0.0;
        $seatY = $shroud + $body->depth;
        $space = $this->stack($design) + self::PLAY;
        $z0 = self::FOOT;
        [$x, $z] = [$width / 2.0, $z0 + $height / 2.0];
        $box = fn (string $part, float $xa, float $ya, float $za, float $xb, float $yb, float $zb): Solid => Solid::box($part, 'wood', new Point($xa, $ya, $za), new Point($xb, $yb, $zb));
        $rails = fn (string $part, float $edgeX, float $edgeZ, float $from, float $to): array => [
            $box($part, 0.0, $from, $z0, $width, $to, $z0 + $edgeZ),
            $box($part, 0.0, $from, $z0 + $height - $edgeZ, $width, $to, $z0 + $height),
            $box($part, 0.0, $from, $z0 + $edgeZ, $edgeX, $to, $z0 + $height - $edgeZ),
            $box($part, $width - $edgeX, $from, $z0 + $edgeZ, $width, $to, $z0 + $height - $edgeZ),
        ];
        [$edgeX, $edgeZ] = [($width - $filter->width) / 2.0 + $filter->rim, ($height - $filter->height) / 2.0 + $filter->rim];
        $inside = $seatY + $b;
        $back = $inside + $space;
        $filters = [];
        $y = $inside;
        foreach ($this->layers($design) as $number => $one) {
            $filters[] = Solid::box($number === 0 ? 'face-1' : 'prefilter', 'filter', new Point($x - $one->width / 2.0, $y, $z - $one->height / 2.0), new Point($x + $one->width / 2.0, $y + $one->depth, $z + $one->height / 2.0), [
                'back' => FilterMarks::on($one, new Frame(new Point($x + $one->width / 2.0, $y + $one->depth, $z - $one->height / 2.0), new Point(-1.0, 0.0, 0.0), new Point(0.0, 0.0, 1.0)), $one->width, $one->height),
            ]);
            $y += $one->depth;
        }
        $half = $body->side / 2.0;

        return new Scene([
            Solid::box('foot', 'foot', new Point(0.0, max(0.0, $seatY - 0.1), 0.0), new Point($width, $back + $b + 0.08, 0.02)),
            $box('foot', $x - 0.04, $seatY, 0.02, $x + 0.04, $back + $b, $z0),
            ...($shroud > 0.0 ? [Solid::box('shroud', 'board', new Point($x - $half, 0.0, $z - $half), new Point($x + $half, $shroud, $z + $half), ['front' => FanSolid::rotor($design->fan, Frame::front($x, 0.0, $z))])] : []),
            FanSolid::of($design->fan, Frame::front($x, $seatY, $z), $design->corners),
            ...$rails('frame', $edgeX, $edgeZ, $seatY, $seatY + $b),
            ...$rails('box', $b, $b, $inside, $back),
            ...$filters,
            ...$rails('frame-2', $edgeX, $edgeZ, $back, $back + $b),
        ], [
            new Arrow('fan', 'outlet', new Point($x, -0.03, $z), new Point($x, -0.34, $z)),
            new Arrow('face-1', 'intake', new Point($width * 0.8, $back + 0.4, $z0 + $height * 0.8), new Point($width * 0.8, $back + 0.12, $z0 + $height * 0.8)),
        ], [
            new Anchor('fan', new Point($x * 0.8, 0.0, $z + $half * 0.4)),
            new Anchor('face-1', new Point($width, $inside + $space / 2.0, $z + $height * 0.2)),
            new Anchor('frame', new Point($width, $seatY, $z + $height * 0.35)),
            new Anchor('seam', new Point($width, $back, $z - $height * 0.2)),
            new Anchor('corners', new Point($x + $half, 0.0, $z + $half)),
            new Anchor('box', new Point($x * 0.5, $inside, $z0 + $height)),
        ], Extent::box($width, $back + $b, $z0 + $height));
    }

    public function steps(Design $design): array
    {
        return CommonSteps::list(
            new Step('Saw the boards and glue two identical flat face frames to the size on this sheet.', 'The filter seals against their faces: a twisted frame leaks at two corners.', 40.0, 'Both frames lie flat on each other', ['frame'], ['saw', 'square', 'clamps'], 'sawing'),
            new Step('Screw the box between them and hinge the back frame, with stops for the filters and a latch that pulls.', 'Hinged square it closes tight for years.', 35.0, 'Closes without a gap', ['box', 'frame-2'], ['drill', 'screwdriver'], 'sawing'),
            new Step('Fix the foot so that the frame tilts on it, or fix two rated hooks to hang it by.', 'It then stands at the bench or hangs from the ceiling.', 15.0, null, ['foot'], ['drill'], 'drilling'),
            $design->fan->hasRearGrille ? new Step('Unplug the fan and take its rear grille off; nobody reaches in from here on.', 'The frame lies flat on the housing only without it.', 5.0, 'Unplugged', [], ['screwdriver']) : null,
            CommonSteps::fanDirection('screw it to the front frame with screws short enough to keep clear of the blades')->setting('fan'),
            $design->corners === Corners::Shroud ? new Step('Centre the shroud’s hole over the blades and fix it to the front, clear of the guard.', 'It stops air from falling back through the housing’s corners.', 3.0, 'Guard on, blades free', ['shroud']) : null,
            CommonSteps::arrows($design, 'Slide the filters in with the wire-mesh side to the incoming air')->setting('prefilter'),
            ...CommonSteps::finish($design),
        );
    }

    /**
     * Filters between the frames, the one next to the fan first.
     *
     * @return non-empty-list<\Jornel\Core\Part\Filter>
     */
    private function layers(Design $design): array
    {
        return match (true) {
            $design->prefilter !== null => [$design->filter, $design->prefilter],
            $this->hasTwoAlike($design) => [$design->filter, $design->filter],
            default => [$design->filter],
        };
    }

    private function stack(Design $design): float
    {
        return array_sum(array_map(fn ($filter): float => $filter->depth, $this->layers($design)));
    }

    private function hasTwoAlike(Design $design): bool
    {
        return $design->prefilter === null && $design->option('stack') === '2';
    }

    /** @return array{float, float} m */
    private function outside(Design $design): array
    {
        $frame = self::BEYOND + 2.0 * self::BOARD;

        return [$design->filter->width + $frame, $design->filter->height + $frame];
    }

    /** @throws DoesNotFit */
    private function check(Design $design): void
    {
        if (! $design->filter->isFramed()) {
            throw DoesNotFit::notAFrame($design->filter, 'wooden drawer');
        }
        FanFamilies::mustBe($design->fan, FanFamilies::HOUSED, $this);
        [$width, $height] = $this->outside($design);
        if ($design->fan->body->side > min($width, $height)) {
            throw DoesNotFit::panelTooNarrow($design->fan, min($width, $height));
        }
        (new FanSeat($design->fan, $width, $height, $design->filter->width - 2.0 * $design->filter->rim, $design->filter->height - 2.0 * $design->filter->rim))->mustCover();
    }
}
