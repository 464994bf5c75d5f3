<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Shape;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Leak;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Guide\Steps;
use Jornel\Core\Guide\Work;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DoesNotFit;
use Jornel\Core\Shape\LeakKind;
use Jornel\Core\Shape\Shape;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** One rule for a fan's corners on every shape, and a collar for what the housing does not cover. */
final class CornersTest extends TestCase
{
    private const SQUARE_INCH = 0.0254 ** 2;

    #[TestWith(['box-20-plain', 45.0, 15.0, 4.0])]
    #[TestWith(['circulator-12', 1.0, 1.0, 1.0])]
    #[TestWith(['circulator-11', 2.0, 2.0, 2.0])]
    #[TestWith(['floor-18-guard', 12.0, 4.0, 3.0])]
    public function test_tape_leaves_a_third_and_a_ring_works_like_a_shroud(string $fan, float $open, float $taped, float $shrouded): void
    {
        // A 20 in box fan: 45 in2 open, 15 with its front corners taped, 4 with a shroud (assumed). The circulator of 12 in has a
        // ring in line with its blades; the one of 11 in a plate in front, which does what tape does: a third of 6 in2.
        $fan = Sample::catalogue()->fan($fan);

        self::assertEqualsWithDelta([$open, $taped, $shrouded], array_map(fn (Corners $corners): float => $corners->recirculation($fan) / self::SQUARE_INCH, Corners::cases()), 1e-9);
    }

    /** @return iterable<string, array{Shape}> */
    public static function shapes(): iterable
    {
        foreach (Shapes::all() as $shape) {
            yield $shape->id() => [$shape];
        }
    }

    #[DataProvider('shapes')]
    public function test_what_is_done_about_the_corners_counts_the_same_on_every_shape(Shape $shape): void
    {
        $design = EveryShapeTest::usual($shape);
        // With a fan that has neither ring nor plate, whatever goes on this shape.
        $plain = $design->with(fan: Sample::fan(['built_in_shroud' => 'none', 'recirculation_open_in2' => ['value' => 9.0, 'from' => 'assumed'], 'recirculation_taped_in2' => ['value' => 3.0, 'from' => 'assumed'], 'recirculation_shrouded_in2' => ['value' => 1.0, 'from' => 'assumed']], $design->fan->id));
        $area = function (Corners $corners) use ($plain): array {
            $made = $plain->made($corners, $plain->joining);
            $leaks = Leak::of($made->assemble(), $made);

            return array_map(fn (Leak $leak): float => $leak->area / self::SQUARE_INCH, array_values(array_filter($leaks, fn (Leak $leak): bool => $leak->kind === LeakKind::Recirculation)));
        };
        if (in_array($shape->id(), ['tote', 'mask-sheet'], true)) {
            // A blower is bolted on, and a film covers the fan's whole front: nothing falls back.
            self::assertSame([[], [], []], array_map($area, Corners::cases()));

            return;
        }
        $fans = $plain->shape->fanCount($plain);

        self::assertEqualsWithDelta([[9.0 * $fans], [3.0 * $fans], [1.0 * $fans]], array_map($area, Corners::cases()), 1e-9);
    }

    public function test_only_a_collar_closes_what_the_fan_leaves_open_of_a_larger_filter(): void
    {
        // 24 x 24 on a fan of 20.8 in, held by suction. Opening (23.5 - 0.945)^2 in2, of which 20.8^2 lie under the housing: a
        // ring of 76.1 in2.
        $made = fn (Corners $corners, string $collar): Design => Sample::design('flat-panel', 'box-20-deep', '24x24x1-g13-economy', 'suction', $corners, ['collar' => $collar]);
        $bypass = fn (Corners $corners, string $collar): ?float => self::top($made($corners, $collar))->balance->bypassShare();
        $kinds = fn (Corners $corners, string $collar): array => array_map(fn ($opening): LeakKind => $opening->kind, $made($corners, $collar)->assemble()->openings);

        self::assertEqualsWithDelta(76.1, array_column($made(Corners::Shroud, 'none')->assemble()->openings, 'area', 'name')['Ring that the fan does not cover'] / self::SQUARE_INCH, 0.1);
        foreach (Corners::cases() as $corners) {
            self::assertGreaterThan(0.5, $bypass($corners, 'none'), $corners->value);
            // Flat on the filter the collar leaves its corners dead, which raises the pressure and so the share of the leaks.
            self::assertLessThan(0.20, $bypass($corners, 'collar'), $corners->value);
            self::assertContains(LeakKind::UncoveredRing, $kinds($corners, 'none'));
            self::assertNotContains(LeakKind::UncoveredRing, $kinds($corners, 'collar'));
        }
    }

    #[TestWith(['flat-panel', '24x24x1-g13-economy'])]
    #[TestWith(['stacked-panel', '24x24x1-g13-economy'])]
    #[TestWith(['window-insert', '24x24x1-g13-economy'])]
    #[TestWith(['wedge', '20x20x1-g13-economy', 19.0])]
    #[TestWith(['drawer', '20x25x1-g13-economy'])]
    public function test_a_collar_is_bought_cut_taped_drawn_and_timed(string $shape, string $filter, float $side = 20.8): void
    {
        $fan = Sample::fan(['body' => ['side_in' => $side, 'blade_circle_in' => 18.0]], 'box-20-deep');
        [$without, $with] = array_map(fn (string $collar): Design => Sample::design($shape, 'box-20-deep', $filter, 'duct-tape', Corners::Open, ['collar' => $collar])->with(fan: $fan), ['none', 'collar']);
        $isRefused = false;
        try {
            $without->assemble();
        } catch (DoesNotFit) {
            $isRefused = true;
        }
        $collar = array_column($with->assemble()->panels, null, 'id')['collar'];
        $body = $with->fan->body;

        self::assertEqualsWithDelta($body->bladeCircle, $collar->hole, 1e-12);
        self::assertGreaterThan($body->bladeCircle, min($collar->width, $collar->height));
        self::assertContains('collar', array_column($with->scene()->solids, 'part'));
        self::assertContains('Fan to its collar', array_column($with->assemble()->seams, 'name'));
        self::assertNotSame([], array_filter(Steps::of($with), fn ($step): bool => in_array('collar', $step->sets, true)));
        self::assertContains('cutting', Work::of($with)->skills());
        if (! $isRefused) {
            self::assertGreaterThan(Work::of($without)->minutes, Work::of($with)->minutes);
            self::assertGreaterThanOrEqual(ShoppingList::for($without, $without->assemble(), 4, Sample::catalogue())->firstCost()->hundredths, ShoppingList::for($with, $with->assemble(), 4, Sample::catalogue())->firstCost()->hundredths);
        }
    }

    public function test_a_small_round_fan_goes_on_a_large_panel_with_a_collar_alone(): void
    {
        $fits = Sample::design('flat-panel', 'circulator-12', '20x20x1-g13-economy', options: ['collar' => 'collar']);

        self::assertCount(1, $fits->assemble()->faces);
        $this->expectException(DoesNotFit::class);
        $this->expectExceptionMessage('Choose a collar');
        Sample::design('flat-panel', 'circulator-12', '20x20x1-g13-economy')->assemble();
    }

    public function test_where_the_fan_covers_the_filter_a_collar_has_nothing_to_close(): void
    {
        [$none, $collar] = array_map(fn (string $choice): Design => Sample::design('flat-panel', options: ['collar' => $choice]), ['none', 'collar']);

        self::assertEquals($none->assemble(), $collar->assemble());
        self::assertSame(Work::of($none)->minutes, Work::of($collar)->minutes);
    }

    private static function top(Design $design): Performance
    {
        $all = Unit::of($design, $design->assemble(), Air::reference())->performances();

        return $all[count($all) - 1];
    }
}
