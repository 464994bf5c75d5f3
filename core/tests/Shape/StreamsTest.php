<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Shape;

use Jornel\Core\Scene\Arrow;
use Jornel\Core\Scene\Point;
use Jornel\Core\Scene\Solid;
use Jornel\Core\Scene\Streams;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\Shapes;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** The air that is drawn at a unit of any shape. */
final class StreamsTest extends TestCase
{
    #[DataProviderExternal(EveryShapeTest::class, 'designs')]
    public function test_air_streams_at_every_filter_that_is_drawn_and_at_a_fan(Design $design): void
    {
        $scene = $design->scene();
        $streams = Streams::of($scene);
        $parts = array_map(fn (Arrow $arrow): string => $arrow->part, $streams);

        foreach (array_unique(array_map(fn (Solid $solid): string => $solid->part, $scene->solids)) as $part) {
            if (preg_match('/^face-\d+$/', $part) === 1) {
                self::assertContains($part, $parts);
            }
        }
        self::assertSame($parts, array_values(array_unique($parts)), 'no part has two');
        self::assertNotSame([], array_intersect(['outlet', 'intake'], array_map(fn (Arrow $arrow): string => $arrow->kind, $streams)));
    }

    #[DataProviderExternal(EveryShapeTest::class, 'designs')]
    public function test_a_stream_leads_from_one_side_of_the_unit_to_the_other_or_along_it(Design $design): void
    {
        $scene = $design->scene();
        [$low, $high] = $scene->reach();
        foreach (Streams::of($scene) as $stream) {
            $outer = $stream->kind === 'outlet' ? $stream->to : $stream->from;
            $length = $stream->to->minus($stream->from);

            self::assertGreaterThan(0.05, sqrt($length->dot($length)), $stream->part);
            self::assertLessThan(0.6, self::beyond($outer, $low, $high), "{$stream->part} stays near the unit");
        }
    }

    public function test_the_other_way_round_every_stream_turns_about(): void
    {
        foreach (['cube', 'raised-cube', 'tall-box'] as $shape) {
            $design = EveryShapeTest::usual(Shapes::get($shape));
            $pushed = new Design($design->shape, $design->fan, $design->filter, $design->joining, $design->corners, null, Direction::Push);
            $ends = fn (Design $of): array => array_map(fn (Arrow $arrow): array => [$arrow->from, $arrow->to], array_combine(
                array_map(fn (Arrow $arrow): string => $arrow->part, Streams::of($of->scene())), Streams::of($of->scene()),
            ));
            [$pull, $push] = [$ends($design), $ends($pushed)];

            self::assertSame(array_keys($pull), array_keys($push));
            foreach ($pull as $part => [$from, $to]) {
                self::assertEquals([$to, $from], $push[$part], "{$shape}: {$part}");
            }
        }
    }

    /** How far a point lies outside a box, m. */
    private static function beyond(Point $point, Point $low, Point $high): float
    {
        return max($low->x - $point->x, $point->x - $high->x, $low->y - $point->y, $point->y - $high->y, $low->z - $point->z, $point->z - $high->z);
    }
}
