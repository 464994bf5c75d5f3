<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Airflow;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\DustLoad;
use Jornel\Core\Airflow\Explanation;
use Jornel\Core\Airflow\Leak;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Tests\Sample;
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
        $one = Sample::catalogue()->fan('pc-140')->speeds[3];
        $all = $array->speeds()[3];

        self::assertEqualsWithDelta([5 * $one->bareFlow, 5 * 4.5, $one->level + 10 * log10(5)], [$all->bareFlow, $all->watts, $all->level], 1e-9);
        self::assertSame($one->curve->shutOff(), $all->curve->shutOff());
    }

    public function test_a_direct_current_fan_goes_by_its_voltage(): void
    {
        // 7 of 12 V: flow 0.5833, pressure 0.3403, watts 0.1985, level 50 log10 0.5833 = -11.7 dB.
        [, $seven, , $full] = Sample::catalogue()->fan('pc-140')->speeds;

        self::assertEqualsWithDelta(7 / 12, $seven->bareFlow / $full->bareFlow, 1e-12);
        self::assertEqualsWithDelta([(7 / 12) ** 2, (7 / 12) ** 3, -11.704], [$seven->curve->shutOff() / $full->curve->shutOff(), $seven->watts / $full->watts, $seven->level - $full->level], 1e-3);
    }

    public function test_a_duct_takes_flow_and_noise_off(): void
    {
        $plain = self::unit(Sample::design('duct-box', 'inline-8', '20x20x2-g13'))->performances()[9];
        $ducted = self::unit(Sample::design('duct-box', 'inline-8', '20x20x2-g13', options: ['duct-metres' => '3', 'canister' => 'canister']))->performances()[9];

        self::assertLessThan($plain->balance->fanFlow, $ducted->balance->fanFlow);
        self::assertEqualsWithDelta($plain->level - 20.0, $ducted->level, 1e-9);
        self::assertLessThan(1e-9, $ducted->balance->residual());
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

    public function test_every_figure_is_explained_and_the_filled_formula_gives_it(): void
    {
        $unit = self::unit(Sample::design('raised-cube', filter: '20x20x2-g13'));
        $performance = $unit->performances()[2];
        $rows = array_column(Explanation::rows($performance, $unit, array_values(Sample::data()->pollutants()->all)), null, 'figure');

        self::assertEqualsWithDelta($performance->balance->pressure, $rows['pressure between box and room']['value'], 1e-12);
        self::assertSame(['assumed', 'balance of flows'], [$rows['pressure between box and room']['from'], $rows['pressure between box and room']['source']]);
        // Each filled-in face velocity, drop and leak computed again from its own text.
        foreach ($rows as $figure => $row) {
            $value = match (true) {
                str_starts_with($figure, 'face velocity') => self::quotient($row['filled']),
                str_starts_with($figure, 'drop') && preg_match('/^([\d.e+-]+) x ([\d.e+-]+) \+ ([\d.e+-]+) x/', $row['filled'], $m) === 1 => $m[1] * $m[2] + $m[3] * $m[2] ** 2,
                str_starts_with($figure, 'efficiency') && preg_match('/^1 - ([\d.e+-]+) \^ \(\(([\d.e+-]+) \/ ([\d.e+-]+)\) \^ ([\d.e+-]+)\)/', $row['filled'], $m) === 1 => 1 - $m[1] ** (($m[2] / $m[3]) ** $m[4]),
                $row['formula'] === 'Q = Cd A sqrt(2 dP / rho)' && preg_match('/^([\d.]+) x ([\d.e+-]+) m2 x sqrt\(2 x ([\d.e+-]+) Pa \/ ([\d.e+-]+)/', $row['filled'], $m) === 1 => $m[1] * $m[2] * sqrt(2 * $m[3] / $m[4]),
                default => null,
            };
            if ($value !== null) {
                self::assertEqualsWithDelta($row['value'], $value, 2e-3 * max(1e-6, abs($row['value'])), $figure);
            }
            self::assertNotSame('', $row['source']);
        }
        self::assertArrayHasKey('clean air for wildfire smoke', $rows);
    }

    private static function quotient(string $filled): float
    {
        self::assertSame(1, preg_match('/^([\d.e+-]+) m3\/s \/ ([\d.e+-]+) m2$/', $filled, $m));

        return $m[1] / $m[2];
    }

    private static function unit(Design $design): Unit
    {
        return Unit::of($design, $design->assemble(), Air::reference());
    }
}
