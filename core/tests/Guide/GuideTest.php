<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Guide;

use Jornel\Core\Caution\Caution;
use Jornel\Core\Cut\CutList;
use Jornel\Core\Guide\Guide;
use Jornel\Core\Guide\GuideStep;
use Jornel\Core\Guide\Making\Precedence;
use Jornel\Core\Guide\Steps;
use Jornel\Core\Guide\Work;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\DoesNotFit;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Tests\Sample;
use Jornel\Core\Tests\Shape\EveryShapeTest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Steps of every unit: ordered by what waits for what, with the parts that are bought and cut for it. */
final class GuideTest extends TestCase
{
    /** Orders that save a mistake, as far as a unit has both steps; common practice, no source. */
    private const ORDERS = [
        ['count', 'mark-fan'], ['count', 'arrows'],
        ['mark-fan', 'grille'], ['grille', 'fan'], ['mark-fan', 'fan'], ['mark-fan', 'test-fan'], ['mark-fan', 'stand'], ['guards', 'fans'], ['guards', 'fan'],
        ['arrows', 'tack'], ['arrows', 'glue-1'], ['tack', 'square'], ['square', 'test-fan'], ['square', 'seal'], ['test-fan', 'seal'], ['test-fan', 'glue-4'],
        ['test-fan', 'base'], ['square', 'base'], ['base', 'fan'], ['base', 'lower'], ['base', 'carton'], ['fifth', 'fan'],
        ['glue-1', 'glue-2'], ['glue-2', 'glue-3'], ['glue-3', 'square'], ['square', 'glue-4'], ['glue-4', 'fan'], ['glue-4', 'base'],
        ['pairs', 'tack'], ['pairs', 'glue-1'],
        ['corners', 'fan'], ['fan', 'shroud'], ['seal', 'fan', 'cube'], ['seal', 'fan', 'raised-cube'], ['seal', 'fan', 'tall-box'], ['seal', 'fan', 'duct-box'], ['cover', 'fan'],
        ['stand', 'tie'], ['tie', 'lower'], ['seal', 'lower'], ['cut-carton', 'in-carton'], ['in-carton', 'carton'],
        ['foam', 'frame'], ['fans', 'frame'], ['frame', 'first'], ['first', 'last'], ['first', 'square', 'array-box'], ['wire', 'last'], ['last', 'seal'],
        ['cut-tote', 'drill'], ['drill', 'fan'], ['fan', 'stand', 'tote'], ['frames', 'box'], ['box', 'hinge'], ['arrows', 'latch'],
        ['fit-board', 'seal'], ['fan', 'canister'], ['fill', 'canister'], ['power', 'ribbon'], ['ribbon', 'tissue'],
        ['look', 'power'], ['power', 'tissue'], ['tissue', 'patch'], ['patch', 'label'],
    ];

    /** @return iterable<string, array{Design}> */
    public static function designs(): iterable
    {
        yield from EveryShapeTest::designs();
        foreach (['cube', 'tall-box', 'raised-cube', 'duct-box'] as $id) {
            $usual = EveryShapeTest::usual(Shapes::get($id));
            yield "{$id}, glued" => [$usual->made(Corners::Taped, Sample::catalogue()->joining('hot-glue'))];
        }
        yield 'cube of eight, glued' => [Sample::design(filter: '10x20x1-g13-economy', joining: 'hot-glue', options: ['per-side' => '2'])];
        yield 'cube of eight' => [Sample::design(filter: '10x20x1-g13-economy', options: ['per-side' => '2'])];
        yield 'hanging fan' => [Sample::design('tall-box', 'box-20-plain', '20x30x1-g13-economy', corners: Corners::Open)];
    }

    #[DataProvider('designs')]
    public function test_the_orders_that_save_a_mistake_come_out_where_they_apply(Design $design): void
    {
        $this->assertOrders(array_map(fn ($step): string => $step->id, Steps::of($design)), $design);
    }

    #[DataProvider('designs')]
    public function test_the_order_follows_from_what_waits_for_what_not_from_how_it_is_written(Design $design): void
    {
        $steps = Steps::unordered($design);
        $numbers = array_keys($steps);
        mt_srand(14);
        for ($try = 0; $try < 5; $try++) {
            usort($numbers, fn (): int => mt_rand(-1, 1));
            $ordered = Precedence::order(array_map(fn (int $number): object => $steps[$number], $numbers));
            $this->assertOrders(array_map(fn ($step): string => $step->id, $ordered), $design);
        }
    }

    #[DataProvider('designs')]
    public function test_a_guide_takes_what_is_bought_and_cut_and_nothing_else(Design $design): void
    {
        $this->assertComplete($design);
    }

    public function test_random_builds_take_what_is_bought_and_cut_and_nothing_else(): void
    {
        $catalogue = Sample::catalogue();
        mt_srand(2026);
        $pick = fn (array $several): mixed => array_values($several)[mt_rand(0, count($several) - 1)];
        $made = [];
        for ($try = 0; $try < 12000 && count($made) < 400; $try++) {
            $shape = $pick(Shapes::all());
            $joining = $pick($catalogue->joinings);
            if (! $joining->holds($shape->id())) {
                continue;
            }
            $options = array_map(fn ($option): string => (string) $pick(array_keys($option->choices)), array_column($shape->options(), null, 'id'));
            $design = new Design($shape, $pick($catalogue->fans), $pick($catalogue->filters), $joining, $pick(Corners::cases()), null, $pick(Direction::cases()), $options);
            try {
                $design->assemble();
            } catch (DoesNotFit) {
                continue;
            }
            $made[$shape->id()] = ($made[$shape->id()] ?? 0) + 1;
            $made[] = 1;
            $this->assertComplete($design);
            $this->assertOrders(array_map(fn ($step): string => $step->id, Steps::of($design)), $design);
        }
        self::assertGreaterThan(12, count(array_filter(array_keys($made), is_string(...))));
    }

    #[DataProvider('designs')]
    public function test_every_step_says_what_when_why_and_what_may_go_wrong(Design $design): void
    {
        $guide = Guide::of($design, Sample::catalogue());
        $known = array_map(fn (Caution $caution): string => $caution->id, Sample::data()->cautions()->all);
        $ids = [];
        foreach ($guide->steps as $number => $step) {
            self::assertSame($number + 1, $step->number);
            self::assertNotContains($step->id(), $ids);
            self::assertSame([], array_diff($step->after, $ids), "{$step->id()} waits for what comes later");
            self::assertStringEndsWith('.', $step->step->action);
            self::assertStringEndsWith('.', $step->step->reason);
            self::assertGreaterThan(0.0, $step->step->minutes());
            self::assertSame([], array_diff($step->step->cautions(), $known));
            foreach ($step->mends() as $mend) {
                self::assertNotSame('', $mend->title());
                self::assertStringEndsWith('.', $mend->advice());
            }
            $ids[] = $step->id();
        }
        self::assertLessThanOrEqual($guide->work() + array_sum(array_map(fn (GuideStep $step): float => $step->step->wait, $guide->steps)), $guide->shortest());
        self::assertGreaterThan(0.0, $guide->shortest());
        // Blades and hot glue are for adults; somebody else checks.
        foreach ($guide->steps as $step) {
            self::assertSame(array_intersect($step->step->tools(), ['knife', 'saw', 'drill', 'glue gun', 'scissors', 'awl', 'cutters']) !== [], $step->step->isForAdults());
        }
        self::assertCount(1, array_filter($guide->steps, fn (GuideStep $step): bool => $step->step->isCheck));
    }

    public function test_a_glued_box_is_turned_the_same_way_round_and_waits_at_every_corner(): void
    {
        $guide = Guide::of(Sample::design('tall-box', filter: '20x25x1-g13-economy', joining: 'hot-glue', corners: Corners::Open), Sample::catalogue());
        $glue = array_values(array_filter($guide->steps, fn (GuideStep $step): bool => str_starts_with($step->id(), 'glue-')));

        self::assertSame(['glue-1', 'glue-2', 'glue-3', 'glue-4'], array_map(fn (GuideStep $step): string => $step->id(), $glue));
        self::assertStringContainsString('its arrow up', $glue[0]->step->action);
        foreach ([1, 2] as $number) {
            self::assertStringContainsString('clockwise', $glue[$number]->step->action);
            self::assertStringContainsString('right', $glue[$number]->step->action);
        }
        foreach ($glue as $step) {
            self::assertSame(1.0, $step->step->wait);
            self::assertTrue($step->step->isForAdults());
            self::assertContains('hot-glue', $step->step->cautions());
        }
        // Nobody is needed while it holds: the waits lengthen the longest chain, not the work. By hand: count 2, arrows 2, four
        // corners of 3.75 with a minute after each, square 2, fit 2 (between the third and the last), base 2 + 8, fan 2 + 8, look 1,
        // power 1, tissue 4, patch 2, label 2.
        self::assertSame(2.0 + 2.0 + 15.0 + 4.0 + 2.0 + 2.0 + 10.0 + 10.0 + 10.0, $guide->shortest());
    }

    #[DataProvider('designs')]
    public function test_another_joining_changes_what_its_seams_take_and_nothing_else(Design $design): void
    {
        // The finder works a unit out once and joins it in every way.
        $work = Work::of($design);
        foreach (Sample::catalogue()->joinings as $joining) {
            $other = Work::of($design->made($design->corners, $joining));
            self::assertEqualsWithDelta($other->minutes, $work->minutesWith($joining), 1e-9, $joining->id);
            self::assertEqualsCanonicalizing($other->tools(), $work->joinedWith($joining)->tools(), $joining->id);
            self::assertEqualsCanonicalizing($other->skills(), $work->joinedWith($joining)->skills(), $joining->id);
        }
    }

    public function test_a_cube_by_hand(): void
    {
        // The usual order of a taped cube; common practice, no source.
        $guide = Guide::of(Sample::design(), Sample::catalogue());

        self::assertSame(
            ['count', 'mark-fan', 'cut-board-24x36', 'arrows', 'tack', 'square', 'test-fan', 'base', 'seal', 'fan', 'shroud', 'look', 'power', 'tissue', 'patch', 'label'],
            array_map(fn (GuideStep $step): string => $step->id(), $guide->steps),
        );
        self::assertSame(['A Base', 'B Shroud'], array_slice(array_map(fn ($part): string => $part->told(), $guide->step('cut-board-24x36')->parts ?? []), 0, 2));
        // 2 + 3 + 10 + 2 + 5 + 2 + 2 + (2 + 4) + (2 + 4) + (2 + 4) + (1 + 4) + 1 + 1 + 4 + 2 + 2.
        self::assertSame(59.0, $guide->work());
        // All but running the fan (3) and cutting (10), which others do beside arrows, tack and square: 59 - 13.
        self::assertSame(46.0, $guide->shortest());
    }

    /** @param  list<string>  $ids */
    private function assertOrders(array $ids, Design $design): void
    {
        $place = array_flip($ids);
        foreach (self::ORDERS as $order) {
            [$first, $then] = $order;
            if (isset($place[$first], $place[$then]) && ($order[2] ?? $design->shape->id()) === $design->shape->id()) {
                self::assertLessThan($place[$then], $place[$first], "{$first} comes before {$then} in {$design->title()}");
            }
        }
        self::assertSame('count', $ids[0]);
        self::assertSame('label', $ids[count($ids) - 1]);
    }

    private function assertComplete(Design $design): void
    {
        $assembly = $design->assemble();
        $there = $cut = $used = $taken = [];
        foreach (ShoppingList::for($design, $assembly, 1, Sample::catalogue())->lines as $line) {
            $there[$line->part] = $line->needed + ($there[$line->part] ?? 0);
        }
        foreach (CutList::of($design, $assembly) as $part) {
            $cut[$part->label] = $part->count;
        }
        foreach (Guide::of($design, Sample::catalogue())->steps as $step) {
            foreach ($step->parts as $part) {
                if ($part->label === null) {
                    $used[$part->part] = ($used[$part->part] ?? 0) + $part->count;
                    self::assertLessThanOrEqual($there[$part->part] ?? 0, $part->count);
                } else {
                    $taken[$part->label] = true;
                    self::assertSame($cut[$part->label] ?? 0, $part->count);
                }
            }
        }
        $title = "{$design->title()}, {$design->joining->id}, {$design->corners->value}, ".json_encode($design->options);
        self::assertSame([], array_diff_key($there, $used), "bought and not used: {$title}");
        self::assertSame([], array_diff_key($used, $there), "used and not bought: {$title}");
        self::assertSame([], array_diff_key($cut, $taken), "cut and not used: {$title}");
        foreach ($there as $part => $count) {
            self::assertGreaterThanOrEqual($count, $used[$part], "{$part} of {$title}");
        }
    }
}
