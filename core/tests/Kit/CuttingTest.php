<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Kit;

use Jornel\Core\Kit\Cutting;
use Jornel\Core\Kit\ShoppingLine;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Shape\Fitting;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Worked by hand, on sheets of 36 by 24 in. */
final class CuttingTest extends TestCase
{
    private const IN = 0.0254;

    #[TestWith([[[24, 36]], 1])]
    #[TestWith([[[36, 24]], 1])]
    #[TestWith([[[18, 12], [18, 12], [12, 18], [18, 11]], 3, 'two of 12 in and a cut are more than 24 in'])]
    #[TestWith([[[17.5, 11.5], [17.5, 11.5], [11.5, 17.5], [17.5, 11.5]], 1])]
    #[TestWith([[[20, 7], [20, 7], [19.5, 7], [19.5, 7]], 2, 'three rows of 7 in one above the other, one panel in each, and a second sheet'])]
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

        self::assertSame(0, Cutting::sheets(self::metres([[20, 20], [20, 20]]), $size, 2, $face));
        self::assertSame(1, Cutting::sheets(self::metres([[20, 20], [20, 20], [20, 20]]), $size, 2, $face));
        self::assertSame(1, Cutting::sheets(self::metres([[23, 20], [20, 20], [20, 20]]), $size, 2, $face));
    }

    public function test_there_is_never_less_area_than_the_panels_have_nor_more_sheets_than_panels(): void
    {
        mt_srand(11);
        for ($case = 0; $case < 200; $case++) {
            $panels = [];
            for ($i = mt_rand(1, 14); $i > 0; $i--) {
                $panels[] = [mt_rand(20, 350) / 10.0, mt_rand(20, 230) / 10.0];
            }
            $sheets = Cutting::sheets(self::metres($panels), [36 * self::IN, 24 * self::IN]);
            $area = array_sum(array_map(fn (array $panel): float => $panel[0] * $panel[1], $panels));

            self::assertGreaterThanOrEqual((int) ceil($area / 864.0), $sheets);
            self::assertLessThanOrEqual(count($panels), $sheets);
            // One panel more never needs fewer, and the order that they are given in does not matter.
            self::assertSame($sheets, Cutting::sheets(self::metres(array_reverse($panels)), [36 * self::IN, 24 * self::IN]));
        }
    }

    public function test_an_array_box_takes_few_sheets_and_two_units_no_more_than_twice_as_many(): void
    {
        $design = Fitting::into(Shapes::get('array-box'), Sample::design(), Sample::catalogue());
        $sheets = function (int $units) use ($design): int {
            $lines = ShoppingList::for($design, $design->assemble(), $units, Sample::catalogue())->lines;

            return array_sum(array_map(fn (ShoppingLine $line): int => $line->kind === 'sheet' ? $line->needed : 0, $lines));
        };

        self::assertLessThan(count($design->assemble()->panels), $sheets(1));
        self::assertLessThanOrEqual(2 * $sheets(1), $sheets(2));
    }

    /**
     * @param  list<array{float, float}>  $inches
     * @return list<array{float, float}>
     */
    private static function metres(array $inches): array
    {
        return array_map(fn (array $panel): array => [$panel[0] * self::IN, $panel[1] * self::IN], $inches);
    }
}
