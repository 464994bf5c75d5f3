<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Shape;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Drawing\PrintSvg;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Guide\Steps;
use Jornel\Core\Guide\Work;
use Jornel\Core\Kit\LineKind;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Part\Filter;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DoesNotFit;
use Jornel\Core\Shape\Fitting;
use Jornel\Core\Shape\Hole;
use Jornel\Core\Shape\Measurements;
use Jornel\Core\Shape\Panel;
use Jornel\Core\Shape\Shape;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Shape\Stand;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What holds for a unit of any shape, made one way or another. */
final class EveryShapeTest extends TestCase
{
    /** Panel between two holes below which it tears, m (assumed). */
    private const LEAST_WEB = 0.003;

    /** @return iterable<string, array{Design}> */
    public static function designs(): iterable
    {
        foreach (Shapes::all() as $shape) {
            $usual = self::usual($shape);
            yield $shape->id() => [$usual];
            foreach ($shape->options() as $option) {
                foreach (array_keys($option->choices) as $choice) {
                    $other = new Design($shape, $usual->fan, $usual->filter, $usual->joining, $usual->corners, options: [$option->id => (string) $choice]);
                    if ((string) $choice !== $option->usual && self::fits($other)) {
                        yield "{$shape->id()}, {$option->id} {$choice}" => [$other];
                    }
                }
            }
        }
    }

    #[DataProvider('designs')]
    public function test_holes_lie_inside_their_panels_and_panels_can_be_drawn(Design $design): void
    {
        foreach ($design->assemble()->panels as $panel) {
            self::assertGreaterThan(0.0, $panel->area(), $panel->name);
            self::assertLessThanOrEqual($panel->width * $panel->height + 1e-12, $panel->area(), $panel->name);
            foreach ($panel->holes as $number => $hole) {
                self::assertTrue(self::inside($hole, $panel), "{$panel->name}, hole {$number}");
                foreach (array_slice($panel->holes, $number + 1) as $other) {
                    self::assertGreaterThanOrEqual(self::LEAST_WEB - 1e-9, $hole->distanceTo($other), "{$panel->name}, between two holes");
                }
            }
            self::assertNotFalse(simplexml_load_string(PrintSvg::panel($panel)), $panel->name);
        }
        self::addToAssertionCount(1);
    }

    #[DataProvider('designs')]
    public function test_it_weighs_what_its_parts_weigh_and_more(Design $design): void
    {
        $size = Measurements::of($design);
        // A fan in another window hangs there, not here.
        $isHere = in_array('fan', array_column($design->scene()->solids, 'material'), true);
        $parts = ($isHere ? $design->shape->fanCount($design) * $design->fan->mass : 0.0) + $design->shape->filterCount($design) * $design->filter->mass;

        self::assertGreaterThanOrEqual($parts - 1e-9, $size->mass);
        self::assertLessThan($parts + 25.0, $size->mass);
        self::assertLessThanOrEqual($size->width * $size->depth + 1e-9, $size->footprint);
        self::assertGreaterThan(0.0, min($size->width, $size->depth, $size->height));
        self::assertSame(! in_array($design->stand(), [Stand::Fixed, Stand::Hung], true), $size->tipping !== null);
        self::assertThat($size->tipping ?? 45.0, self::logicalAnd(self::greaterThanOrEqual(0.0), self::lessThan(90.0)));
    }

    #[DataProvider('designs')]
    public function test_its_faces_are_no_larger_than_its_filters(Design $design): void
    {
        $faces = array_sum(array_map(fn ($face): float => $face->netArea(), $design->assemble()->faces));
        $filters = $design->shape->filterCount($design) * $design->filter->netArea();

        self::assertGreaterThan(0.3 * $filters / ($design->shape->id() === 'stacked-panel' ? 2.0 : 1.0), $faces);
        self::assertLessThanOrEqual($filters + 1e-9, $faces);
        foreach ($design->assemble()->seams as $seam) {
            self::assertGreaterThan(0.0, $seam->length, $seam->name);
            self::assertGreaterThanOrEqual(1, $seam->count, $seam->name);
        }
    }

    #[DataProvider('designs')]
    public function test_what_goes_in_comes_out_at_every_speed(Design $design): void
    {
        $before = 0.0;
        foreach (self::performances($design) as $speed) {
            $balance = $speed->balance;
            $faces = array_sum(array_map(fn ($face): float => $face->flow, $speed->faces));
            $leaks = array_sum(array_map(fn ($leak): float => $leak->flow, $speed->leaks));

            self::assertEqualsWithDelta($balance->fanFlow, $balance->filterFlow + $balance->leakFlow, 1e-9);
            self::assertEqualsWithDelta([$balance->filterFlow, $balance->leakFlow], [$faces, $leaks], 1e-9);
            // A fan that holds its flow moves no more than its top speed can, at whichever setting.
            $design->fan->motor->holdsFlow ? self::assertGreaterThanOrEqual($before - 1e-12, $speed->cleanAir->e1) : self::assertGreaterThan($before, $speed->cleanAir->e1);
            self::assertLessThanOrEqual($balance->filterFlow, $speed->cleanAir->e3);
            $before = $speed->cleanAir->e1;
        }
    }

    #[DataProvider('designs')]
    public function test_a_tighter_joining_a_shroud_and_clean_air_never_make_it_worse(Design $design): void
    {
        $clean = fn (Design $one): float => self::top($one)->cleanAir->e1;
        $tight = new Design($design->shape, $design->fan, $design->filter, Sample::catalogue()->joining('hot-glue'), $design->corners, options: $design->options);
        $loose = new Design($design->shape, $design->fan, $design->filter, Sample::catalogue()->joining('suction'), $design->corners, options: $design->options);
        $open = new Design($design->shape, $design->fan, $design->filter, $design->joining, Corners::Open, options: $design->options);

        self::assertGreaterThanOrEqual($clean($loose) - 1e-12, $clean($tight));
        self::assertGreaterThanOrEqual($clean($open) - 1e-12, $clean($design));
        self::assertLessThan(self::top($design)->balance->fanFlow, self::top($design->with(filter: self::denser($design->filter)))->balance->fanFlow);
    }

    #[DataProvider('designs')]
    public function test_there_is_work_to_do_and_something_to_buy(Design $design): void
    {
        $work = Work::of($design);
        $list = ShoppingList::for($design, $design->assemble(), 2, Sample::catalogue());

        self::assertThat($work->minutes, self::logicalAnd(self::greaterThanOrEqual(5.0), self::lessThan(400.0)));
        self::assertSame($work->tools(), array_unique($work->tools()));
        self::assertSame([LineKind::Fan, 2 * $design->shape->fanCount($design)], [$list->lines[0]->kind, $list->lines[0]->needed]);
        self::assertSame([LineKind::Filter, 2 * $design->shape->filterCount($design)], [$list->lines[1]->kind, $list->lines[1]->needed]);
        self::assertLessThan($list->firstCost()->hundredths, $list->changeCost()->hundredths);
        foreach ($list->lines as $line) {
            self::assertGreaterThan(0, $line->needed, $line->name);
        }
        foreach (Steps::of($design) as $step) {
            self::assertStringEndsWith('.', $step->action);
            self::assertStringEndsWith('.', $step->reason);
        }
    }

    public function test_names_and_ids_are_their_own(): void
    {
        $all = Shapes::all();

        self::assertCount(count($all), array_unique(array_map(fn (Shape $shape): string => $shape->name(), $all)));
        self::assertCount(count($all), array_unique(array_map(fn (Shape $shape): string => $shape->description(), $all)));
    }

    public static function usual(Shape $shape): Design
    {
        return Fitting::into($shape, Sample::design(), Sample::catalogue()) ?? self::fail("Nothing goes into {$shape->id()}.");
    }

    public static function fits(Design $design): bool
    {
        try {
            $design->assemble();

            return true;
        } catch (DoesNotFit) {
            return false;
        }
    }

    /** Whether all of a hole's edge lies on the left of every side of a panel, whose corners run anticlockwise. */
    private static function inside(Hole $hole, Panel $panel): bool
    {
        foreach ($panel->outline as $number => $from) {
            $to = $panel->outline[($number + 1) % count($panel->outline)];
            foreach (self::edge($hole) as $at) {
                if (PlanePoint::turn($from, $to, new PlanePoint(...$at)) / $from->distanceTo($to) < -1e-9) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @return list<array{float, float}> points of a hole's edge */
    private static function edge(Hole $hole): array
    {
        return $hole->isRound
            ? array_map(fn (int $step): array => [$hole->x + $hole->width / 2.0 * cos(M_PI * $step / 12), $hole->y + $hole->width / 2.0 * sin(M_PI * $step / 12)], range(0, 23))
            : array_map(fn (array $corner): array => [$hole->x + $corner[0] * $hole->width / 2.0, $hole->y + $corner[1] * $hole->height / 2.0], [[-1, -1], [1, -1], [1, 1], [-1, 1]]);
    }

    /** With half as much again of drop. */
    private static function denser(Filter $filter): Filter
    {
        $velocity = 1.0;

        return Filter::fromData(['drop' => ['velocity_m_s' => $velocity, 'pressure_pa' => 1.5 * $filter->pressureLaw->drop($velocity)]] + $filter->data);
    }

    /** @return non-empty-list<Performance> */
    private static function performances(Design $design): array
    {
        return Unit::of($design, $design->assemble(), Air::reference())->performances();
    }

    private static function top(Design $design): Performance
    {
        $all = self::performances($design);

        return $all[count($all) - 1];
    }
}
