<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Kit;

use Jornel\Core\Kit\CutPiece;
use Jornel\Core\Kit\Cutting;
use Jornel\Core\Kit\LineKind;
use Jornel\Core\Kit\ShoppingLine;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Worked by hand, on sheets of 36 by 24 in. */
final class CuttingTest extends TestCase
{
    private const IN = 0.0254;

    #[TestWith([[[24, 36]], 1])]
    #[TestWith([[[36, 24]], 1])]
    #[TestWith([[[18, 12], [18, 12], [12, 18], [18, 11]], 2, 'two of 12 in and a cut are more than 24 in, but not more than 36 in'])]
    #[TestWith([[[17.5, 11.5], [17.5, 11.5], [11.5, 17.5], [17.5, 11.5]], 1])]
    #[TestWith([[[20, 7], [20, 7], [19.5, 7], [19.5, 7]], 1, 'five rows of 7 in along the 36 in'])]
    #[TestWith([[[17, 7], [17, 7], [17, 7], [17, 7], [17, 7], [17, 7]], 1])]
    #[TestWith([[[20, 20], [20, 20]], 2])]
    #[TestWith([[[40, 20]], 2, 'joined from two'])]
    #[TestWith([[[40, 30], [10, 10]], 5, 'joined from four, and one'])]
    #[TestWith([[], 0])]
    public function test_panels_are_laid_out_in_rows(array $panels, int $sheets, string $why = ''): void
    {
        self::assertSame($sheets, Cutting::sheets(self::metres($panels), [36 * self::IN, 24 * self::IN]), $why);
    }

    public function test_a_cartons_faces_come_first(): void
    {
        $size = [36 * self::IN, 24 * self::IN];
        $face = [22 * self::IN, 21 * self::IN];

        self::assertSame(0, Cutting::sheets(self::metres([[20, 20], [20, 20]]), $size, [$face, $face]));
        self::assertSame(1, Cutting::sheets(self::metres([[20, 20], [20, 20], [20, 20]]), $size, [$face, $face]));
        self::assertSame(1, Cutting::sheets(self::metres([[23, 20], [20, 20], [20, 20]]), $size, [$face, $face]));
    }

    public function test_every_panel_lies_on_a_sheet_a_cut_apart_from_every_other(): void
    {
        $random = new Randomizer(new Mt19937(11));
        for ($case = 0; $case < 200; $case++) {
            $panels = array_map(fn (): array => [$random->getInt(20, 350) / 10.0, $random->getInt(20, 230) / 10.0], range(1, $random->getInt(1, 14)));
            $cutting = Cutting::of(self::metres($panels), [36 * self::IN, 24 * self::IN], [[22 * self::IN, 21 * self::IN], [22 * self::IN, 21 * self::IN]]);

            self::assertEqualsCanonicalizing(array_keys($panels), array_column($cutting->placed, 'panel'));
            foreach ($cutting->placed as $number => $one) {
                [$wide, $high] = $cutting->sizeOf($one->sheet);
                self::assertLessThanOrEqual($wide + 1e-12, $one->x + $one->width);
                self::assertLessThanOrEqual($high + 1e-12, $one->y + $one->height);
                self::assertEqualsWithDelta(max($panels[$one->panel]) * self::IN, max($one->width, $one->height), 1e-12);
                self::assertEqualsWithDelta(min($panels[$one->panel]) * self::IN, min($one->width, $one->height), 1e-12);
                foreach (array_slice($cutting->placed, $number + 1) as $other) {
                    $apart = max($one->x - $other->x - $other->width, $other->x - $one->x - $one->width, $one->y - $other->y - $other->height, $other->y - $one->y - $one->height);
                    self::assertTrue($one->sheet !== $other->sheet || $apart >= Cutting::KERF - 1e-12, 'two panels lie on each other');
                }
            }
            self::assertLessThanOrEqual(count($panels), $cutting->bought());
        }
    }

    public function test_there_is_never_less_area_than_the_panels_have_nor_more_sheets_than_panels(): void
    {
        $random = new Randomizer(new Mt19937(12));
        for ($case = 0; $case < 200; $case++) {
            $panels = array_map(fn (): array => [$random->getInt(20, 350) / 10.0, $random->getInt(20, 230) / 10.0], range(1, $random->getInt(1, 14)));
            $sheets = Cutting::sheets(self::metres($panels), [36 * self::IN, 24 * self::IN]);
            $area = array_sum(array_map(fn (array $panel): float => $panel[0] * $panel[1], $panels));

            self::assertGreaterThanOrEqual((int) ceil($area / 864.0), $sheets);
            self::assertLessThanOrEqual(count($panels), $sheets);
            // Rows waste at most so much: no more than twice the area and a sheet (measured on these cases, at most 1.6 times).
            self::assertLessThanOrEqual((int) ceil(2.0 * $area / 864.0) + 1, $sheets);
            self::assertSame($sheets, Cutting::sheets(self::metres(array_reverse($panels)), [36 * self::IN, 24 * self::IN]));
        }
    }

    public function test_an_array_box_comes_out_of_a_sheet(): void
    {
        // 20 x 20 in filters, fans of 120 mm: top and bottom 19.8 x 7.0 in, ends 19.5 x 7.0 in: five rows along 36 in.
        $design = Sample::design('array-box', 'pc-120', '20x20x1-g13-economy');
        $sheets = function (int $units) use ($design): int {
            $lines = ShoppingList::for($design, $design->assemble(), $units, Sample::catalogue())->lines;

            return array_sum(array_map(fn (ShoppingLine $line): int => $line->kind === LineKind::Sheet ? $line->needed : 0, $lines));
        };

        self::assertSame([1, 2, 3], array_map($sheets, [1, 2, 3]));
    }

    /**
     * @param  list<array{float, float}>  $inches
     * @return list<CutPiece>
     */
    private static function metres(array $inches): array
    {
        return array_map(fn (array $panel): CutPiece => new CutPiece($panel[0] * self::IN, $panel[1] * self::IN, area: $panel[0] * $panel[1] * self::IN ** 2), $inches);
    }
}
