<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Filter;
use Jornel\Core\Shape\Scene\Anchor;
use Jornel\Core\Shape\Scene\Arrow;
use Jornel\Core\Shape\Scene\Extent;
use Jornel\Core\Shape\Scene\FanSolid;
use Jornel\Core\Shape\Scene\Frame;
use Jornel\Core\Shape\Scene\Point;
use Jornel\Core\Shape\Scene\Scene;
use Jornel\Core\Shape\Scene\Solid;

/** One filter behind the fan, where the air enters. */
final readonly class FlatPanel implements Shape
{
    private const FAMILIES = ['box fan', 'round floor fan', 'drum fan', 'circulator'];

    public function id(): string
    {
        return 'flat-panel';
    }

    public function name(): string
    {
        return 'Flat panel';
    }

    public function description(): string
    {
        return 'One filter on the back of the fan. Built in five minutes, cheap, light; moves the least air.';
    }

    public function filterCount(): int
    {
        return 1;
    }

    public function assemble(Design $design): Assembly
    {
        $filter = $design->filter;
        $body = $design->fan->body;
        $seat = $this->seat($design);
        $open = self::netSides($filter);
        $shroud = $design->corners === Corners::Shroud;
        $windows = $design->corners === Corners::Open ? $seat->windows() : 0.0;

        return new Assembly(
            faces: [FilterFace::of('face-1', $filter, ...$open)],
            seams: [new Seam('Filter’s edge to the fan', 2.0 * ($filter->width + $filter->height), 4)],
            openings: [
                new Opening('Back through the fan’s corners', $seat->recirculation($design->corners)),
                ...($windows > 1e-9 ? [new Opening('Corner windows', $windows)] : []),
            ],
            panels: $shroud ? [new Panel('shroud', 'Shroud', $body->side, $body->side, $body->bladeCircle)] : [],
            throttle: $seat->throttle($open[0] * $open[1]),
            width: max($filter->width, $body->side),
            depth: self::depth($design),
            height: max($filter->height, $body->side),
            mass: $filter->mass + $design->fan->mass,
            remarks: ['It tips over easily: give it feet, or tie it to something that stands.'],
        );
    }

    /** The fan blows towards the viewer; shroud, fan and filter stand one behind the other. */
    public function scene(Design $design): Scene
    {
        $this->seat($design);
        $filter = $design->filter;
        $body = $design->fan->body;
        $depth = self::depth($design);
        $side = max($body->side, $filter->width);
        $high = max($body->side, $filter->height);
        $x = $side / 2.0;
        $z = $high / 2.0;
        $outlet = $depth - $filter->depth - $body->depth;
        $seatY = $outlet + $body->depth;
        $solids = [
            Solid::box('face-1', 'filter', new Point($x - $filter->width / 2.0, $seatY, $z - $filter->height / 2.0), new Point($x + $filter->width / 2.0, $depth, $z + $filter->height / 2.0)),
            FanSolid::of($design->fan, Frame::front($x, $seatY, $z), $design->corners),
        ];
        if ($design->corners === Corners::Shroud) {
            $low = new Point($x - $body->side / 2.0, 0.0, $z - $body->side / 2.0);
            $solids[] = Solid::box('shroud', 'board', $low, new Point($x + $body->side / 2.0, $outlet, $z + $body->side / 2.0), [
                'front' => FanSolid::rotor($design->fan, Frame::front($x, 0.0, $z)),
            ]);
        }
        $right = new Point(1.0, 0.0, 0.0);

        return new Scene($solids, [
            new Arrow('fan', 'outlet', new Point($x, -0.03, $z), new Point($x, -0.36, $z)),
            new Arrow('face-1', 'intake', new Point($side * 0.78, $depth + 0.42, $high * 0.8), new Point($side * 0.78, $depth + 0.12, $high * 0.8)),
            new Arrow('corners', 'bypass', new Point($side + 0.12, $outlet - 0.05, $high + 0.02), new Point($side - 0.02, $outlet, $high - 0.03)),
        ], [
            new Anchor('fan', new Point($x * 0.75, $outlet - ($design->corners === Corners::Shroud ? $outlet : 0.0), $z * 1.3)),
            new Anchor('face-1', new Point($x + $filter->width / 2.0, $depth - $filter->depth / 2.0, $z * 1.25)),
            new Anchor('seam', new Point($x + $filter->width / 2.0, $seatY, $z * 0.55)),
            new Anchor('corners', new Point($x * 1.9, $outlet - ($design->corners === Corners::Shroud ? $outlet : 0.0), $z * 1.92)),
            new Anchor('box', new Point($x * 0.6, $depth - $filter->depth / 2.0, $z + $filter->height / 2.0)),
            ...($design->corners === Corners::Shroud ? [new Anchor('shroud', new Point($x * 0.12, 0.0, $z * 0.15))] : []),
        ], [
            new Extent('width', new Point(0.0, 0.0, 0.0), new Point($side, 0.0, 0.0), new Point(0.0, -1.0, 0.0)),
            new Extent('depth', new Point($side, 0.0, 0.0), new Point($side, $depth, 0.0), $right),
            new Extent('height', new Point($side, $depth, 0.0), new Point($side, $depth, $high), $right),
        ]);
    }

    public function steps(Design $design): array
    {
        $joining = mb_strtolower($design->joining->name);

        return array_values(array_filter([
            $design->corners === Corners::Shroud ? new Step('Cut the shroud from the fan’s carton to the size on this sheet.', 'It closes the housing’s corners.', 5.0) : null,
            new Step('Run the fan once and draw an arrow on its housing the way it blows.', 'The filter belongs on the side where the air goes in.', 1.0, 'Fan’s arrow drawn'),
            new Step('Lay the fan face down and the filter on its back, arrow pointing into the fan.', 'Behind the fan the filter keeps dust off motor and blades.', 1.0, 'Filter’s arrow points into the fan'),
            new Step("Join the filter to the fan all round with {$joining}; pierce no media.", 'A hole in the media is a leak for good.', 1.0 + 4.0 * $design->joining->minutesPerSeam, 'All four edges closed'),
            match ($design->corners) {
                Corners::Open => null,
                Corners::Taped => new Step('Tape corner pieces over every gap between fan and filter.', 'Through open corners the fan draws air that no filter has cleaned.', 2.0),
                Corners::Shroud => new Step('Centre the shroud’s hole over the blades and tape it to the front, clear of the guard.', 'It stops air from falling back through the housing’s corners.', 3.0, 'Guard on, blades free'),
            },
            new Step('Stand it where it cannot tip, plug in, run on high; listen for clicks or rubbing.', 'It is top-light and tips easily.', 1.0, 'Stands firm, no clicking'),
            new Step('Hold a strip of tissue along the edges, then in front of the filter.', 'At an edge it must hang still; at the filter it must be drawn in.', 1.0, 'No edge draws, the filter draws'),
            new Step('Patch what draws, then label it with date, filter and speed.', 'Whoever looks after it must know when the filter went in.', 1.0),
        ]));
    }

    /** @throws DoesNotFit */
    private function seat(Design $design): FanSeat
    {
        $filter = $design->filter;
        if (! $filter->isFramed()) {
            throw DoesNotFit::notAFrame($filter, 'flat panel');
        }
        if (! in_array($design->fan->family, self::FAMILIES, true)) {
            throw DoesNotFit::noSeat($design->fan, 'flat panel', self::FAMILIES);
        }
        [$openWidth, $openHeight] = self::netSides($filter);
        $seat = new FanSeat($design->fan, $filter->width, $filter->height, $openWidth, $openHeight);
        $seat->mustNotOverhang();
        $seat->mustCover();

        return $seat;
    }

    /** @return float m */
    private static function depth(Design $design): float
    {
        return $design->filter->depth + $design->fan->body->depth + ($design->corners === Corners::Shroud ? Panel::THICKNESS : 0.0);
    }

    /** @return array{float, float} */
    private static function netSides(Filter $filter): array
    {
        return [$filter->width - 2.0 * $filter->rim, $filter->height - 2.0 * $filter->rim];
    }
}
