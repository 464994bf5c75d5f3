<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Guide;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Guide\CutLine;
use Jornel\Core\Shape\Hole;
use Jornel\Core\Shape\Panel;
use PHPUnit\Framework\TestCase;

final class CutLineTest extends TestCase
{
    private const IN = 0.0254;

    public function test_a_square_with_a_hole_has_its_centre_where_the_diagonals_cross(): void
    {
        // Common practice, no source: 16 in frames 7/8 in deep, pinwheeled: cover 16 7/8 in square, centre at 8 7/16 in, hole 12 in.
        $cut = CutLine::of(Panel::rectangle('cover', 'Cover', 16.875 * self::IN, 16.875 * self::IN, 12.0 * self::IN));

        self::assertSame(['16 7/8', '16 7/8', '12', '6'], [$cut->width->text(), $cut->height->text(), $cut->hole?->text(), $cut->radius?->text()]);
        self::assertSame('8 7/16 in from both edges', $cut->centre());
        self::assertSame(['', ''], [$cut->form(), $cut->holes()]);
    }

    public function test_in_an_oblong_the_centre_has_two_distances(): void
    {
        $cut = CutLine::of(Panel::rectangle('cover', 'Cover', 20.25 * self::IN, 25.5 * self::IN, 12.0 * self::IN));

        self::assertSame('10 1/8 in from the left and 12 3/4 in from below', $cut->centre());
    }

    public function test_several_holes_are_told_with_their_places(): void
    {
        $fans = CutLine::of(Panel::withHoles('top', 'Top', 20.0 * self::IN, 7.0 * self::IN, [
            Hole::round(5.0 * self::IN, 3.5 * self::IN, 4.5 * self::IN), Hole::round(15.0 * self::IN, 3.5 * self::IN, 4.5 * self::IN),
        ]));
        $mouth = CutLine::of(Panel::withHoles('front', 'Front', 20.0 * self::IN, 20.0 * self::IN, [Hole::rectangle(10.0 * self::IN, 8.0 * self::IN, 7.0 * self::IN, 5.0 * self::IN)]));

        self::assertSame('2 times hole 4 1/2 in, middles from the left and from below: 5 and 3 1/2; 15 and 3 1/2 in', $fans->holes());
        self::assertSame('opening 7 × 5 in, its middle 10 and 8 in from the left and from below', $mouth->holes());
        self::assertNull($fans->hole);
    }

    public function test_what_is_no_rectangle_is_said(): void
    {
        $side = CutLine::of(Panel::polygon('side', 'Side', PlanePoint::list([[0.0, 0.0], [0.4, 0.0], [0.2, 0.5]])));
        $ring = CutLine::of(Panel::polygon('ring', 'Ring', PlanePoint::list([[0.0, 0.0], [0.4, 0.0], [0.5, 0.2], [0.4, 0.5], [0.0, 0.5]])));

        self::assertSame('a triangle in this rectangle', $side->form());
        self::assertSame('the outline drawn, in this rectangle', $ring->form());
        self::assertEqualsWithDelta(0.1, $side->panel->area(), 1e-12);
    }

    public function test_panels_alike_are_one_line(): void
    {
        $side = Panel::rectangle('side', 'Side', 0.5, 0.2);
        $lines = CutLine::list([$side, Panel::rectangle('base', 'Base', 0.5, 0.5), $side, Panel::rectangle('side', 'Side', 0.5, 0.3)]);

        self::assertSame(['A Side, 2 of them', 'B Base', 'C Side'], array_map(fn (CutLine $line): string => $line->name(), $lines));
    }
}
