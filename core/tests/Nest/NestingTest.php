<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Nest;

use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Nest\FilledSheet;
use Jornel\Core\Nest\Grain;
use Jornel\Core\Nest\Layout;
use Jornel\Core\Nest\Nesting;
use Jornel\Core\Nest\Piece;
use Jornel\Core\Nest\Pinned;
use Jornel\Core\Nest\PinnedBadly;
use Jornel\Core\Nest\Placement;
use Jornel\Core\Nest\SheetBound;
use Jornel\Core\Nest\StockSheet;
use PHPUnit\Framework\TestCase;

/**
 * What is laid out can be cut, no part is lost, flutes and what was laid by hand are kept; up to six rectangles never take more
 * sheets than going through every layout on a grid finds.
 */
final class NestingTest extends TestCase
{
    private const KERF = 0.003;

    public function test_random_parts_of_every_form_lie_on_their_sheets_apart_from_each_other_and_none_is_lost(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 8; $round++) {
            $pieces = [];
            for ($number = 0, $count = mt_rand(1, 14); $number < $count; $number++) {
                $pieces[] = self::random((string) $number, $round % 2 === 0 || mt_rand(0, 1) === 1);
            }
            $margin = mt_rand(0, 3) * 0.004;
            $kerf = mt_rand(0, 2) * 0.0015;
            $sheets = [
                new StockSheet('carton', 0.61, 0.55, mt_rand(1, 3), Grain::cases()[mt_rand(0, 2)], [PlanePoint::list([[0.25, 0.0], [0.28, 0.0], [0.28, 0.55], [0.25, 0.55]])]),
                new StockSheet('board', 0.9144, 0.6096, null, Grain::Along),
            ];
            $layout = Nesting::of($pieces, $sheets, $kerf, $margin);
            LayoutCheck::holds($layout, $kerf, $margin, "round {$round}");
            self::assertSame([], $layout->left, "round {$round}");
            $labels = array_merge(...array_map(fn ($sheet): array => array_map(fn (Placement $one): string => $one->piece->label, $sheet->placed), $layout->sheets));
            sort($labels, SORT_NUMERIC);
            self::assertSame(array_map(fn (Piece $one): string => $one->label, $pieces), $labels, "round {$round}");
            self::assertLessThanOrEqual(count($layout->sheets), SheetBound::of($pieces, $sheets, $kerf, $margin), "round {$round}: a bound above what is possible");
            self::assertSame(self::told($layout), self::told(Nesting::of($pieces, $sheets, $kerf, $margin)), "round {$round}: another answer to the same question");
        }
    }

    public function test_up_to_six_rectangles_take_no_more_sheets_than_the_best_of_all_layouts(): void
    {
        mt_srand(11);
        $bound = 0;
        for ($round = 0; $round < 40; $round++) {
            [$width, $height] = [mt_rand(4, 7), mt_rand(4, 7)];
            $sizes = array_map(fn (): array => [mt_rand(1, 5), mt_rand(1, 4)], range(1, mt_rand(3, 6)));
            $sizes = array_values(array_filter($sizes, fn (array $size): bool => max($size) <= max($width, $height) && min($size) <= min($width, $height)));
            $pieces = array_map(fn (array $size, int $number): Piece => self::rectangle((string) $number, $size[0] / 10.0, $size[1] / 10.0), $sizes, array_keys($sizes));
            $layout = Nesting::of($pieces, [new StockSheet('board', $width / 10.0, $height / 10.0, null)], 0.0, 0.0);
            LayoutCheck::holds($layout, 0.0, 0.0, "round {$round}");
            $best = ExhaustiveGrid::fewestSheets($sizes, $width, $height);
            self::assertCount($best, $layout->sheets, sprintf('round %d: %s on %d x %d', $round, json_encode($sizes), $width, $height));
            $bound += SheetBound::of($pieces, [new StockSheet('board', $width / 10.0, $height / 10.0, null)], 0.0, 0.0) === $best ? 1 : 0;
        }
        self::assertGreaterThan(20, $bound, 'the bound says nothing');
    }

    public function test_five_rectangles_that_only_go_in_as_a_pinwheel_with_one_in_its_middle(): void
    {
        $pieces = [self::rectangle('middle', 0.1, 0.1)];
        foreach (['a', 'b', 'c', 'd'] as $label) {
            $pieces[] = self::rectangle($label, 0.2, 0.1);
        }
        $layout = Nesting::of($pieces, [new StockSheet('board', 0.3, 0.3, null)], 0.0, 0.0);
        self::assertCount(1, $layout->sheets);
        self::assertEqualsWithDelta(1.0, $layout->usedShare(), 1e-9);
    }

    public function test_a_part_whose_flutes_matter_lies_with_them(): void
    {
        foreach ([[Grain::Along, [0, 180]], [Grain::None, [0, 180]], [Grain::Across, [90, 270]]] as [$grain, $turns]) {
            $layout = Nesting::of([self::rectangle('strip', 0.5, 0.1, false)], [new StockSheet('board', 0.6, 0.6, null, $grain)], self::KERF, 0.0);
            self::assertContains($layout->sheets[0]->placed[0]->pose->degrees, $turns);
        }
        $narrow = Nesting::of([self::rectangle('strip', 0.5, 0.1, false)], [new StockSheet('board', 0.2, 0.6, null, Grain::Along)], self::KERF, 0.0);
        self::assertCount(1, $narrow->left, 'it was turned against its flutes');
    }

    public function test_the_disc_cut_out_of_a_shroud_gives_the_plates_of_a_drawer(): void
    {
        $shroud = new Piece('shroud', PlanePoint::list([[0, 0], [0.55, 0], [0.55, 0.55], [0, 0.55]]), [self::circle(0.275, 0.275, 0.25)], true);
        $plates = array_map(fn (int $number): Piece => self::rectangle("plate {$number}", 0.1, 0.1), range(1, 8));
        $layout = Nesting::of([$shroud, ...$plates], [new StockSheet('board', 0.56, 0.56, null)], self::KERF, 0.0);
        self::assertCount(1, $layout->sheets);
        LayoutCheck::holds($layout, self::KERF, 0.0);
    }

    public function test_two_triangles_of_a_wedge_lie_point_to_foot(): void
    {
        $triangle = fn (string $label): Piece => new Piece($label, PlanePoint::list([[0, 0], [0.5, 0], [0.25, 0.45]]), [], true);
        // Beside each other they take a metre, one upside down three quarters of it.
        $layout = Nesting::of([$triangle('one'), $triangle('other')], [new StockSheet('board', 0.78, 0.46, null)], self::KERF, 0.0);
        self::assertCount(1, $layout->sheets);
        LayoutCheck::holds($layout, self::KERF, 0.0);
    }

    public function test_a_part_laid_by_hand_stays_and_the_rest_goes_round_it(): void
    {
        $pieces = array_map(fn (int $number): Piece => self::rectangle((string) $number, 0.3, 0.2), range(1, 5));
        $board = new StockSheet('board', 0.9, 0.6, null);
        $layout = Nesting::of($pieces, [$board], self::KERF, 0.0, [new Pinned('3', 'board', 1, 0.31, 0.2, 0)]);
        LayoutCheck::holds($layout, self::KERF, 0.0);
        $three = array_values(array_filter($layout->sheets[0]->placed, fn (Placement $one): bool => $one->piece->label === '3'))[0];
        self::assertEqualsWithDelta([0.31, 0.2], $three->origin(), 1e-9);
        self::assertSame([], $layout->left);
        foreach ([
            'off the sheet' => [new Pinned('3', 'board', 1, 0.7, 0.2, 0)],
            'on another' => [new Pinned('3', 'board', 1, 0.31, 0.2, 0), new Pinned('4', 'board', 1, 0.4, 0.3, 0)],
            'no such sheet' => [new Pinned('3', 'carton', 1, 0.0, 0.0, 0)],
            'no such part' => [new Pinned('9', 'board', 1, 0.0, 0.0, 0)],
        ] as $why => $pinned) {
            try {
                Nesting::of($pieces, [$board], self::KERF, 0.0, $pinned);
                self::fail("taken: {$why}");
            } catch (PinnedBadly $fault) {
                self::assertStringStartsWith('pinned.', $fault->field, $why);
            }
        }
    }

    public function test_what_is_there_is_cut_before_anything_is_bought(): void
    {
        $sheets = [new StockSheet('board', 0.9144, 0.6096, null, price: 400), new StockSheet('face', 0.56, 0.54, 2)];
        $layout = Nesting::of([self::rectangle('base', 0.53, 0.53), self::rectangle('cover', 0.53, 0.53), self::rectangle('collar', 0.53, 0.53)], $sheets, self::KERF, 0.0);
        self::assertSame(['face', 'face', 'board'], array_map(fn ($one): string => $one->sheet->id, $layout->sheets));
        self::assertSame(400, $layout->price());
    }

    public function test_sheets_of_one_name_are_told_apart_by_what_they_are(): void
    {
        $sheets = [new StockSheet('board', 0.3, 0.3, 1), new StockSheet('board', 0.9, 0.6, null)];
        $layout = Nesting::of([self::rectangle('large', 0.8, 0.5), self::rectangle('small', 0.29, 0.29)], $sheets, 0.0, 0.0);
        LayoutCheck::holds($layout, 0.0, 0.0);
        self::assertSame([[0.3, 1], [0.9, 1]], array_map(fn (FilledSheet $one): array => [$one->sheet->width, $one->number], $layout->sheets));
    }

    public function test_work_that_is_told_to_end_ends(): void
    {
        $pieces = array_map(fn (int $number): Piece => self::rectangle((string) $number, 0.2 + $number % 7 * 0.031, 0.15 + $number % 5 * 0.027), range(1, 60));
        $told = [];
        try {
            Nesting::of($pieces, [new StockSheet('board', 0.9, 0.6, null)], self::KERF, 0.0, [], function (float $share) use (&$told): void {
                $told[] = $share;
                if (count($told) === 3) {
                    throw new \RuntimeException('enough');
                }
            });
            self::fail('it went on');
        } catch (\RuntimeException $ended) {
            self::assertSame('enough', $ended->getMessage());
            self::assertSame(3, count($told));
        }
    }

    /** @return list<string> */
    private static function told(Layout $layout): array
    {
        return array_map(
            fn (FilledSheet $sheet): string => "{$sheet->sheet->id} {$sheet->number}: ".implode(', ', array_map(fn (Placement $one): string => sprintf('%s %.6f %.6f %d', $one->piece->label, $one->x, $one->y, $one->pose->degrees), $sheet->placed)),
            $layout->sheets,
        );
    }

    private static function random(string $label, bool $mayTurn): Piece
    {
        [$width, $height] = [mt_rand(40, 500) / 1000.0, mt_rand(40, 480) / 1000.0];

        return match (mt_rand(0, 5)) {
            0 => new Piece($label, PlanePoint::list([[0, 0], [$width, 0], [$width / 2.0, $height]]), [], $mayTurn),
            1 => new Piece($label, self::circle(0.0, 0.0, min($width, $height) / 2.0), [], $mayTurn),
            2 => new Piece($label, PlanePoint::list([[0, 0], [0.42, 0], [0.42, 0.4], [0, 0.4]]), [self::circle(0.21, 0.2, 0.18)], $mayTurn),
            3 => new Piece($label, PlanePoint::list([[0, 0], [$width, 0], [$width, $height / 3.0], [$width / 3.0, $height / 3.0], [$width / 3.0, $height], [0, $height]]), [], $mayTurn),
            default => self::rectangle($label, $width, $height, $mayTurn),
        };
    }

    private static function rectangle(string $label, float $width, float $height, bool $mayTurn = true): Piece
    {
        return new Piece($label, PlanePoint::list([[0, 0], [$width, 0], [$width, $height], [0, $height]]), [], $mayTurn);
    }

    /** @return non-empty-list<PlanePoint> */
    private static function circle(float $x, float $y, float $radius): array
    {
        return array_map(fn (int $step): PlanePoint => new PlanePoint($x + $radius * cos($step * M_PI / 24.0), $y + $radius * sin($step * M_PI / 24.0)), range(0, 47));
    }
}
