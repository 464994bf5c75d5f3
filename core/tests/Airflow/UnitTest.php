<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Airflow;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\DustLoad;
use Jornel\Core\Airflow\Explanation;
use Jornel\Core\Airflow\ExplanationKey;
use Jornel\Core\Airflow\Leak;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Overlay;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Tests\Arithmetic;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class UnitTest extends TestCase
{
    private const CFM = 4.719474e-4;

    public function test_pushing_takes_the_fans_own_factor(): void
    {
        // Common practice, no source: a circulator pushing into a box falls from about 1,100 to 700 cfm; a drum fan does not mind.
        $flow = fn (string $fan, Direction $direction): float => self::unit(Sample::design(fan: $fan, filter: '20x20x2-g13', direction: $direction))->performances()[count(Sample::catalogue()->fan($fan)->speeds) - 1]->balance->fanFlow / self::CFM;

        self::assertEqualsWithDelta(1100.0, $flow('circulator-12', Direction::Pull), 100.0);
        self::assertEqualsWithDelta(700.0, $flow('circulator-12', Direction::Push), 100.0);
        self::assertSame($flow('drum-18', Direction::Pull), $flow('drum-18', Direction::Push));
    }

    public function test_a_row_of_fans_counts_as_many(): void
    {
        $array = Sample::design('array-box', 'pc-140', '20x30x1-g13-dense');
        $one = Sample::catalogue()->fan('pc-140')->speeds[2];
        $all = $array->speeds()[2];

        self::assertEqualsWithDelta([5 * $one->bareFlow, 5 * 4.5, $one->level + 10 * log10(5)], [$all->bareFlow, $all->watts, $all->level], 1e-9);
        self::assertSame($one->curve->shutOff(), $all->curve->shutOff());
    }

    public function test_a_direct_current_fan_goes_by_its_voltage(): void
    {
        // 9 of 12 V: flow 0.75, pressure 0.5625, watts 0.2 + 4.3 x 0.75^3 = 2.014, level 50 log10 0.75 = -6.247 dB.
        [, $nine, $full] = Sample::catalogue()->fan('pc-140')->speeds;

        self::assertEqualsWithDelta(9 / 12, $nine->bareFlow / $full->bareFlow, 1e-12);
        self::assertEqualsWithDelta([(9 / 12) ** 2, 2.014, -6.247], [$nine->curve->shutOff() / $full->curve->shutOff(), $nine->watts, $nine->level - $full->level], 1e-3);
        self::assertSame([5.0, 9.0, 12.0], array_map(fn ($speed): ?float => $speed->volts, Sample::catalogue()->fan('pc-140')->speeds));
    }

    public function test_a_duct_takes_flow_and_noise_off(): void
    {
        $plain = self::unit(Sample::design('duct-box', 'inline-8', '20x20x2-g13'))->performances()[9];
        $ducted = self::unit(Sample::design('duct-box', 'inline-8', '20x20x2-g13', options: ['sheet' => 'plywood', 'duct-metres' => '3', 'canister' => 'canister']))->performances()[9];

        self::assertLessThan($plain->balance->fanFlow, $ducted->balance->fanFlow);
        // Bare 62 dBA: out of the end 3 x 3 dB by the duct and 2 dB by the canister less, 51 dBA; the casing 50 dBA; together 53.54.
        self::assertEqualsWithDelta([62.0, 53.539], [$plain->level, $ducted->level], 1e-3);
        self::assertLessThan(1e-9, $ducted->balance->residual());
    }

    #[TestWith([1, 59.515])]
    #[TestWith([3, 54.764])]
    #[TestWith([6, 50.973])]
    #[TestWith([8, 50.973])]
    public function test_noise_of_a_duct_has_an_end(int $metres, float $level): void
    {
        // 62 dBA bare: 3 dB a metre out of the end and never more than 18, the casing 12 dB under the bare fan, by energy:
        // 1 m 59 and 50, 3 m 53 and 50, from 6 m on 44 and 50 dBA.
        $unit = self::unit(Sample::design('duct-box', 'inline-8', '20x20x2-g13', options: ['duct-metres' => (string) $metres]));

        self::assertEqualsWithDelta($level, $unit->performances()[9]->level, 1e-3);
    }

    public function test_a_duct_on_a_slow_quiet_fan_keeps_to_the_floor(): void
    {
        $quiet = Sample::fan(['level_dba' => 24], 'inline-8');
        $unit = self::unit(Sample::design('duct-box', 'inline-8', '20x20x2-g13', options: ['duct-metres' => '8'])->with(fan: $quiet));

        self::assertSame(18.0, $unit->performances()[9]->level);
    }

    public function test_a_fan_that_holds_its_flow_draws_more_behind_denser_filters(): void
    {
        $at = fn (string $filter): Performance => self::unit(Sample::design('duct-box', 'inline-8', $filter))->performances()[4];
        [$free, $dense] = [$at('20x20x4-g13'), $at('20x20x1-g14-economy')];

        self::assertEqualsWithDelta($free->balance->fanFlow, $dense->balance->fanFlow, 1e-9);
        self::assertGreaterThan($free->watts, $dense->watts);
        self::assertGreaterThan($free->level, $dense->level);
        // A fan that does not: the flow falls and the watts stay.
        $box = fn (string $filter): Performance => self::unit(Sample::design(filter: $filter))->performances()[2];
        self::assertGreaterThan($box('20x20x1-g14-economy')->balance->fanFlow, $box('20x20x2-g13')->balance->fanFlow);
        self::assertSame(75.0, $box('20x20x1-g14-economy')->watts);
    }

    public function test_a_fan_that_moves_nothing_has_no_ratios(): void
    {
        $still = Sample::fan(['guard_loss_pa' => 100.0]);
        $unit = self::unit(Sample::design()->with(fan: $still));
        $top = $unit->performances()[2];

        self::assertSame([0.0, 0.0], [$top->balance->fanFlow, $top->clean(Sample::data()->pollutants()->get('cadr-smoke'))]);
        self::assertNull($top->balance->bypassShare());
        self::assertNull($top->systemEfficiency(Sample::data()->pollutants()->get('cadr-smoke')));
        self::assertNull($top->wattsPerCleanAir(Sample::data()->pollutants()->get('cadr-smoke')));
    }

    public function test_what_rests_by_its_weight_leaks_by_its_own_gap(): void
    {
        $design = Sample::design('tall-box', filter: '20x25x1-g13-economy', options: ['base' => 'floor']);
        $leaks = array_column(array_map(fn (Leak $leak): array => ['name' => $leak->name, 'area' => $leak->area], Leak::of($design->assemble(), $design)), 'area', 'name');

        self::assertEqualsWithDelta(4 * 20.25 * 0.0254 * 0.0003, $leaks['Filters to floor'], 1e-9);
        self::assertEqualsWithDelta(4 * 20.25 * 0.0254 * 0.00005, $leaks['Filters to fan or cover'], 1e-9);
    }

    public function test_pierced_media_leak_as_an_opening(): void
    {
        $tight = Sample::design();
        $pierced = new Design($tight->shape, $tight->fan, $tight->filter, $tight->joining, Corners::Shroud, otherOpenings: 0.002);

        self::assertLessThan(self::unit($tight)->performances()[2]->cleanAir->e1, self::unit($pierced)->performances()[2]->cleanAir->e1);
    }

    public function test_dust_gathers_as_flow_times_efficiency_times_concentration(): void
    {
        $pollutant = Sample::data()->pollutants()->get('cadr-dust');
        $unit = self::unit(Sample::design());
        $clean = $unit->performances()[2];
        $load = DustLoad::none($unit, 2, $pollutant)->after(100.0, 3600.0);

        // A first hour hardly changes the drop: 100 ug/m3 x clean air x one hour.
        self::assertEqualsWithDelta(100e-9 * $clean->clean($pollutant) * 3600.0, $load->total(), 1e-7);
        $year = DustLoad::none($unit, 2, $pollutant)->after(100.0, 365.0 * 24.0 * 3600.0);
        self::assertLessThan(100e-9 * $clean->clean($pollutant) * 365.0 * 24.0 * 3600.0, $year->total());
        self::assertLessThan($clean->cleanAir->e1, $year->performance()->cleanAir->e1);
        // Two half years one after the other are a year.
        $halves = DustLoad::none($unit, 2, $pollutant)->after(100.0, 182.5 * 24.0 * 3600.0)->after(100.0, 182.5 * 24.0 * 3600.0);
        self::assertEqualsWithDelta($year->total(), $halves->total(), 1e-6);
    }

    public function test_a_prefilter_spares_the_fine_one(): void
    {
        $pollutant = Sample::data()->pollutants()->get('shop-dust');
        $alone = DustLoad::none(self::unit(Sample::design()), 2, $pollutant)->after(500.0, 1e6);
        $spared = DustLoad::none(self::unit(Sample::design(prefilter: '20x20x1-coarse')), 2, $pollutant)->after(500.0, 1e6);

        self::assertCount(2, $spared->mass[0]);
        self::assertLessThan($alone->mass[0][0], $spared->mass[0][1]);
        self::assertEqualsWithDelta(0.4, DustLoad::of(self::unit(Sample::design()), 2, $pollutant, 0.4)->total(), 1e-12);
    }

    /** @return iterable<string, array{Design}> */
    public static function explained(): iterable
    {
        yield 'five filters' => [Sample::design('raised-cube', filter: '20x20x2-g13')];
        yield 'open corners, windows' => [Sample::design('flat-panel', corners: Corners::Open)];
        yield 'a pre-filter, grade 14' => [Sample::design(filter: '20x20x1-g14-dense', prefilter: '20x20x1-coarse')];
        yield 'pushing, HEPA, throttled' => [Sample::design('ring', 'pc-120', 'ring-180x200', direction: Direction::Push)];
        yield 'a duct on a fan that holds its flow' => [Sample::design('duct-box', 'inline-8', '20x20x2-g13', options: ['sheet' => 'plywood', 'duct-metres' => '3', 'canister' => 'canister'])];
        yield 'dust in it' => [Sample::design()->loaded(0.7)];
        yield 'charge lost' => [Sample::design()->with(filter: Sample::catalogue()->filter('20x20x1-g13-economy')->treated(true, 0.8))];
        yield 'measured points' => [Sample::design()->with(fan: Fan::fromData(Overlay::of(Sample::catalogue()->fan('box-20-plain')->data, ['curve' => [['flow_cfm' => 0, 'pressure_pa' => 60], ['flow_cfm' => 700, 'pressure_pa' => 30], ['flow_cfm' => 1200, 'pressure_pa' => 0]]])))];
    }

    #[DataProvider('explained')]
    public function test_every_printed_formula_gives_its_figure_from_its_own_printed_numbers(Design $design): void
    {
        $unit = self::unit($design);
        foreach ($unit->performances() as $performance) {
            $keys = [];
            foreach (Explanation::rows($performance, $unit, array_values(Sample::data()->pollutants()->all)) as $row) {
                $keys[] = $row['key'];
                self::assertNotSame('', $row['source']);
                if ($row['key'] === 'pressure') {
                    [$left, $right] = explode(' = ', $row['filled']);
                    self::assertEqualsWithDelta(Arithmetic::of($left), Arithmetic::of($right), 2e-4 * Arithmetic::of($left), $row['filled']);

                    continue;
                }
                self::assertEqualsWithDelta($row['value'], Arithmetic::of($row['filled']), 3e-4 * max(1e-6, abs($row['value'])), "{$row['figure']}: {$row['filled']}");
            }
            self::assertSame(array_map(fn (ExplanationKey $key): string => $key->value, ExplanationKey::cases()), array_values(array_unique($keys)));
        }
    }

    private static function unit(Design $design): Unit
    {
        return Unit::of($design, $design->assemble(), Air::reference());
    }
}
