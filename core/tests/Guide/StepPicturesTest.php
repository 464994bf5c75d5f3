<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Guide;

use Jornel\Core\Drawing\Camera;
use Jornel\Core\Drawing\Drawing;
use Jornel\Core\Drawing\PrintSvg;
use Jornel\Core\Guide\Guide;
use Jornel\Core\Guide\StepPicture;
use Jornel\Core\Guide\StepPictures;
use Jornel\Core\Scene\JoinedEdge;
use Jornel\Core\Scene\Joints;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Tests\Sample;
use Jornel\Core\Tests\Shape\EveryShapeTest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a step shows: what is there, what comes new, where tape runs; each seam as long as the handbook of the trade has it. */
final class StepPicturesTest extends TestCase
{
    private const INCH = 0.0254;

    public function test_seams_of_a_pinwheel_are_found_as_long_as_they_are(): void
    {
        // Common practice, no source: 4 H upright and 4 S along the base, S = W + t; of 19 1/2 x 19 1/2 x 3/4 in.
        $design = Sample::design(corners: Corners::Open);
        [$w, $h, $t] = [$design->filter->width, $design->filter->height, $design->filter->depth];
        $edges = Joints::of($design->scene());
        $length = fn (callable $is): float => array_sum(array_map(fn (JoinedEdge $edge): float => $edge->length(), array_filter($edges, fn (JoinedEdge $edge): bool => $is(...$edge->parts))));
        $isWall = fn (string $part): bool => str_starts_with($part, 'face-');

        self::assertEqualsWithDelta(4.0 * $h, $length(fn (string $a, string $b): bool => $isWall($a) && $isWall($b)), 1e-6);
        self::assertEqualsWithDelta(4.0 * ($w + $t), $length(fn (string $a, string $b): bool => in_array('base', [$a, $b], true)), 1e-6);
        self::assertGreaterThan(70.0 * self::INCH, $length(fn (string $a, string $b): bool => in_array('fan', [$a, $b], true)));
        // Nothing is found inside the box.
        foreach ($edges as $edge) {
            $middle = $edge->from->towards($edge->to, 0.5);
            self::assertFalse($middle->x > $t + 1e-6 && $middle->x < $w - 1e-6 && $middle->y > $t + 1e-6 && $middle->y < $w - 1e-6);
        }
    }

    public function test_filters_at_an_angle_are_joined_along_the_line_where_they_meet(): void
    {
        $shapes = ['wedge' => [['face-1', 'face-2']], 'slim-tower, column triangular' => [['face-1', 'face-2'], ['face-1', 'face-3'], ['face-2', 'face-3']]];
        $designs = iterator_to_array(EveryShapeTest::designs());
        foreach ($shapes as $name => $pairs) {
            [$design] = $designs[$name];
            $walls = array_values(array_filter(Joints::of($design->scene()), fn (JoinedEdge $edge): bool => str_starts_with($edge->parts[0], 'face-') && str_starts_with($edge->parts[1], 'face-')));
            self::assertSame($pairs, array_map(fn (JoinedEdge $edge): array => $edge->parts, $walls), $name);
            foreach ($walls as $edge) {
                self::assertTrue($edge->isUpright());
                self::assertEqualsWithDelta(max($design->filter->height, $design->filter->width), $edge->length(), 1e-6);
            }
        }
    }

    public function test_tape_runs_where_the_step_puts_it_and_stays(): void
    {
        $pictures = self::pictures(Sample::design());
        $run = fn (string $step, string $kind): float => self::strips($pictures[$step], $kind);

        self::assertSame(0.0, $run('square', 'tape-new'));
        self::assertGreaterThan(0.0, $run('base', 'tape-new'));
        // Along four seams of 19 1/2 in: 24 mm on one frame’s face, and the 3/4 in that the other is deep.
        $filter = Sample::design()->filter;
        self::assertEqualsWithDelta(4.0 * $filter->height * (0.024 + $filter->depth), $run('seal', 'tape-new'), 1e-4);
        // A hand’s width above and below holds each corner until then.
        self::assertEqualsWithDelta(4.0 * 2.0 * 0.1 * (0.024 + $filter->depth), $run('tack', 'tape-new'), 1e-4);
        self::assertEqualsWithDelta($run('base', 'tape-new') + $run('tack', 'tape-new'), $run('seal', 'tape'), 1e-9);
        self::assertSame(0.0, $run('tissue', 'tape-new'));
    }

    public function test_a_glued_corner_runs_along_its_own_seam_alone(): void
    {
        $design = Sample::design('tall-box', filter: '20x25x1-g13-economy', joining: 'hot-glue', corners: Corners::Open);
        $pictures = self::pictures($design);

        foreach (['glue-1', 'glue-2', 'glue-3', 'glue-4'] as $step) {
            self::assertEqualsWithDelta(max($design->filter->width, $design->filter->height) * 2.0 * 0.006, self::strips($pictures[$step], 'bead-new'), 1e-4, $step);
        }
        self::assertSame(['face-1', 'face-2'], $pictures['glue-1']->lit);
        self::assertSame(['face-4'], $pictures['glue-3']->lit);
    }

    public function test_what_is_hidden_is_looked_at_from_where_it_is_seen(): void
    {
        $cube = self::pictures(Sample::design());
        $array = self::pictures(Sample::design('array-box', 'pc-120'));

        self::assertSame([0, true], [$cube['base']->turn, $cube['base']->isBelow]);
        self::assertSame([0, false], [$cube['fan']->turn, $cube['fan']->isBelow]);
        self::assertSame(180, abs($array['last']->turn));
    }

    /** @return iterable<string, array{Design}> */
    public static function designs(): iterable
    {
        foreach (Shapes::all() as $shape) {
            yield $shape->id() => [EveryShapeTest::usual($shape)];
        }
    }

    #[DataProvider('designs')]
    public function test_every_step_has_a_picture_and_the_last_shows_the_whole(Design $design): void
    {
        $guide = Guide::of($design, Sample::catalogue());
        $pictures = self::pictures($design);
        $before = 0;
        foreach ($guide->steps as $step) {
            $picture = $pictures[$step->id()];
            if ($picture->scene === null) {
                self::assertNotSame([], $picture->cuts, $step->id());

                continue;
            }
            self::assertNotSame([], $picture->scene->solids, $step->id());
            $parts = array_map(fn ($solid): string => $solid->part, $picture->scene->solids);
            self::assertSame([], array_diff($picture->lit, $parts), $step->id());
            if ($step->step->sets !== [] && array_filter($picture->scene->solids, fn ($solid): bool => $solid->step === $step->number) !== []) {
                self::assertNotSame([], $picture->lit, $step->id());
            }
            self::assertNotFalse(simplexml_load_string(PrintSvg::step(Drawing::of($picture->scene, Camera::turned((float) $picture->turn, $picture->isBelow)), $picture->lit)));
            $before = count($parts);
        }
        self::assertCount($before, $design->scene()->solids);
    }

    /** @return array<string, StepPicture> by step */
    private static function pictures(Design $design): array
    {
        $guide = Guide::of($design, Sample::catalogue());
        $pictures = StepPictures::of($guide);
        $all = [];
        foreach ($guide->steps as $step) {
            $all[$step->id()] = $pictures->at($step);
        }

        return $all;
    }

    /** Area of all strips of a kind, m2. */
    private static function strips(StepPicture $picture, string $kind): float
    {
        $area = 0.0;
        foreach (($picture->scene ?? new Scene([]))->solids as $solid) {
            foreach ($solid->faces() as $face) {
                foreach ($face->marks() as $mark) {
                    if ($mark->kind === $kind) {
                        $first = $mark->points[0];
                        for ($i = 1, $last = count($mark->points) - 1; $i < $last; $i++) {
                            $cross = $mark->points[$i]->minus($first)->cross($mark->points[$i + 1]->minus($first));
                            $area += sqrt($cross->dot($cross)) / 2.0;
                        }
                    }
                }
            }
        }

        return $area;
    }
}
