<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Kit;

use Jornel\Core\Kit\InvalidStock;
use Jornel\Core\Kit\KitPart;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Kit\Stock;
use Jornel\Core\Kit\StockLine;
use Jornel\Core\Kit\StockMove;
use Jornel\Core\Part\PartKind;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class StockTest extends TestCase
{
    public function test_reserved_pieces_stay_on_the_shelf_and_are_used_first(): void
    {
        $line = self::moved([[StockMove::Bought, 12], [StockMove::Reserved, 5, 1], [StockMove::Reserved, 4, 2], [StockMove::Used, 7, 1]]);

        self::assertSame([5, 4, 1], [$line->onHand, $line->reserved(), $line->free()]);
        self::assertSame([5, 1], [$line->freeFor(2), $line->freeFor(1)]);
    }

    public function test_what_comes_back_is_released_before_it_is_taken_out_of_the_build(): void
    {
        $line = self::moved([[StockMove::Bought, 6], [StockMove::Used, 2, 1], [StockMove::Reserved, 3, 1], [StockMove::Returned, 4, 1]]);

        self::assertSame([5, 0, 5], [$line->onHand, $line->reserved(), $line->free()]);
        self::assertSame([1 => 1], $line->used);
    }

    #[TestWith([[['bought', 3], ['reserved', 4, 1]], 'Available in stock: 3. You entered 4.'])]
    #[TestWith([[['bought', 3], ['reserved', 2, 1], ['used', 2, 2]], 'Available or reserved for this build: 1. You entered 2.'])]
    #[TestWith([[['bought', 3], ['used', 1, 1], ['returned', 2, 1]], 'Reserved for this build or used in it: 1. You entered 2.'])]
    #[TestWith([[['returned', 1]], 'Used without a build: 0. You entered 1.'])]
    #[TestWith([[['bought', 0]], 'Enter at least one piece.'])]
    #[TestWith([[['bought', 2], ['reserved', 1]], 'Choose the build to reserve them for.'])]
    public function test_nothing_is_counted_twice(array $moves, string $said): void
    {
        $this->expectException(InvalidStock::class);
        $this->expectExceptionMessage($said);
        self::moved(array_map(fn (array $move): array => [StockMove::from($move[0]), ...array_slice($move, 1)], $moves));
    }

    public function test_pieces_are_neither_made_nor_lost_whatever_happens(): void
    {
        $draw = new Randomizer(new Mt19937(7));
        $line = StockLine::empty();
        $bought = 0;
        for ($i = 0; $i < 2000; $i++) {
            $move = StockMove::cases()[$draw->getInt(0, 3)];
            $pieces = $draw->getInt(1, 6);
            try {
                $line = $line->after($move, $pieces, [null, 1, 2, 3][$draw->getInt(0, 3)]);
                $bought += $move === StockMove::Bought ? $pieces : 0;
            } catch (InvalidStock) {
                continue;
            }
            self::assertSame($bought, $line->onHand + array_sum($line->used));
            self::assertGreaterThanOrEqual(0, $line->free());
            self::assertSame([], array_filter([...$line->reserved, ...$line->used], fn (int $count): bool => $count < 0));
        }
        self::assertGreaterThan(100, $bought);
    }

    public function test_a_kit_takes_from_stock_and_buys_the_rest_in_whole_packs(): void
    {
        $design = Sample::design();
        $list = ShoppingList::for($design, $design->assemble(), 1, Sample::catalogue(), Stock::of([$design->fan->id => 1, $design->filter->id => 3]));
        [$fan, $filter] = $list->lines;

        self::assertSame([1, 1, '0.00'], [$fan->needed, $fan->fromStock, (string) $fan->packs->price]);
        self::assertSame([4, 3], [$filter->needed, $filter->fromStock]);
        self::assertSame((string) $design->filter->packs[0]->price, (string) $filter->packs->price);
        // A change is bought whole: by then the stock is gone.
        self::assertSame((string) ShoppingList::for($design, $design->assemble(), 1, Sample::catalogue())->changeCost(), (string) $list->changeCost());
    }

    public function test_two_lines_of_one_part_do_not_take_the_same_piece(): void
    {
        $design = Sample::design('stacked-panel', filter: '20x20x2-g13', prefilter: '20x20x2-g13');
        $list = ShoppingList::for($design, $design->assemble(), 2, Sample::catalogue(), Stock::of(['20x20x2-g13' => 3]));
        $lines = array_values(array_filter($list->lines, fn ($line): bool => $line->part === '20x20x2-g13'));

        self::assertSame(3, array_sum(array_map(fn ($line): int => $line->fromStock, $lines)));
    }

    public function test_a_kit_is_reserved_from_what_is_free_and_counts_on_nothing_else(): void
    {
        $design = Sample::design();
        $kit = ShoppingList::for($design, $design->assemble(), 2, Sample::catalogue());
        $shelf = [
            "fan {$design->fan->id}" => self::moved([[StockMove::Bought, 5], [StockMove::Reserved, 1, 7], [StockMove::Reserved, 3, 9]]),
            "filter {$design->filter->id}" => self::moved([[StockMove::Bought, 20], [StockMove::Used, 4, 7], [StockMove::Reserved, 1, 7]]),
        ];
        $parts = [];
        foreach (KitPart::list($kit, $shelf, 7) as $part) {
            $parts[$part->kind->value] = $part;
        }

        self::assertSame([2, 0, 1, 1], [$parts['fan']->needed, $parts['fan']->used, $parts['fan']->reserved, $parts['fan']->free]);
        self::assertSame([8, 4, 1, 15], [$parts['filter']->needed, $parts['filter']->used, $parts['filter']->reserved, $parts['filter']->free]);
        self::assertSame([1, 3, 0], array_map(fn (string $kind): int => $parts[$kind]->moved(StockMove::Reserved), ['fan', 'filter', 'material']));
        self::assertSame([1, 1, 0], array_map(fn (string $kind): int => $parts[$kind]->moved(StockMove::Used), ['fan', 'filter', 'material']));
        self::assertSame(0, $parts['fan']->moved(StockMove::Bought));
        $left = $kit->takingFrom(KitPart::secured(array_values($parts)))->lines;
        self::assertSame([1, 5], [$left[0]->fromStock, $left[1]->fromStock]);
        $secured = Stock::securedFor(7, $shelf);
        self::assertSame([1, 5, 0], [$secured->pieces($design->fan->id), $secured->pieces($design->filter->id), $secured->pieces('duct-tape')]);
    }

    public function test_a_part_that_a_kit_takes_in_two_places_is_reserved_once(): void
    {
        $design = Sample::design('stacked-panel', filter: '20x20x2-g13', prefilter: '20x20x2-g13');
        $kit = ShoppingList::for($design, $design->assemble(), 1, Sample::catalogue());
        $lines = array_filter($kit->lines, fn ($line): bool => $line->kind->part() === PartKind::Filter);
        $parts = array_values(array_filter(KitPart::list($kit, ['filter 20x20x2-g13' => self::moved([[StockMove::Bought, 3]])], 1), fn (KitPart $part): bool => $part->kind === PartKind::Filter));

        self::assertCount(1, $lines);
        self::assertCount(1, $parts);
        self::assertSame(array_sum(array_column($lines, 'needed')), $parts[0]->needed);
        self::assertSame(min(3, $parts[0]->needed), $parts[0]->moved(StockMove::Reserved));
    }

    /** @param  list<array{0: StockMove, 1: int, 2?: int}>  $moves */
    private static function moved(array $moves): StockLine
    {
        return array_reduce($moves, fn (StockLine $line, array $move): StockLine => $line->after($move[0], $move[1], $move[2] ?? null), StockLine::empty());
    }
}
