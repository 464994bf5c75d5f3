<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Kit;

use Brick\Math\BigDecimal;
use Jornel\Core\Air\Air;
use Jornel\Core\Air\PerBin;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Kit\CutPlanEntry;
use Jornel\Core\Kit\CutTerms;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Kit\FilterLife;
use Jornel\Core\Kit\Kit;
use Jornel\Core\Kit\KitCost;
use Jornel\Core\Kit\KitOrder;
use Jornel\Core\Kit\RunningCost;
use Jornel\Core\Kit\ShoppingLine;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Kit\Substitute;
use Jornel\Core\Nest\Grain;
use Jornel\Core\Quantity\System;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** One list for several builds, what it costs, what would do instead, and how parts are to be laid out as it is written. */
final class TogetherTest extends TestCase
{
    public function test_one_build_by_itself_takes_what_it_always_took(): void
    {
        foreach ([Sample::design(), Sample::design('wedge', joining: 'hot-glue'), Sample::design('array-box', 'pc-140', '20x20x1-g13-dense'), Sample::design('tote', 'inline-8', '10x20x1-g13-dense')] as $design) {
            $order = new KitOrder($design, 3);
            $kit = ShoppingList::for($design, $order->assembly, 3, Sample::catalogue());
            $sheets = [];
            foreach ($kit->lines as $line) {
                if ($line->kind->value === 'sheet') {
                    $sheets[$line->part] = $line->needed;
                }
            }
            $together = ShoppingList::together([$order], Sample::catalogue(), $sheets);
            $told = fn (ShoppingList $list): array => array_column(array_map(fn (ShoppingLine $line): array => ['part' => $line->part, 'needed' => $line->needed], $list->lines), 'needed', 'part');
            self::assertEquals($told($kit), $told($together), $design->title());
            self::assertSame((string) $kit->firstCost(), (string) $together->firstCost());
            self::assertSame((string) $kit->changeCost(), (string) $together->changeCost());
        }
    }

    public function test_pieces_and_lengths_are_added_up_before_packs_are_chosen(): void
    {
        $orders = [new KitOrder(Sample::design(), 1), new KitOrder(Sample::design(corners: Corners::Taped), 2), new KitOrder(Sample::design('wedge'), 1)];
        $lines = array_column(ShoppingList::together($orders, Sample::catalogue(), [])->lines, null, 'part');
        self::assertSame([4, 4 + 8 + 2], [$lines['box-20-plain']->needed, $lines['20x20x1-g13-economy']->needed]);
        // Rolls by the length of all seams together: two passes and a tenth, 25 m a roll (data/parts/materials.json).
        $metres = array_sum(array_map(fn (KitOrder $order): float => $order->units * $order->assembly->joinedLength() * 2.2, $orders));
        self::assertSame((int) ceil($metres / 25.0), $lines['duct-tape']->needed);
        $apart = array_sum(array_map(fn (KitOrder $order): int => (int) ceil($order->units * $order->assembly->joinedLength() * 2.2 / 25.0), $orders));
        self::assertLessThan($apart, $lines['duct-tape']->needed);
    }

    public function test_a_filter_that_one_build_has_in_front_and_another_behind_is_one_line(): void
    {
        $behind = Sample::design('flat-panel', filter: '20x20x1-coarse');
        $front = Sample::design('flat-panel', filter: '20x20x1-g13-dense', prefilter: '20x20x1-coarse');
        $lines = array_filter(ShoppingList::together([new KitOrder($front, 2), new KitOrder($behind, 1)], Sample::catalogue(), [])->lines, fn (ShoppingLine $line): bool => $line->part === '20x20x1-coarse');
        self::assertSame([3], array_values(array_map(fn (ShoppingLine $line): int => $line->needed, $lines)));
    }

    public function test_stock_is_taken_once(): void
    {
        $list = ShoppingList::together([new KitOrder(Sample::design(), 1), new KitOrder(Sample::design(corners: Corners::Open), 1)], Sample::catalogue(), ['board-24x36' => 2], Stock::of(['20x20x1-g13-economy' => 5, 'board-24x36' => 9]));
        $lines = array_column($list->lines, null, 'part');
        self::assertSame([8, 5], [$lines['20x20x1-g13-economy']->needed, $lines['20x20x1-g13-economy']->fromStock]);
        self::assertSame([2, 2, []], [$lines['board-24x36']->needed, $lines['board-24x36']->fromStock, $lines['board-24x36']->packs->packs]);
    }

    public function test_a_kit_costs_what_its_list_and_its_watts_cost(): void
    {
        $economy = Economy::of(BigDecimal::of('0.30'), 10.0, 2.0, 4);
        $kit = Kit::of([new KitOrder(Sample::design(), 2), new KitOrder(Sample::design('wedge'), 1)], Sample::catalogue());
        $watts = $clean = 0.0;
        $smoke = Sample::data()->pollutants()->get('cadr-smoke');
        foreach ($kit->orders as $order) {
            $performances = Performance::ofAllSpeeds($order->design, $order->assembly, Air::reference());
            $watts += $order->units * end($performances)->watts;
            $clean += $order->units * end($performances)->clean($smoke);
        }
        $cost = KitCost::of($kit, $economy);
        // Each filter is changed as often as its builds are: two cubes to one wedge, by the price of their filters alike.
        $changes = array_map(fn (KitOrder $order): float => FilterLife::inSmoke()->changes(self::top($order), $order->design, $economy), $kit->orders);
        self::assertSame((string) RunningCost::of($kit->list, $watts, $economy, (8 * $changes[0] + 2 * $changes[1]) / 10)->total, (string) $cost->cost->total);
        self::assertEqualsWithDelta($cost->cost->total->toFloat() / $clean, $cost->perCleanAir($smoke), 1e-6);
        // A cubic foot a minute is 0.000471947 m3/s (NIST SP 811).
        self::assertSame(sprintf('%.2f per cfm', $cost->cost->total->toFloat() / $clean * 0.000471947443), $cost->perCleanAirTold($smoke)->text(System::Imperial));
    }

    public function test_a_substitute_has_the_size_and_the_grade_of_what_it_stands_in_for(): void
    {
        $order = new KitOrder(Sample::design(filter: '20x20x1-g13-dense'), 2);
        $found = Substitute::all($order, Sample::catalogue());
        self::assertNotSame([], $found);
        foreach ($found as $one) {
            self::assertSame('13', $one->filter->grade->id);
            self::assertStringStartsWith('20x20x', $one->filter->nominal);
            self::assertNotSame($order->design->filter->id, $one->filter->id);
            self::assertGreaterThan(0.5, $one->share);
        }
        $shares = array_column($found, 'share');
        $sorted = $shares;
        rsort($sorted);
        self::assertSame($sorted, $shares, 'the best first');
        self::assertSame([], Substitute::all(new KitOrder(Sample::design('ring', 'pc-120', 'ring-180x200'), 1), Sample::catalogue()));
    }

    public function test_which_carton_is_large_enough_is_told_with_the_parts_that_come_out_of_it(): void
    {
        $told = Kit::of([new KitOrder(Sample::design(), 1)], Sample::catalogue())->cartonTold()?->text(System::Imperial);
        self::assertStringStartsWith('Shroud and base come out of the fan’s carton', (string) $told);
        self::assertStringStartsWith('Shroud comes out of', (string) Kit::of([new KitOrder(Sample::design('raised-cube'), 1)], Sample::catalogue())->cartonTold()?->text(System::Metric));
        self::assertNull(Kit::of([new KitOrder(Sample::design(), 1)], Sample::catalogue(), new CutTerms(fromCartons: false))->cartonTold());
    }

    public function test_a_plan_is_read_in_either_measure_and_kept_with_its_units(): void
    {
        $fields = ['kerf' => '1/8', 'margin' => '0', 'cartons' => false, 'flaps' => true, 'printed' => 5, 'sheets' => [['name' => ' Filters ', 'width' => '19 1/2', 'height' => '495 mm', 'count' => 2, 'grain' => 'across']], 'pinned' => [['label' => 'A.1', 'sheet' => 'own-1', 'number' => 1, 'x_mm' => 12.5, 'y_mm' => 0, 'turn' => 450]]];
        $entry = CutPlanEntry::read($fields, System::Imperial);
        self::assertEqualsWithDelta([0.003175, 0.0, 0.4953, 0.495], [$entry->terms->kerf, $entry->terms->margin, $entry->terms->sheets[0]->width, $entry->terms->sheets[0]->height], 1e-9);
        self::assertSame([false, true, 2, Grain::Across, 90], [$entry->terms->fromCartons, $entry->terms->withFlaps, $entry->terms->printed, $entry->terms->sheets[0]->grain, $entry->terms->pinned[0]->degrees]);
        self::assertSame(['1/8 in', 'Filters', '19 1/2 in'], [$entry->written['kerf'], $entry->written['sheets'][0]['name'], $entry->written['sheets'][0]['width']]);
        self::assertEquals($entry, CutPlanEntry::read($entry->written, System::Metric), 'what is kept means something else in the other measure');
        try {
            CutPlanEntry::read(['kerf' => '2 in', 'margin' => '', 'sheets' => [['width' => '9 m', 'height' => '1', 'count' => 0]]], System::Imperial);
            self::fail('taken');
        } catch (InvalidEntries $faults) {
            self::assertSame(['kerf', 'margin', 'sheets.0.width', 'sheets.0.count'], array_map(fn ($fault): string => $fault->field, $faults->faults));
        }
    }

    private static function top(KitOrder $order): PerBin
    {
        $performances = Performance::ofAllSpeeds($order->design, $order->assembly, Air::reference());

        return end($performances)->cleanAir;
    }
}
