<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Finder;

use Brick\Math\BigDecimal;
use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Finder\Axis;
use Jornel\Core\Finder\Measures;
use Jornel\Core\Finder\MeasureSteps;
use Jornel\Core\Finder\PriceBook;
use Jornel\Core\Finder\Space\BalanceBound;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Kit\LineKind;
use Jornel\Core\Kit\RunningCost;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Comparing in steps, prices, and places along the axes. */
final class StepsTest extends TestCase
{
    public function test_packed_counts_compare_as_each_of_them_would(): void
    {
        $draw = new Randomizer(new Mt19937(4));
        $some = fn (): array => [new Measures($draw->getInt(0, 40) * 1000, 0, 20.0 + 2.0 * $draw->getInt(0, 30), 0.0929 * $draw->getInt(0, 6), 1.0, 10.0 * $draw->getInt(0, 6), 15.0 * $draw->getInt(0, 6)), $draw->getInt(4, 9) / 4.0];
        $counts = fn (array $one): array => [$one[0]->totalCost(), $one[0]->level, -min(2.0, $one[1]), $one[0]->footprint, $one[0]->power, $one[0]->minutes];
        for ($i = 0; $i < 4000; $i++) {
            [$one, $other] = [$some(), $some()];
            $noWorse = array_filter(array_map(fn (float|int $a, float|int $b): bool => $a > $b + 1e-9, $counts($one), $counts($other))) === [];
            [$packed, $packedOther] = [MeasureSteps::of(...$one), MeasureSteps::of(...$other)];

            self::assertSame($noWorse, MeasureSteps::isNoWorse($packed, $packedOther));
            self::assertSame($noWorse && $packed !== $packedOther ? $packed : null, MeasureSteps::firstBetter([$packed], $packedOther));
            self::assertSame($noWorse ? [7] : [], MeasureSteps::noWorse([7 => $packed], $packedOther));
            self::assertSame(MeasureSteps::of(...self::better($one, $other)), MeasureSteps::least($packed, $packedOther));
        }
    }

    public function test_a_step_is_not_missed_by_a_hair_and_what_is_beyond_the_last_counts_as_the_last(): void
    {
        $at = fn (float $footprint, float $minutes = 0.0, int $cost = 0): int => MeasureSteps::of(new Measures($cost, 0, 40.0, $footprint, 1.0, 0.0, $minutes), 1.0);

        self::assertSame($at(3 * MeasureSteps::FOOTPRINT), $at(3 * MeasureSteps::FOOTPRINT * (1.0 - 1e-12)));
        self::assertNotSame($at(3 * MeasureSteps::FOOTPRINT), $at(2.99 * MeasureSteps::FOOTPRINT));
        self::assertSame($at(0.1, 1e6), $at(0.1, 1e7));
        self::assertTrue(MeasureSteps::isNoWorse($at(0.1, 0.0, 0), $at(0.1, 1e9, PHP_INT_MAX >> 8)));
    }

    public function test_prices_of_the_book_are_those_of_the_shopping_list(): void
    {
        $catalogue = Sample::catalogue();
        $economy = Economy::of(BigDecimal::of('0.27'), 7.5, 3.0, 5);
        foreach ([Stock::none(), Stock::of(['box-20-plain' => 1, '20x20x1-g13-dense' => 3, 'duct-tape' => 1])] as $stock) {
            $book = new PriceBook($stock, $economy);
            foreach ([1, 2, 4] as $units) {
                $design = Sample::design(filter: '20x20x1-g13-dense');
                $list = ShoppingList::for($design, $design->assemble(), $units, $catalogue, $stock);
                $fans = $filters = 0;
                foreach ($list->lines as $line) {
                    $price = $line->packs->price->toFloat();
                    [$fans, $filters] = [$fans + ($line->kind === LineKind::Fan ? $price : 0.0), $filters + ($line->kind === LineKind::Filter ? $price : 0.0)];
                }
                self::assertEqualsWithDelta($fans + $filters, $book->kit([[$design->fan, $units], [$design->filter, 4 * $units]]) / 100.0, 1e-9);
                self::assertLessThanOrEqual($book->kit([[$design->filter, 4], [$design->filter, 4 * $units]]), $book->atLeast($design->filter, 4) + $book->atLeast($design->filter, 4 * $units));
                $cost = RunningCost::of($list, 55.0 * $units, $economy);
                $running = $book->running($book->refill($design->filter, 4 * $units), (float) $economy->changes, $book->energy(55.0 * $units));
                self::assertEqualsWithDelta($cost->total->toFloat() - $cost->first->toFloat(), $running / 100.0, 1e-9);
            }
        }
    }

    public function test_the_best_stands_on_top_of_every_axis(): void
    {
        $cost = Axis::Cost->places([120.0, 300.0, 900.0]);
        $share = Axis::Share->places([1.0, 1.5, 2.0]);

        self::assertSame([1.0, 0.0], [$cost(120.0), $cost(900.0)]);
        self::assertEqualsWithDelta(log(900.0 / 300.0) / log(900.0 / 120.0), $cost(300.0), 1e-12);
        self::assertEqualsWithDelta(0.5, $share(1.5), 1e-12);
        self::assertSame([1.0, 2.0], [Axis::Share->marks([1.0, 2.0])[0], Axis::Share->marks([2.0, 1.0])[2]]);
        self::assertSame(1.0, Axis::Level->places([44.0])(44.0), 'one alone is the best');
    }

    public function test_a_bracket_lies_at_or_just_above_the_balance(): void
    {
        $balanceBound = new BalanceBound;
        foreach ([['cube', 'box-20-plain', '20x20x1-g13-economy'], ['array-box', 'pc-120', '16x25x1-g13-dense'], ['tote', 'blower-cage', '16x25x1-g13-economy']] as $parts) {
            $design = Sample::design(...$parts);
            $unit = Unit::of($design, $design->assemble(), Air::reference());
            foreach ($unit->performances() as $number => $performance) {
                [$least, $most] = $balanceBound->between("{$parts[1]} {$number}", $unit->curve($performance->speed), $unit->box);
                self::assertLessThanOrEqual($performance->balance->pressure * (1.0 + 1e-9), $least);
                self::assertGreaterThanOrEqual($performance->balance->pressure * (1.0 - 1e-9), $most);
                self::assertLessThan($performance->balance->pressure * 1.2, $most, 'loose bounds prune nothing');
            }
        }
    }

    /**
     * @param  array{Measures, float}  $one
     * @param  array{Measures, float}  $other
     * @return array{Measures, float} the better in each measure
     */
    private static function better(array $one, array $other): array
    {
        [[$a, $share], [$b, $otherShare]] = [$one, $other];

        return [
            new Measures(min($a->firstCost, $b->firstCost), 0, min($a->level, $b->level), min($a->footprint, $b->footprint), 1.0, min($a->power, $b->power), min($a->minutes, $b->minutes)),
            max($share, $otherShare),
        ];
    }
}
