<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Kit;

use Jornel\Core\Guide\CutLine;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Kit\PackMix;
use Jornel\Core\Kit\RunningCost;
use Jornel\Core\Kit\ShoppingLine;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Part\Pack;
use Jornel\Core\Quantity\Money;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Panel;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class KitTest extends TestCase
{
    public function test_three_packs_for_four_filters_leave_two_over(): void
    {
        $mix = PackMix::cheapest([new Pack(3, Money::ofHundredths(3000))], 4);

        self::assertSame([2, 2, '60.00'], [$mix->packs[0]['times'], $mix->leftOver, (string) $mix->price]);
    }

    public function test_the_mix_is_the_cheapest_there_is(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($case = 0; $case < 60; $case++) {
            $packs = array_map(fn (int $count): Pack => new Pack($count, Money::ofHundredths(100 * ($random->getInt(3, 12) * $count + $random->getInt(0, 5)))), [1, 3, 4]);
            $needed = $random->getInt(1, 17);
            $cheapest = INF;
            for ($a = 0; $a <= 20; $a++) {
                for ($b = 0; $b <= 7; $b++) {
                    for ($c = 0; $c <= 6; $c++) {
                        if ($a + 3 * $b + 4 * $c >= $needed) {
                            $cheapest = min($cheapest, $a * $packs[0]->price->toFloat() + $b * $packs[1]->price->toFloat() + $c * $packs[2]->price->toFloat());
                        }
                    }
                }
            }
            $mix = PackMix::cheapest($packs, $needed);
            $held = array_sum(array_map(fn (array $pack): int => $pack['times'] * $pack['pack']->count, $mix->packs));

            self::assertEqualsWithDelta($cheapest, $mix->price->toFloat(), 1e-9);
            self::assertSame($needed + $mix->leftOver, $held);
        }
    }

    public function test_the_list_of_a_cube(): void
    {
        // Two cubes: 2 fans at 28, 8 filters as packs of six and two at 60 and 25, 2 x 6.096 m of seam twice over and a tenth to spare: 26.8 m, two rolls of 25 m.
        $list = self::list(Sample::design(), 2);

        self::assertSame(['fan' => 2, 'filter' => 8, 'joining' => 2], self::needed($list));
        self::assertSame(['56.00', '85.00', '14.00'], array_map(fn ($line): string => (string) $line->packs->price, $list->lines));
        self::assertSame('155.00', (string) $list->firstCost());
        self::assertSame('85.00', (string) $list->changeCost());
        self::assertSame('495.00', (string) RunningCost::of($list, 150.0, Economy::withoutEnergy())->total);
    }

    public function test_panels_too_large_for_the_carton_are_bought_and_feet_are_counted(): void
    {
        $wide = self::list(Sample::design(fan: 'circulator-12', filter: '20x20x1-g13-economy'), 1);
        $raised = self::list(Sample::design('raised-cube', filter: '20x20x2-g13', joining: 'suction'), 1);

        // Cover and base; the shroud is as small as the fan and comes out of its carton.
        self::assertSame(2, self::needed($wide)['sheet']);
        // The shroud is as large as the fan and comes out of its carton; suction does not hold it, so that it takes tape.
        self::assertSame(['fan' => 1, 'filter' => 5, 'joining' => 1, 'hardware' => 4], self::needed($raised));
    }

    public function test_a_cut_is_given_in_sixteenths(): void
    {
        // Common practice, no source: 16 in frames, 7/8 in deep, a 12 in blade: cover 16 7/8 in, centre 8 7/16 in, hole 12 in.
        $filter = Sample::filter(['width_in' => 16, 'height_in' => 16, 'depth_in' => 0.875]);
        $design = new Design(Sample::design()->shape, Sample::catalogue()->fan('circulator-12'), $filter, Sample::catalogue()->joining('duct-tape'), Corners::Open);
        $cover = array_values(array_filter($design->assemble()->panels, fn (Panel $panel): bool => $panel->id === 'cover'))[0];
        $cut = CutLine::of($cover);

        self::assertSame(['16 7/8', '8 7/16', '12', '6'], [$cut->width->text(), $cut->centreAcross->text(), $cut->hole?->text(), $cut->radius?->text()]);
    }

    /** @return array<string, int> pieces by what they are for */
    private static function needed(ShoppingList $list): array
    {
        return array_combine(
            array_map(fn (ShoppingLine $line): string => $line->kind->value, $list->lines),
            array_map(fn (ShoppingLine $line): int => $line->needed, $list->lines),
        );
    }

    private static function list(Design $design, int $units): ShoppingList
    {
        return ShoppingList::for($design, $design->assemble(), $units, Sample::catalogue());
    }
}
