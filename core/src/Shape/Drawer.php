<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Part\Filter;
use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\FilterMarks;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;

/** One or two filters in series between two flat face frames, on a hinged box behind the fan. */
final readonly class Drawer implements Shape
{
    use UsualShape;

    /** Depth of the space beyond that of the stack, m (common practice: 1/8 in). */
    public const PLAY = 0.003175;

    /** Thickness of all its boards, m (common practice: 1/2 in, 22 1/2 in outside). */
    public const BOARD = 0.0127;

    /** Inside of the frame beyond the filter: 21 1/2 in for a filter of 19 1/2 (common practice, no source). */
    private const BEYOND = 2.0 * 0.0254;

    /** The catalogue's sheet of that thickness, and the rod that latches. */
    private const SHEET = 'plywood-half-inch-24x48';

    private const ROD_STOCK = 'rod-8mm';

    /** Diameter of the latch rod, m. */
    private const ROD = 0.008;

    /** Length of the stops that hold the filters in the middle of the opening, two on each side, m (assumed); as wide as the room round a filter. */
    private const STOP = [0.1, self::BEYOND / 2.0];

    private const STOPS = 8;

    /** Side of the plates that the pivots sit in, width of the fork's arms, diameter of the pivots, depth of the foot, m (assumed). */
    private const PLATE = 0.1;

    private const ARM = 0.08;

    private const PIVOT = 0.008;

    private const FOOT_DEPTH = 0.34;

    /** How far a bought foot stands out behind the frame, m (assumed). */
    private const BEHIND = 0.08;

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
        return [
            new ShapeOption('stack', 'Filters one behind the other', ['1' => 'One', '2' => 'Two, a coarse one first if one is named'], '1'),
            (new ShapeOption('frames', 'Face frames', ['whole' => 'Sawn whole out of one board', 'butt' => 'Four strips, butt joints', 'mitre' => 'Four strips, mitred'], 'whole'))->ofTheRoom(),
            (new ShapeOption('stand', 'What it stands on', ['pedestal' => 'A forked pedestal of its own, which also hangs from a ceiling', 'bought' => 'A bought tilting foot'], 'pedestal'))->ofTheRoom(),
            Collar::option(),
        ];
    }

    public function drawsFromAround(): bool
    {
        return false;
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
        $seat = $this->seat($design);
        $collar = $this->collar($design);
        $shroud = Shroud::of($design);

        return new Assembly(
            faces: [FilterFace::behindHole('face-1', $design, self::BOARD + ($collar === null ? FaceReach::BODY_GAP : 0.0), $this->hasTwoAlike($design))],
            seams: [
                new Seam('Filter against the face frame', 2.0 * ($filter->width + $filter->height), 4),
                new Seam('Face frame to the box, hinged', 2.0 * ($width + $height), 4),
                new Seam('Box to the fan', $design->fan->body->perimeter(), 4),
                ...($collar === null ? [] : $collar->seams()),
            ],
            openings: $seat->openings($design->corners, $collar !== null),
            panels: [
                ...$this->boards($design),
                ...($collar === null ? [] : $collar->panels()),
                ...($shroud === null ? [] : [$shroud->panel()]),
            ],
            throttle: $seat->throttle(($filter->width - 2.0 * $filter->rim) * ($filter->height - 2.0 * $filter->rim)),
            remarks: [
                'Both face frames must be identical and flat, hinged so that they close tight.',
                ...($design->fan->handling->hasRearGrille ? ['The fan’s rear grille comes off: until the frame closes it, no hands and no children near it, and screws short enough to keep clear of the blades.'] : []),
            ],
            hardware: ['hinges' => 2, 'pocket-screws' => 24 + self::STOPS, 'short-screws' => 8, 'knobs' => 1] + ($this->hasPedestal($design) ? ['t-nuts' => 2, 'bolts-washers' => 1, 'rough-washers' => 2] : ['tilting-foot' => 1]),
        );
    }

    public function scene(Design $design): Scene
    {
        $this->check($design);
        $body = $design->fan->body;
        [$width, $height] = $this->outside($design);
        $b = self::BOARD;
        $left = $this->hasPedestal($design) ? 2.0 * $b : 0.0;
        $shroud = Shroud::of($design);
        $collar = $this->collar($design);
        $seatY = ($shroud === null ? 0.0 : Panel::THICKNESS) + $body->depth;
        $frameY = $this->front($design);
        $inside = $frameY + $b;
        $back = $inside + $this->space($design);
        $z0 = self::FOOT + $b;
        [$x, $z] = [$left + $width / 2.0, $z0 + $height / 2.0];
        [$edgeX, $edgeZ] = [($width - $design->filter->width) / 2.0 + $design->filter->rim, ($height - $design->filter->height) / 2.0 + $design->filter->rim];
        $rails = fn (string $part, float $across, float $up, float $from, float $to): array => [
            self::wood($part, $left, $from, $z0, $left + $width, $to, $z0 + $up),
            self::wood($part, $left, $from, $z0 + $height - $up, $left + $width, $to, $z0 + $height),
            self::wood($part, $left, $from, $z0 + $up, $left + $across, $to, $z0 + $height - $up),
            self::wood($part, $left + $width - $across, $from, $z0 + $up, $left + $width, $to, $z0 + $height - $up),
        ];
        $half = $body->side / 2.0;

        return new Scene([
            ...$this->standSolids($design, $left, $width, $frameY, $back + $b, $z),
            ...($shroud === null ? [] : [$shroud->solid(Frame::front($x, 0.0, $z))]),
            FanSolid::of($design->fan, Frame::front($x, $seatY, $z), $shroud !== null),
            ...($collar === null ? [] : $collar->solids(new Point($left, $seatY, $z0))),
            ...$rails('frame', $edgeX, $edgeZ, $frameY, $inside),
            ...$this->box($left, $z0, $width, $height, $inside, $back),
            ...$this->stopsAndRod($left, $z0, $width, $height, $inside, $back),
            ...$this->filters($design, $x, $z, $inside),
            ...$rails('frame-2', $edgeX, $edgeZ, $back, $back + $b),
        ], [
            new Arrow('fan', 'outlet', new Point($x, -0.03, $z), new Point($x, -0.34, $z)),
            new Arrow('face-1', 'intake', new Point($left + $width * 0.8, $back + 0.4, $z0 + $height * 0.8), new Point($left + $width * 0.8, $back + 0.12, $z0 + $height * 0.8)),
        ], [
            new Anchor('fan', new Point($x * 0.8, 0.0, $z + $half * 0.4)),
            new Anchor('face-1', new Point($left + $width, ($inside + $back) / 2.0, $z + $height * 0.2)),
            new Anchor('frame', new Point($left + $width, $frameY, $z + $height * 0.35)),
            new Anchor('seam', new Point($left + $width, $back, $z - $height * 0.2)),
            new Anchor('corners', new Point($x + $half, 0.0, $z + $half)),
            new Anchor('box-lying', new Point($x * 0.5, $inside, $z0 + $height)),
            new Anchor('box', new Point($x * 0.9, $inside, $z0 + $height * 0.9)),
        ], $this->size($design)->extents());
    }

    public function size(Design $design): Size
    {
        [$width, $height] = $this->outside($design);
        $front = $this->front($design);
        $back = $front + 2.0 * self::BOARD + $this->space($design);

        return $this->hasPedestal($design)
            ? new Size($width + 4.0 * self::BOARD, max($back + self::ROD, self::footAt($front) + self::FOOT_DEPTH), self::FOOT + self::BOARD + $height)
            : new Size($width, $back + self::BEHIND, self::FOOT + self::BOARD + $height);
    }

    /**
     * All that is sawn for it, out of boards of one thickness and a rod.
     *
     * @return non-empty-list<Panel>
     */
    public function boards(Design $design): array
    {
        [$width, $height] = $this->outside($design);
        $filter = $design->filter;
        $space = $this->space($design);
        $lying = Panel::rectangle('box-lying', 'Box, top and bottom', $width, $space)->alongItsGrain();
        $upright = Panel::rectangle('box-upright', 'Box, sides', $height - 2.0 * self::BOARD, $space)->alongItsGrain();
        $stop = Panel::rectangle('stop', 'Stop', ...self::STOP)->alongItsGrain();
        $boards = [...$this->faceFrame($design), ...$this->faceFrame($design), $lying, $lying, $upright, $upright, ...array_fill(0, self::STOPS, $stop)];
        if ($this->hasPedestal($design)) {
            $plate = Panel::withHoles('plate', 'Plate with a captive nut', self::PLATE, self::PLATE, [Hole::round(self::PLATE / 2.0, self::PLATE / 2.0, self::PIVOT)]);
            $long = $this->armLength($design);
            $arm = Panel::withHoles('arm', 'Pedestal, arm of the fork', self::ARM, $long, [Hole::round(self::ARM / 2.0, $long - self::ARM / 2.0, self::PIVOT)])->alongItsGrain();
            $foot = Panel::withHoles('foot', 'Pedestal, foot', $width + 4.0 * self::BOARD, self::FOOT_DEPTH, array_map(
                fn (float $x): Hole => Hole::round($x * ($width + 4.0 * self::BOARD), self::FOOT_DEPTH / 2.0, self::PIVOT),
                [0.25, 0.75],
            ));
            $boards = [...$boards, $plate, $plate, $arm, $arm, $foot];
        }

        return [
            ...array_map(fn (Panel $board): Panel => $board->from(self::SHEET), $boards),
            Panel::rectangle('rod', 'Latch rod', $height, self::ROD)->alongItsGrain()->from(self::ROD_STOCK),
        ];
    }

    /**
     * One of the two face frames: a board with an opening, or four strips round it.
     *
     * @return non-empty-list<Panel>
     */
    private function faceFrame(Design $design): array
    {
        [$width, $height] = $this->outside($design);
        [$openWidth, $openHeight] = [$design->filter->width - 2.0 * $design->filter->rim, $design->filter->height - 2.0 * $design->filter->rim];
        [$side, $end] = [($width - $openWidth) / 2.0, ($height - $openHeight) / 2.0];
        $mitred = fn (string $id, string $name, float $long, float $deep, float $off): Panel => Panel::polygon($id, $name, PlanePoint::list([[0.0, 0.0], [$long, 0.0], [$long - $off, $deep], [$off, $deep]]))->alongItsGrain();

        return match ($design->option('frames')) {
            'butt' => [
                $stile = Panel::rectangle('frame', 'Face frame, upright strip', $height, $side)->alongItsGrain(), $stile,
                $rail = Panel::rectangle('frame', 'Face frame, lying strip', $openWidth, $end)->alongItsGrain(), $rail,
            ],
            'mitre' => [
                $stile = $mitred('frame', 'Face frame, upright strip', $height, $side, $end), $stile,
                $rail = $mitred('frame', 'Face frame, lying strip', $width, $end, $side), $rail,
            ],
            default => [Panel::withHoles('frame', 'Face frame', $width, $height, [Hole::rectangle($width / 2.0, $height / 2.0, $openWidth, $openHeight)])],
        };
    }

    /** From the foot to a little above the pivot. */
    private function armLength(Design $design): float
    {
        return self::FOOT + $this->outside($design)[1] / 2.0 + self::ARM / 2.0;
    }

    /**
     * What it stands on.
     *
     * @param  float  $left  from the origin to the frame, m
     * @param  float  $pivotY  where it hangs, m
     * @param  float  $back  end of the frames, m
     * @param  float  $pivotZ  m
     * @return list<Solid>
     */
    private function standSolids(Design $design, float $left, float $width, float $pivotY, float $back, float $pivotZ): array
    {
        $b = self::BOARD;
        if (! $this->hasPedestal($design)) {
            $x = $left + $width / 2.0;

            return [
                Solid::box('foot', 'foot', new Point($left, max(0.0, $pivotY - 0.1), 0.0), new Point($left + $width, $back + self::BEHIND, 0.02)),
                self::wood('foot', $x - 0.04, $pivotY, 0.02, $x + 0.04, $back, self::FOOT + $b),
            ];
        }
        $front = self::footAt($pivotY);
        $right = $left + $width;
        $arm = fn (float $x): Solid => self::wood('arm', $x, $pivotY - self::ARM / 2.0, $b, $x + $b, $pivotY + self::ARM / 2.0, $b + $this->armLength($design));
        $plate = fn (float $x): Solid => self::wood('plate', $x, $pivotY - self::PLATE / 2.0, $pivotZ - self::PLATE / 2.0, $x + $b, $pivotY + self::PLATE / 2.0, $pivotZ + self::PLATE / 2.0);

        return [
            self::wood('foot', 0.0, $front, 0.0, $right + $left, $front + self::FOOT_DEPTH, $b),
            $arm(0.0), $arm($right + $b), $plate($b), $plate($right),
        ];
    }

    /** Where the foot of the pedestal begins so that the drawer swings over its middle, m. */
    private static function footAt(float $pivot): float
    {
        return max(0.0, $pivot - self::FOOT_DEPTH / 2.0);
    }

    /** Where the front frame lies: behind the fan, its shroud and its collar, m. */
    private function front(Design $design): float
    {
        return $design->fan->body->depth + ($design->hasShroud() ? Panel::THICKNESS : 0.0) + ($this->collar($design)?->depth() ?? 0.0);
    }

    /** @return list<Solid> the four sides between the frames */
    private function box(float $left, float $z0, float $width, float $height, float $front, float $back): array
    {
        $b = self::BOARD;

        return [
            self::wood('box-lying', $left, $front, $z0, $left + $width, $back, $z0 + $b),
            self::wood('box-lying', $left, $front, $z0 + $height - $b, $left + $width, $back, $z0 + $height),
            self::wood('box-upright', $left, $front, $z0 + $b, $left + $b, $back, $z0 + $height - $b),
            self::wood('box-upright', $left + $width - $b, $front, $z0 + $b, $left + $width, $back, $z0 + $height - $b),
        ];
    }

    /** @return list<Solid> the stops round the filters, and the rod along the latch side of the back frame */
    private function stopsAndRod(float $left, float $z0, float $width, float $height, float $front, float $back): array
    {
        $b = self::BOARD;
        [$long, $wide] = self::STOP;
        $deep = min($back, $front + $b);
        $lying = fn (float $x, float $z): Solid => self::wood('stop', $x, $front, $z, $x + $long, $deep, $z + $wide);
        $upright = fn (float $x, float $z): Solid => self::wood('stop', $x, $front, $z, $x + $wide, $deep, $z + $long);
        [$x1, $x2] = [$left + $width * 0.2, $left + $width * 0.8 - $long];
        [$z1, $z2] = [$z0 + $height * 0.2, $z0 + $height * 0.8 - $long];
        [$low, $high] = [$z0 + $b, $z0 + $height - $b - $wide];
        [$near, $far] = [$left + $b, $left + $width - $b - $wide];
        [$x, $y] = [$left + $width - 2.0 * self::ROD, $back + $b];

        return [
            $lying($x1, $low), $lying($x2, $low), $lying($x1, $high), $lying($x2, $high),
            $upright($near, $z1), $upright($near, $z2), $upright($far, $z1), $upright($far, $z2),
            self::wood('rod', $x, $y, $z0, $x + self::ROD, $y + self::ROD, $z0 + $height),
        ];
    }

    /** @return list<Solid> the one next to the fan first */
    private function filters(Design $design, float $x, float $z, float $y): array
    {
        $filters = [];
        $layers = $this->layers($design);
        foreach ($layers as $number => $one) {
            [$low, $high] = [new Point($x - $one->width / 2.0, $y, $z - $one->height / 2.0), new Point($x + $one->width / 2.0, $y + $one->depth, $z + $one->height / 2.0)];
            $filters[] = Solid::box(PanelBehindFan::part($design, $layers, $number), 'filter', $low, $high, [
                'back' => FilterMarks::on($one, new Frame(new Point($high->x, $high->y, $low->z), new Point(-1.0, 0.0, 0.0), new Point(0.0, 0.0, 1.0)), $one->width, $one->height),
            ]);
            $y += $one->depth;
        }

        return $filters;
    }

    private static function wood(string $part, float $xa, float $ya, float $za, float $xb, float $yb, float $zb): Solid
    {
        return Solid::box($part, 'wood', new Point($xa, $ya, $za), new Point($xb, $yb, $zb));
    }

    /**
     * Filters between the frames, the one next to the fan first.
     *
     * @return non-empty-list<Filter>
     */
    private function layers(Design $design): array
    {
        return match (true) {
            $design->prefilter !== null => PanelBehindFan::stack($design, $design->prefilter),
            $this->hasTwoAlike($design) => [$design->filter, $design->filter],
            default => [$design->filter],
        };
    }

    /** @return float depth of the box between its frames, m */
    private function space(Design $design): float
    {
        return array_sum(array_map(fn (Filter $filter): float => $filter->depth, $this->layers($design))) + self::PLAY;
    }

    private function hasTwoAlike(Design $design): bool
    {
        return $design->prefilter === null && $design->option('stack') === '2';
    }

    public function hasPedestal(Design $design): bool
    {
        return $design->option('stand') === 'pedestal';
    }

    /** @return array{float, float} m */
    private function outside(Design $design): array
    {
        $frame = self::BEYOND + 2.0 * self::BOARD;

        return [$design->filter->width + $frame, $design->filter->height + $frame];
    }

    private function seat(Design $design): FanSeat
    {
        $filter = $design->filter;
        [$width, $height] = $this->outside($design);

        return new FanSeat($design->fan, $width, $height, $filter->width - 2.0 * $filter->rim, $filter->height - 2.0 * $filter->rim);
    }

    /** @throws DoesNotFit */
    public function collar(Design $design): ?Collar
    {
        return Collar::of($design, $this->seat($design), ...$this->outside($design));
    }

    /** @throws DoesNotFit */
    private function check(Design $design): void
    {
        if (! $design->filter->isFramed()) {
            throw DoesNotFit::notAFrame($design->filter, $design->shape);
        }
        FanFamilies::mustBe($design->fan, FanFamilies::HOUSED, $this);
        $narrow = min($this->outside($design));
        if ($design->fan->body->side > $narrow) {
            throw DoesNotFit::panelTooNarrow($design->fan, $narrow);
        }
        if ($this->collar($design) === null) {
            $this->seat($design)->mustCover();
        }
    }
}
