<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Finder;

use Brick\Math\BigDecimal;
use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Balance;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Finder\Bracket;
use Jornel\Core\Finder\Frame;
use Jornel\Core\Finder\Limits;
use Jornel\Core\Finder\Question;
use Jornel\Core\Finder\Range;
use Jornel\Core\Finder\Sieve;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Room\Seat;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Scene\Scene;
use Jornel\Core\Shape\Scene\Solid;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Shape\Size;
use Jornel\Core\Shape\Work;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the finder's bounds rest on, tried on every shape with a part of all that fits it. */
final class BoundsTest extends TestCase
{
    /** One in so many frames is looked at. */
    private const EVERY = 5;

    /** @return iterable<string, array{string}> */
    public static function shapes(): iterable
    {
        foreach (array_keys(Shapes::all()) as $id) {
            yield $id => [$id];
        }
    }

    #[DataProvider('shapes')]
    public function test_open_corners_take_the_least_work_and_room_and_the_same_hardware(string $shape): void
    {
        foreach (self::frames($shape) as $frame) {
            $open = $frame->design->made(Corners::Open, $frame->design->joining);
            [$least, $small] = [Work::of($open), Size::of($open)];
            foreach ([Corners::Taped, Corners::Shroud] as $corners) {
                $other = $frame->design->made($corners, $frame->design->joining);
                [$work, $size] = [Work::of($other), Size::of($other)];
                self::assertSame([[], []], [array_diff($work->tools(), Work::TOOLS), array_diff($work->skills(), Work::SKILLS)], $frame->code);
                self::assertLessThanOrEqual($work->minutes, $least->minutes, $frame->code);
                self::assertSame([], array_diff($least->tools(), $work->tools()), $frame->code);
                self::assertSame([], array_diff($least->skills(), $work->skills()), $frame->code);
                self::assertLessThanOrEqual($size->footprint(), $small->footprint(), $frame->code);
                self::assertLessThanOrEqual($size->height, $small->height, $frame->code);
                self::assertSame($open->assemble()->hardware, $other->assemble()->hardware, $frame->code);
            }
        }
    }

    #[DataProvider('shapes')]
    public function test_what_fits_with_one_kind_of_media_fits_with_all_of_its_size(string $shape): void
    {
        foreach (self::frames($shape) as $frame) {
            foreach ($frame->media as $filter) {
                $assembly = $frame->design->with(filter: $filter)->assemble();
                self::assertEquals($frame->assembly->seams, $assembly->seams, $frame->code);
                self::assertEquals($frame->assembly->openings, $assembly->openings, $frame->code);
                self::assertEquals($frame->assembly->panels, $assembly->panels, $frame->code);
                self::assertSame($frame->assembly->throttle, $assembly->throttle, $frame->code);
            }
        }
    }

    #[DataProvider('shapes')]
    public function test_no_media_and_no_leak_gives_more_than_the_best_media_tight(string $shape): void
    {
        $bracket = new Bracket;
        foreach (self::frames($shape) as $frame) {
            $ideal = Unit::of($frame->design, $frame->assembly, Air::reference());
            $tight = $ideal->box->leaking(0.0);
            foreach ($frame->media as $filter) {
                $design = $frame->design->with(filter: $filter);
                $unit = Unit::of($design, $design->assemble(), Air::reference());
                foreach ($unit->speeds as $number => $speed) {
                    $most = $tight->cleanAir($bracket->most("{$frame->code} {$number}", $ideal->curve($speed), $tight));
                    $clean = $unit->box->cleanAir(Balance::of($unit->curve($speed), $unit->box)->pressure);
                    foreach (['e1', 'e2', 'e3'] as $bin) {
                        self::assertLessThanOrEqual($most->{$bin} * (1.0 + 1e-9), $clean->{$bin}, "{$frame->code} {$filter->id} {$speed->name}");
                    }
                }
            }
        }
    }

    #[DataProvider('shapes')]
    public function test_a_shape_is_as_large_as_its_solids_reach(string $shape): void
    {
        foreach (self::frames($shape) as $frame) {
            foreach (Corners::cases() as $corners) {
                $design = $frame->design->made($corners, $frame->design->joining);
                [$told, $drawn] = [Size::of($design), Size::ofScene($design->shape->scene($design))];
                self::assertEqualsWithDelta([$drawn->width, $drawn->depth, $drawn->height], [$told->width, $told->depth, $told->height], 1e-9, $frame->code);
            }
        }
    }

    #[DataProvider('shapes')]
    public function test_a_solid_reaches_as_far_as_its_corners(string $shape): void
    {
        foreach (self::frames($shape) as $frame) {
            $scene = $frame->design->shape->scene($frame->design);
            $drawn = new Scene(array_map(fn (Solid $solid): Solid => Solid::of($solid->part, $solid->material, $solid->faces()), $scene->solids));
            foreach ([0, 1] as $end) {
                foreach (['x', 'y', 'z'] as $axis) {
                    self::assertEqualsWithDelta($drawn->reach()[$end]->{$axis}, $scene->reach()[$end]->{$axis}, 1e-9, $frame->code);
                }
            }
        }
    }

    /** @return iterable<Frame> */
    private static function frames(string $shape): iterable
    {
        $range = new Range([$shape => Shapes::get($shape)]);
        $question = new Question(Sample::room(), Sample::data()->targets()->get('air-changes-5'), Sample::catalogue(), Limits::none(), $range, Air::reference(), Economy::of(BigDecimal::zero()), Seat::atOneMetre(), Stock::none(), Sample::data()->tolerances());
        $number = 0;
        foreach ((new Sieve($question))->frames() as $frame) {
            if ($number++ % self::EVERY === 0) {
                yield $frame;
            }
        }
        self::assertGreaterThan(0, $number);
    }
}
