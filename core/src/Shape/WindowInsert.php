<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\FanFamily;
use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\Extent;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\FilterMarks;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;

/** One or two filters in a window, a filler board round them; a fan in front of each, or one in a window far away. */
final readonly class WindowInsert implements Shape
{
    use UsualShape;

    private const FAMILIES = [...FanFamilies::HOUSED, FanFamily::Exhaust];

    /** Board beside each filter at least, m (assumed). */
    private const MARGIN = 0.04;

    public function id(): string
    {
        return 'window-insert';
    }

    public function name(): string
    {
        return 'Window insert';
    }

    public function description(): string
    {
        return 'Filters in a window opening: brings filtered air in and keeps the house a little above outdoors. Needs a way out on the far side.';
    }

    public function options(): array
    {
        return [
            new ShapeOption('filters', 'Filters', ['1' => 'One', '2' => 'Two side by side'], '1'),
            new ShapeOption('fan-at', 'Fan', ['insert' => 'Behind each filter', 'far-window' => 'One in a window on the far side'], 'insert'),
            (new ShapeOption('way-out', 'Where the air leaves on the far side', ['none' => 'No way out yet', 'window' => 'By a window there', 'door' => 'By a door or a vent there'], 'none'))->ofTheRoom(),
            (new ShapeOption('carried-by', 'What carries its weight', ['sill' => 'The window’s sill', 'stool' => 'A knee-high stool under it'], 'sill'))->ofTheRoom(),
            Collar::option(true),
        ];
    }

    public function stand(Design $design): Stand
    {
        return Stand::Fixed;
    }

    public function needsWindow(): bool
    {
        return true;
    }

    public function drawsFromAround(): bool
    {
        return false;
    }

    public function filterCount(Design $design): int
    {
        return $design->number('filters');
    }

    public function fanCount(Design $design): int
    {
        return $this->isFar($design) ? 1 : $design->number('filters');
    }

    public function assemble(Design $design): Assembly
    {
        $this->check($design);
        $filter = $design->filter;
        $count = $design->number('filters');
        $window = $this->window($design);
        $seat = $this->seat($design);
        $collar = $this->collar($design);
        $shroud = $this->shroud($design);

        return new Assembly(
            faces: $this->isFar($design)
                ? FilterFace::alike($count, $design, $filter->netArea())
                : array_map(fn (int $number): FilterFace => FilterFace::behindHole("face-{$number}", $design, $collar?->gap() ?? FaceReach::BODY_GAP), range(1, max(1, $count))),
            seams: [
                new Seam('Filters to the filler board', $count * 2.0 * ($filter->width + $filter->height), 4 * $count),
                new Seam('Board to the window', $edge = 2.0 * ($window->width + $window->height), 4, Seam::PEELED),
                ...($this->isFar($design) ? [] : [new Seam('Fan to the filter', $this->fanCount($design) * 4.0 * $design->fan->body->side, 4 * $count)]),
                ...($collar === null ? [] : $collar->seams($count)),
            ],
            openings: $this->isFar($design) ? [] : $seat->openings($design->corners, $collar !== null, $count),
            panels: [
                Panel::withHoles('board', 'Filler board', $window->width, $window->height, array_map(fn (float $x): Hole => Hole::rectangle($x, $window->height / 2.0, $filter->width - 2.0 * $filter->rim, $filter->height - 2.0 * $filter->rim), $this->places($design)))->from('corrugated-plastic-48x96'),
                ...($collar === null ? [] : array_merge(...array_fill(0, $count, $collar->panels()))),
                ...($shroud === null ? [] : array_fill(0, $count, $shroud->panel())),
            ],
            throttle: $this->isFar($design) ? 1.0 : $seat->throttle($filter->netArea()),
            remarks: [
                'Open the way out on the far side by at least the area of the filters.',
                'See that the window can still be closed and locked, that nothing can fall out of it, and that nobody needs it to get out.',
                ...($this->isFar($design) ? ['A fan that draws the house makes every crack an inlet: what comes in there passes no filter, and is not counted here.'] : []),
            ],
            isIntake: true,
            hardware: $design->option('carried-by') === 'stool' && ! $this->isFar($design) ? ['stool' => $count] : [],
            // With a fan in a far window the gaps beside it are taped, too.
            lengths: ['painters-tape' => $edge + ($this->isFar($design) ? 4.0 * $design->fan->body->side : 0.0)],
        );
    }

    /** Seen from the room: fans in front, outdoors behind. */
    public function scene(Design $design): Scene
    {
        $this->check($design);
        $filter = $design->filter;
        $body = $design->fan->body;
        $window = $this->window($design);
        [$width, $height] = [$window->width, $window->height];
        $collar = $this->collar($design);
        $t = Panel::THICKNESS;
        $deep = $design->stackDepth();
        $fans = ! $this->isFar($design);
        $lift = $fans ? max(0.0, ($body->side - $height) / 2.0) : 0.0;
        $shroud = $this->shroud($design);
        $fanY = $shroud === null ? 0.0 : $t;
        $backY = $fans ? $fanY + $body->depth : 0.0;
        $seatY = $backY + ($collar?->depth() ?? 0.0);
        $z = $lift + $height / 2.0;
        [$fw, $fh] = [$filter->width, $filter->height];
        $board = fn (float $xa, float $za, float $xb, float $zb): Solid => Solid::box('board', 'board', new Point($xa, $seatY + $deep, $za), new Point($xb, $seatY + $deep + $t, $zb));
        [$openW, $openH] = [$fw - 2.0 * $filter->rim, $fh - 2.0 * $filter->rim];
        $solids = [
            $board(0.0, $lift, $width, $z - $openH / 2.0),
            $board(0.0, $z + $openH / 2.0, $width, $lift + $height),
        ];
        $left = 0.0;
        foreach ([...$this->places($design), null] as $number => $x) {
            $solids[] = $board($left, $z - $openH / 2.0, $x === null ? $width : $x - $openW / 2.0, $z + $openH / 2.0);
            if ($x === null) {
                break;
            }
            $left = $x + $openW / 2.0;
            $solids[] = Solid::box(sprintf('face-%d', $number + 1), 'filter', new Point($x - $fw / 2.0, $seatY, $z - $fh / 2.0), new Point($x + $fw / 2.0, $seatY + $deep, $z + $fh / 2.0), $fans ? [] : [
                'front' => FilterMarks::on($filter, Frame::front($x - $fw / 2.0, $seatY, $z - $fh / 2.0), $fw, $fh),
            ]);
            if ($fans) {
                $solids[] = FanSolid::of($design->fan, Frame::front($x, $backY, $z), $shroud !== null);
                if ($collar !== null) {
                    array_push($solids, ...$collar->solids(new Point($x - $fw / 2.0, $backY, $z - $fh / 2.0)));
                }
                if ($shroud !== null) {
                    $solids[] = $shroud->solid(Frame::front($x, 0.0, $z));
                }
            }
        }
        $middle = $this->places($design)[0];

        return new Scene($solids, [
            new Arrow($fans ? 'fan' : 'face-1', 'outlet', new Point($middle, -0.03, $z), new Point($middle, -0.36, $z)),
        ], [
            new Anchor($fans ? 'fan' : 'face-1', new Point($middle, 0.0, $z + $fh * 0.2)),
            ...($fans ? [new Anchor('face-1', new Point($middle + $fw / 2.0, $seatY, $z - $fh * 0.2))] : []),
            new Anchor('board', new Point($width * 0.05, $seatY + $deep, $lift + $height * 0.85)),
            new Anchor('seam', new Point($width, $seatY + $deep, $lift + $height * 0.2)),
        ], Extent::box($width, $seatY + $deep + $t, $lift + $height));
    }

    public function isFar(Design $design): bool
    {
        return $design->option('fan-at') === 'far-window';
    }

    /** The room's own where it is known, else an ordinary one. */
    public function window(Design $design): WindowOpening
    {
        return $design->window ?? WindowOpening::usual(...$this->least($design));
    }

    /** @return array{float, float} width and height that the filters and fans take at least, m */
    private function least(Design $design): array
    {
        return [$design->number('filters') * $this->pitch($design) + self::MARGIN, $design->filter->height + 2.0 * self::MARGIN];
    }

    private function shroud(Design $design): ?Shroud
    {
        return $this->isFar($design) ? null : Shroud::of($design);
    }

    /** @throws DoesNotFit */
    public function collar(Design $design): ?Collar
    {
        return $this->isFar($design) ? null : Collar::of($design, $this->seat($design), $design->filter->width, $design->filter->height);
    }

    private function pitch(Design $design): float
    {
        return ($this->isFar($design) ? $design->filter->width : max($design->filter->width, $design->fan->body->side)) + self::MARGIN;
    }

    /** @return non-empty-list<float> middles of the filters from the left, m */
    private function places(Design $design): array
    {
        $middle = $this->window($design)->width / 2.0;
        $half = $this->pitch($design) / 2.0;

        return $design->number('filters') === 2 ? [$middle - $half, $middle + $half] : [$middle];
    }

    private function seat(Design $design): FanSeat
    {
        $filter = $design->filter;

        return new FanSeat($design->fan, $filter->width, $filter->height, $filter->width - 2.0 * $filter->rim, $filter->height - 2.0 * $filter->rim);
    }

    /** @throws DoesNotFit */
    private function check(Design $design): void
    {
        if ($design->direction() !== Direction::Pull) {
            throw DoesNotFit::onlyPulls();
        }
        if (! $design->filter->isFramed()) {
            throw DoesNotFit::notAFrame($design->filter, $design->shape);
        }
        FanFamilies::mustBe($design->fan, self::FAMILIES, $this);
        [$width, $height] = $this->least($design);
        if ($design->window !== null && ($width > $design->window->width + 1e-9 || $height > $design->window->height + 1e-9)) {
            throw DoesNotFit::windowTooSmall($design->window, $width, $height);
        }
        if (! $this->isFar($design)) {
            $this->seat($design)->mustNotOverhang();
            if ($this->collar($design) === null) {
                $this->seat($design)->mustCover();
            }
        }
    }
}
