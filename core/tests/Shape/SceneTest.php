<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Shape;

use Jornel\Core\Drawing\Camera;
use Jornel\Core\Drawing\DepthOrder;
use Jornel\Core\Drawing\Drawing;
use Jornel\Core\Drawing\PrintSvg;
use Jornel\Core\Drawing\RoomScene;
use Jornel\Core\Guide\Steps;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\Fitting;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SceneTest extends TestCase
{
    /** @return iterable<string, array{Design}> */
    public static function designs(): iterable
    {
        foreach ([
            ['cube', 'box-20-plain', '20x20x1-g13-economy'], ['cube', 'circulator-12', '18x18x2-g13'], ['cube', 'drum-18', '24x24x4-g13'],
            ['raised-cube', 'box-20-deep', '20x20x2-g13'], ['flat-panel', 'box-20-plain', '20x20x4-g13'], ['flat-panel', 'floor-18-guard', '20x20x1-g13-dense'],
            ['wedge', 'box-20-plain', '20x20x1-g13-economy'], ['drawer', 'box-20-plain', '20x20x1-g13-economy'],
        ] as [$shape, $fan, $filter]) {
            foreach (Corners::cases() as $corners) {
                yield "{$shape} {$fan} {$filter} {$corners->value}" => [Sample::design($shape, $fan, $filter, corners: $corners)];
            }
        }
        foreach (Shapes::all() as $shape) {
            $fitting = Fitting::into($shape, Sample::design(), Sample::catalogue());
            self::assertNotNull($fitting);
            foreach ($shape->options() as $option) {
                foreach (array_keys($option->choices) as $choice) {
                    $design = new Design($shape, $fitting->fan, $fitting->filter, $fitting->joining, Corners::Shroud, options: [$option->id => (string) $choice]);
                    if (EveryShapeTest::fits($design)) {
                        yield "{$shape->id()} {$option->id} {$choice}" => [$design];
                    }
                }
            }
            yield "{$shape->id()} as usual" => [$fitting];
        }
        yield 'eight in a cube' => [Sample::design(filter: '10x20x1-g13-economy', options: ['per-side' => '2'])];
        yield 'two deep between two' => [Sample::design(filter: '20x20x4-g13', options: ['layout' => 'two-between-two'])];
        yield 'a hanging fan' => [Sample::design('tall-box', 'circulator-12', '16x30x1-g13-dense', options: ['fan-seat' => 'hanging'])];
        yield 'a long wedge' => [Sample::design('wedge', filter: '20x25x2-g13')];
        yield 'a drawer of two' => [Sample::design('drawer', options: ['stack' => '2'], prefilter: '20x20x1-coarse')];
        yield 'a triangle' => [Sample::design('slim-tower', 'pc-120', '6.2x20x2-g13', options: ['column' => 'triangular'])];
    }

    #[DataProvider('designs')]
    public function test_no_two_solids_intersect(Design $design): void
    {
        $solids = $design->scene()->solids;
        $boxes = array_map(fn (Solid $solid): array => (new Scene([$solid]))->reach(), $solids);
        self::assertNotSame([], $solids);
        foreach ($solids as $i => $a) {
            for ($j = $i + 1; $j < count($solids); $j++) {
                if (self::meet($boxes[$i], $boxes[$j]) && ! self::apart($a, $solids[$j])) {
                    self::fail("{$a->part} and {$solids[$j]->part} intersect");
                }
            }
        }
    }

    #[DataProvider('designs')]
    public function test_every_face_and_panel_is_in_the_scene(Design $design): void
    {
        $parts = array_map(fn (Solid $solid): string => $solid->part, $design->scene()->solids);
        $assembly = $design->assemble();

        $fan = $design->option('fan-at') === 'far-window' ? [] : ['fan'];

        self::assertSame([], array_diff([...array_column($assembly->faces, 'id'), ...array_column($assembly->panels, 'id'), ...$fan], $parts));
    }

    #[DataProvider('designs')]
    public function test_of_two_solids_the_one_drawn_first_is_behind(Design $design): void
    {
        $camera = new Camera;
        $order = DepthOrder::farthestFirst($design->scene()->solids, $camera->towardsViewer);
        self::assertCount(count($design->scene()->solids), $order);
        $seen = array_map(fn (Solid $solid): array => self::seen($solid, $camera), $order);
        foreach ($order as $i => $first) {
            for ($j = $i + 1; $j < count($order); $j++) {
                if (self::overlap($seen[$i], $seen[$j]) && self::hides($first, $order[$j], $camera)) {
                    self::fail("{$first->part} is drawn before {$order[$j]->part} but hides it");
                }
            }
        }
    }

    #[DataProvider('designs')]
    public function test_every_solid_is_closed_and_set_by_a_step(Design $design): void
    {
        foreach (Steps::scene($design)->solids as $solid) {
            self::assertGreaterThan(0.0, $solid->volumeAndMiddle()[0], "{$solid->part} is turned inside out");
            self::assertGreaterThan(0, $solid->step, "no step sets {$solid->part}");
            self::assertNotSame('', $solid->label());
        }
    }

    public function test_a_pushing_unit_has_its_air_the_other_way_round(): void
    {
        $kinds = fn (?Direction $direction): array => array_column(Sample::design(direction: $direction)->scene()->arrows, 'kind', 'part');

        self::assertSame(['face-1' => 'intake', 'face-2' => 'intake', 'fan' => 'outlet', 'corners' => 'bypass'], $kinds(Direction::Pull));
        self::assertSame(['face-1' => 'outlet', 'face-2' => 'outlet', 'fan' => 'intake', 'corners' => 'bypass'], $kinds(Direction::Push));
    }

    public function test_the_drawing_keeps_one_scale_along_each_direction(): void
    {
        $camera = new Camera;
        $length = fn (Point $from, Point $to): float => $camera->see($from)->distanceTo($camera->see($to));
        $origin = new Point(0.0, 0.0, 0.0);

        foreach ([new Point(1.0, 0.0, 0.0), new Point(0.0, 1.0, 0.0), new Point(0.0, 0.0, 1.0)] as $axis) {
            $one = $length($origin, $axis);
            self::assertEqualsWithDelta(3.0 * $one, $length($axis, $axis->scaled(4.0)), 0.3);
            self::assertLessThanOrEqual(1000.1, $one);
        }
    }

    public function test_the_dimensions_in_the_drawing_are_those_of_the_cut(): void
    {
        $drawing = Drawing::of(Sample::design()->scene());

        self::assertEqualsWithDelta(['width' => 20.25, 'depth' => 20.25], array_map(fn (float $metres): float => $metres / 0.0254, array_column(array_slice($drawing->extents, 0, 2), 'length', 'name')), 1e-9);
    }

    public function test_as_many_units_stand_in_the_room_as_are_built(): void
    {
        $parts = fn (int $units): int => count(array_filter(RoomScene::of(Sample::room()->plan, Sample::design()->scene(), $units)->solids, fn (Solid $solid): bool => $solid->part === 'fan'));

        self::assertSame([1, 2, 5], [$parts(1), $parts(2), $parts(5)]);
    }

    public function test_print_drawings_are_well_formed(): void
    {
        foreach ([PrintSvg::unit(Drawing::of(Sample::design()->scene())), ...array_map(PrintSvg::panel(...), Sample::design()->assemble()->panels)] as $svg) {
            self::assertNotFalse(simplexml_load_string($svg));
        }
    }

    /**
     * Whether two boxes along the axes share more than a face.
     *
     * @param  array{Point, Point}  $a
     * @param  array{Point, Point}  $b
     */
    private static function meet(array $a, array $b): bool
    {
        foreach (['x', 'y', 'z'] as $axis) {
            if ($a[1]->{$axis} <= $b[0]->{$axis} + 1e-9 || $b[1]->{$axis} <= $a[0]->{$axis} + 1e-9) {
                return false;
            }
        }

        return true;
    }

    /** Whether some side of one has the other wholly beyond it, which settles it for boxes and prisms side by side. */
    private static function apart(Solid $a, Solid $b): bool
    {
        foreach ([[$a, $b], [$b, $a]] as [$one, $other]) {
            foreach ($one->faces() as $face) {
                $normal = $face->normal();
                $reach = array_map(fn (Point $corner): float => $normal->dot($corner->minus($face->corners[0])), $other->corners());
                if (min($reach) >= -1e-9) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array{float, float, float, float} left, right, top and bottom on the picture */
    private static function seen(Solid $solid, Camera $camera): array
    {
        $points = array_map($camera->see(...), $solid->corners());

        return [min(array_column($points, 'x')), max(array_column($points, 'x')), min(array_column($points, 'y')), max(array_column($points, 'y'))];
    }

    /**
     * @param  array{float, float, float, float}  $a
     * @param  array{float, float, float, float}  $b
     */
    private static function overlap(array $a, array $b): bool
    {
        return $a[0] < $b[1] && $b[0] < $a[1] && $a[2] < $b[3] && $b[2] < $a[3];
    }

    /** Whether a ray towards the viewer from a point on the second's visible sides meets the first. */
    private static function hides(Solid $first, Solid $later, Camera $camera): bool
    {
        foreach ($later->faces() as $face) {
            if ($face->normal()->dot($camera->towardsViewer) <= 1e-9) {
                continue;
            }
            $middle = $face->middle();
            foreach ($face->corners as $corner) {
                if (self::meets($first, $middle->towards($corner, 0.9), $camera->towardsViewer)) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function meets(Solid $solid, Point $from, Point $along): bool
    {
        [$enter, $leave] = [1e-6, INF];
        foreach ($solid->faces() as $face) {
            $normal = $face->normal();
            $speed = $normal->dot($along);
            $ahead = $normal->dot($face->corners[0]->minus($from));
            if (abs($speed) < 1e-12) {
                if ($ahead <= 1e-9) {
                    return false;
                }

                continue;
            }
            $speed > 0.0 ? $leave = min($leave, $ahead / $speed) : $enter = max($enter, $ahead / $speed);
        }

        return $enter < $leave - 1e-6;
    }
}
