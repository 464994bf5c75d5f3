<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\ShaftPosition;
use Jornel\Core\Scene\Anchor;
use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\FanSolid;
use Jornel\Core\Scene\FilterMarks;
use Jornel\Core\Scene\Frame;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;
use Jornel\Core\Scene\Tube;

/** Four or five filters round an inline fan on a flange, perhaps with a canister of carbon and a duct to the far side. */
final readonly class DuctBox implements Shape
{
    use UsualShape;

    /** Length of duct that is drawn at most, m. */
    private const DRAWN = 0.6;

    /** Loose carbon that a canister takes, kg (typical). */
    private const LOOSE = 5;

    /** Of a canister with its carbon, kg (typical): the carbon it is sold by, and its shell. */
    private const CANISTER_MASS = self::LOOSE + 1.5;

    /** Screws of the flange, and clamps of each joint behind the fan (typical). */
    private const SCREWS = 8;

    /** Collar from which the larger flange fits, m. */
    private const LARGE = 0.25;

    /** Height of a canister and what it is wider than its collar, m (typical). */
    private const CANISTER = [0.4, 0.1];

    public function id(): string
    {
        return 'duct-box';
    }

    public function name(): string
    {
        return 'Duct box with an inline fan';
    }

    public function description(): string
    {
        return 'Four or five filters under an inline fan that holds its flow as they load; the clean air can be led across the room.';
    }

    public function options(): array
    {
        return [
            new ShapeOption('faces', 'Filters', ['4' => 'Four, on a base', '5' => 'Five, on feet'], '4'),
            Sheet::option(),
            (new ShapeOption('canister', 'Carbon canister', ['none' => 'None', 'canister' => 'One behind the fan, for traces of smells', 'refilled' => 'One at hand, filled anew with loose carbon'], 'none'))->ofTheRoom(),
            ShapeOption::number('duct-metres', 'Duct to the far side', 0, 8, 'm', 0)->ofTheRoom(),
        ];
    }

    public function shaft(Design $design): ShaftPosition
    {
        return ShaftPosition::Vertical;
    }

    public function filterCount(Design $design): int
    {
        return $design->number('faces');
    }

    public function assemble(Design $design): Assembly
    {
        $walls = $this->walls($design);
        $top = $walls->top();
        $sheet = Sheet::of($design);
        $collar = $design->fan->body->bladeCircle;
        $faces = $walls->faces();
        if ($design->number('faces') === 5) {
            $rim = $design->filter->rim;
            $faces[] = FilterFace::of('face-5', $design, min($top->openWidth, $design->filter->width - 2.0 * $rim) * min($top->openDepth, $design->filter->height - 2.0 * $rim));
        }

        return new Assembly(
            faces: $faces,
            seams: [
                ...$walls->seams($design->number('faces') === 5 ? 'fifth filter' : 'base'),
                new Seam('Filters to top', $top->perimeter(), 4),
                new Seam('Flange to top', M_PI * $collar, 1),
            ],
            openings: [Opening::recirculation($design->corners, $design->fan)],
            panels: [
                ...($design->number('faces') === 5 ? [] : [BasePlate::panel($top, $sheet)]),
                Panel::rectangle('top', 'Top with the flange', $top->width, $top->depth, $collar)->from($sheet->material()),
            ],
            throttle: $design->fan->body->throttle($top->openWidth * $top->openDepth),
            remarks: [
                ...$walls->remarks(),
                ...($design->number('duct-metres') > 0 ? ['Draw the duct straight: each bend costs as much as metres of it. It also takes noise off.'] : []),
                ...($this->hasCanister($design) ? ['Carbon is for traces and smells, and is used up; its first dust is blown out outdoors.'] : []),
            ],
            outlet: $this->outlet($design),
            hardware: array_filter([
                'feet-10cm' => $design->number('faces') === 5 ? 4 : 0,
                self::flange($design) => 1,
                'short-screws' => self::SCREWS,
                'duct-clamp' => 1 + 2 * (int) ($design->number('duct-metres') > 0) + (int) $this->hasCanister($design),
                'lined-duct' => $design->number('duct-metres'),
                'carbon-canister' => $design->option('canister') === 'canister' ? 1 : 0,
                'carbon-loose' => $design->option('canister') === 'refilled' ? self::LOOSE : 0,
            ]),
            fastened: FourWalls::TACKS,
            lengths: array_filter(['foil-tape' => M_PI * $collar * (2.0 * (int) ($design->number('duct-metres') > 0) + (int) $this->hasCanister($design))]),
        );
    }

    public function scene(Design $design): Scene
    {
        $walls = $this->walls($design);
        $top = $walls->top();
        $body = $design->fan->body;
        $five = $design->number('faces') === 5;
        $sheet = Sheet::of($design);
        $z = $five ? Feet::HEIGHT + $design->stackDepth() : $sheet->thickness();
        $roof = $z + $walls->height();
        $seat = $roof + $sheet->thickness();
        $at = fn (float $z): Point => new Point($top->width / 2.0, $top->depth / 2.0, $z);
        $r = $body->side / 2.0;
        $head = $seat + $body->depth;
        $after = [];
        if ($this->hasCanister($design)) {
            $after[] = Tube::disc('canister', 'carbon', $at($head), self::canisterRadius($design), self::CANISTER[0]);
            $head += self::CANISTER[0];
        }
        if ($design->number('duct-metres') > 0) {
            $length = min(self::DRAWN, (float) $design->number('duct-metres'));
            $inner = $body->bladeCircle / 2.0;
            array_push($after, ...Tube::of('duct', 'duct', $at($head), [$inner, $inner + 0.02], [$inner, $inner + 0.02], $length));
            $head += $length;
        }
        $filter = $design->filter;
        $edge = [($top->width - $filter->width) / 2.0, ($top->depth - $filter->height) / 2.0];

        return new Scene([
            ...($five ? [
                ...Feet::solids($top->width, $top->depth),
                Solid::box('face-5', 'filter', new Point($edge[0], $edge[1], Feet::HEIGHT), new Point($edge[0] + $filter->width, $edge[1] + $filter->height, $z), [
                    'bottom' => FilterMarks::on($filter, Frame::top($edge[0], $edge[1], Feet::HEIGHT), $filter->width, $filter->height),
                ]),
            ] : [BasePlate::solid($top, $sheet)]),
            ...$walls->solids($z),
            Solid::box('top', $sheet->drawnAs(), new Point(0.0, 0.0, $roof), new Point($top->width, $top->depth, $seat)),
            Tube::disc('fan', 'fan', $at($seat), $r, $body->depth, $after === [] ? FanSolid::rotor($design->fan, Frame::top($top->width / 2.0, $top->depth / 2.0, $seat + $body->depth)) : []),
            ...$after,
        ], [
            ...$walls->arrows($z),
            new Arrow('fan', 'outlet', $at($head + 0.02), $at($head + 0.28)),
        ], [
            ...$walls->anchors($z),
            new Anchor('fan', new Point($top->width / 2.0 + $r * 0.9, $top->depth / 2.0 - $r * 0.4, $seat + $body->depth * 0.6)),
            new Anchor('top', new Point($top->width * 0.1, $top->depth * 0.8, $seat)),
            ...($design->number('duct-metres') > 0 ? [new Anchor('duct', $at($head))] : []),
        ], $this->size($design)->extents());
    }

    public function size(Design $design): Size
    {
        $walls = $this->walls($design);
        $sheet = Sheet::of($design)->thickness();
        $below = $design->number('faces') === 5 ? Feet::HEIGHT + $design->stackDepth() : $sheet;

        $round = $this->hasCanister($design) ? 2.0 * self::canisterRadius($design) : 0.0;

        return new Size(
            max($walls->top()->width, $round),
            max($walls->top()->depth, $round),
            $below + $walls->height() + $sheet + $design->fan->body->depth + ($this->hasCanister($design) ? self::CANISTER[0] : 0.0) + min(self::DRAWN, (float) $design->number('duct-metres')),
        );
    }

    /** Outside: its bed lies round the collar, m. */
    private static function canisterRadius(Design $design): float
    {
        return ($design->fan->body->bladeCircle + self::CANISTER[1]) / 2.0;
    }

    /** Id of the flange that fits the fan's collar. */
    public static function flange(Design $design): string
    {
        return $design->fan->body->bladeCircle >= self::LARGE ? 'flange-12' : 'flange-8';
    }

    public function masses(Design $design): array
    {
        return $this->hasCanister($design) ? ['carbon' => self::CANISTER_MASS] : [];
    }

    public function hasCanister(Design $design): bool
    {
        return $design->option('canister') !== 'none';
    }

    private function outlet(Design $design): ?Outlet
    {
        $collar = $design->fan->body->bladeCircle;
        $duct = $design->number('duct-metres') > 0 ? Outlet::duct((float) $design->number('duct-metres'), $collar) : null;
        $canister = $this->hasCanister($design) ? Outlet::canister($collar) : null;

        return $duct !== null && $canister !== null ? $canister->and($duct) : $duct ?? $canister;
    }

    /** @throws DoesNotFit */
    private function walls(Design $design): FourWalls
    {
        $filter = $design->filter;
        FanFamilies::mustBe($design->fan, FanFamilies::DUCTED, $this);
        if ($design->number('faces') === 5 && $filter->isFramed() && ! $filter->isSquare()) {
            throw DoesNotFit::notSquare($filter, $design->shape);
        }
        $walls = FourWalls::of($design, min($filter->width, $filter->height), max($filter->width, $filter->height));
        if ($design->fan->body->side > $walls->top()->width) {
            throw DoesNotFit::panelTooNarrow($design->fan, $walls->top()->width);
        }
        Sheet::of($design)->mustBear($design->fan->mass + array_sum($this->masses($design)), $design->fan);

        return $walls;
    }
}
