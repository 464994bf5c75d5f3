<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Finder;

use Brick\Math\BigDecimal;
use Jornel\Core\Air\Air;
use Jornel\Core\Air\Bin;
use Jornel\Core\Airflow\Balance;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Finder\Limits;
use Jornel\Core\Finder\SearchProblem;
use Jornel\Core\Finder\Space\BalanceBound;
use Jornel\Core\Finder\Space\DesignFamily;
use Jornel\Core\Finder\Space\FamilyEnumeration;
use Jornel\Core\Finder\Space\Range;
use Jornel\Core\Guide\Work;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Scene\Scene;
use Jornel\Core\Scene\Solid;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Footing;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Shape\Size;
use Jornel\Core\Sound\Seat;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the finder's bounds rest on, tried on every shape with a part of all that fits it. */
final class BoundsTest extends TestCase
{
    /** One in so many families is looked at. */
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
        foreach (self::families($shape) as $name => $family) {
            $open = $family->design->made(Corners::Open, $family->design->joining);
            [$least, $small] = [Work::of($open), Size::of($open)];
            foreach ([Corners::Taped, Corners::Shroud] as $corners) {
                $other = $family->design->made($corners, $family->design->joining);
                [$work, $size] = [Work::of($other), Size::of($other)];
                self::assertSame([[], []], [array_diff($work->tools(), Work::TOOLS), array_diff($work->skills(), Work::SKILLS)], $name);
                self::assertLessThanOrEqual($work->minutes, $least->minutes, $name);
                self::assertSame([], array_diff($least->tools(), $work->tools()), $name);
                self::assertSame([], array_diff($least->skills(), $work->skills()), $name);
                self::assertLessThanOrEqual($size->footprint(), $small->footprint(), $name);
                self::assertLessThanOrEqual($size->height, $small->height, $name);
                self::assertSame($open->assemble()->hardware, $other->assemble()->hardware, $name);
            }
        }
    }

    #[DataProvider('shapes')]
    public function test_on_feet_it_takes_no_less_and_leaks_as_much_as_alone(string $shape): void
    {
        foreach (self::families($shape) as $name => $family) {
            foreach (array_slice($family->stands, 1) as $stand) {
                foreach ($family->corners as $corners) {
                    $alone = $family->design->made($corners, $family->design->joining);
                    $onFeet = $alone->choosing(Footing::OPTION, (string) $stand);
                    self::assertLessThanOrEqual(Work::of($onFeet)->minutes, Work::of($alone)->minutes, $name);
                    self::assertLessThanOrEqual(Size::of($onFeet)->footprint(), Size::of($alone)->footprint(), $name);
                    self::assertLessThanOrEqual(Size::of($onFeet)->height, Size::of($alone)->height, $name);
                    self::assertSame([], array_diff(Work::of($alone)->tools(), Work::of($onFeet)->tools()), $name);
                    [$one, $other] = [$alone->assemble(), $onFeet->assemble()];
                    self::assertSame([$one->openArea(), $one->joinedLength(), $one->throttle], [$other->openArea(), $other->joinedLength(), $other->throttle], $name);
                    foreach ($one->hardware as $id => $count) {
                        self::assertGreaterThanOrEqual($count, $other->hardware[$id] ?? 0, $name);
                    }
                }
            }
        }
    }

    #[DataProvider('shapes')]
    public function test_what_fits_with_one_kind_of_media_fits_with_all_of_its_size(string $shape): void
    {
        foreach (self::families($shape) as $name => $family) {
            foreach ($family->media as $filter) {
                $assembly = $family->design->with(filter: $filter)->assemble();
                self::assertEquals($family->assembly->seams, $assembly->seams, $name);
                self::assertEquals($family->assembly->openings, $assembly->openings, $name);
                self::assertEquals($family->assembly->panels, $assembly->panels, $name);
                self::assertSame($family->assembly->throttle, $assembly->throttle, $name);
            }
        }
    }

    #[DataProvider('shapes')]
    public function test_no_media_and_no_leak_gives_more_than_the_best_media_tight(string $shape): void
    {
        $balanceBound = new BalanceBound;
        foreach (self::families($shape) as $name => $family) {
            $ideal = Unit::of($family->design, $family->assembly, Air::reference());
            $tight = $ideal->box->leaking(0.0);
            foreach ($family->media as $filter) {
                $design = $family->design->with(filter: $filter);
                $unit = Unit::of($design, $design->assemble(), Air::reference());
                foreach ($unit->speeds as $number => $speed) {
                    $most = $tight->cleanAir($balanceBound->between("{$name} {$number}", $ideal->curve($speed), $tight)[1]);
                    $clean = $unit->box->cleanAir(Balance::of($unit->curve($speed), $unit->box)->pressure);
                    foreach (Bin::cases() as $bin) {
                        self::assertLessThanOrEqual($most->in($bin) * (1.0 + 1e-9), $clean->in($bin), "{$name} {$filter->id} {$speed->name}");
                    }
                }
            }
        }
    }

    #[DataProvider('shapes')]
    public function test_a_shape_is_as_large_as_its_solids_reach(string $shape): void
    {
        foreach (self::families($shape) as $name => $family) {
            foreach (Corners::cases() as $corners) {
                $design = $family->design->made($corners, $family->design->joining);
                [$told, $drawn] = [Size::of($design), Size::ofScene($design->solids())];
                self::assertEqualsWithDelta([$drawn->width, $drawn->depth, $drawn->height], [$told->width, $told->depth, $told->height], 1e-9, $name);
            }
        }
    }

    #[DataProvider('shapes')]
    public function test_a_solid_reaches_as_far_as_its_corners(string $shape): void
    {
        foreach (self::families($shape) as $name => $family) {
            $scene = $family->design->solids();
            $drawn = new Scene(array_map(fn (Solid $solid): Solid => Solid::of($solid->part, $solid->material, $solid->faces()), $scene->solids));
            foreach ([0, 1] as $end) {
                foreach (['x', 'y', 'z'] as $axis) {
                    self::assertEqualsWithDelta($drawn->reach()[$end]->{$axis}, $scene->reach()[$end]->{$axis}, 1e-9, $name);
                }
            }
        }
    }

    /** @return iterable<string, DesignFamily> by what it is made of */
    private static function families(string $shape): iterable
    {
        $range = new Range([$shape => Shapes::get($shape)]);
        $question = new SearchProblem(Sample::room(), Sample::data()->targets()->get('air-changes-5'), Sample::catalogue(), Limits::none(), $range, Air::reference(), Economy::of(BigDecimal::zero()), Seat::atOneMetre(), Stock::none(), Sample::data()->tolerances());
        $number = 0;
        foreach ((new FamilyEnumeration($question->catalogue, $question->range))->families() as $family) {
            if ($number++ % self::EVERY === 0) {
                yield implode(' ', [$shape, http_build_query($family->design->options), $family->design->fan->id, $family->design->filter->id]) => $family;
            }
        }
        self::assertGreaterThan(0, $number);
    }
}
