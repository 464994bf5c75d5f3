<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Airflow;

use Jornel\Core\Air\Air;
use Jornel\Core\Air\PerBin;
use Jornel\Core\Airflow\Balance;
use Jornel\Core\Airflow\Box;
use Jornel\Core\Airflow\Leak;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Airflow\Restriction;
use Jornel\Core\Part\Efficiency;
use Jornel\Core\Part\Layer;
use Jornel\Core\Part\PressureLaw;
use Jornel\Core\Part\TwoFigureCurve;
use Jornel\Core\Quantity\UnitOfMeasure;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\FilterFace;
use Jornel\Core\Shape\LeakKind;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class BalanceTest extends TestCase
{
    private const CFM = 4.719474e-4;

    public function test_a_balance_that_can_be_solved_by_hand(): void
    {
        // A linear filter, Q = A dP / a with A = 0.2 m2 and a = 40 Pa s/m; a straight fan, Q = 0.5 (1 - dP / 50); no leak:
        // 0.005 dP = 0.5 - 0.01 dP, so dP = 100/3 Pa and Q = 1/6 m3/s.
        $face = FilterFace::stacked('face-1', 'one', [new Layer(0.2, new PressureLaw(40.0, 0.0), Efficiency::rated(PerBin::same(0.5)), 2.5)]);
        $balance = Balance::of(new TwoFigureCurve(0.5, 50.0, 1.0), Box::of([$face], [], Air::reference()));

        self::assertEqualsWithDelta([100.0 / 3.0, 1.0 / 6.0, 1.0 / 6.0, 0.0], [$balance->pressure, $balance->fanFlow, $balance->filterFlow, $balance->leakFlow], 1e-12);
    }

    public function test_a_square_law_and_a_leak_solved_by_hand(): void
    {
        // b = 100 Pa s2/m2 over 0.2 m2: Q = 0.02 sqrt(dP); a leak of 0.01 m2: Q = 0.61 x 0.01 x sqrt(2 dP / 1.2) =
        // 0.0078751 sqrt(dP); a straight fan, Q = 0.2 (1 - dP / 40): with x = sqrt(dP), 0.005 x2 + 0.0278751 x - 0.2 = 0, so
        // x = 4.12410, dP = 17.0082 Pa, 0.0824819 m3/s through the filter and 0.0324775 past it.
        $face = FilterFace::stacked('face-1', 'one', [new Layer(0.2, new PressureLaw(0.0, 100.0), Efficiency::rated(PerBin::same(0.5)), 2.5)]);
        $balance = Balance::of(new TwoFigureCurve(0.2, 40.0, 1.0), Box::of([$face], [new Leak(LeakKind::Other, 'leak', 0.01)], Air::reference()));

        self::assertEqualsWithDelta([17.0082, 0.0824819, 0.0324775], [$balance->pressure, $balance->filterFlow, $balance->leakFlow], 1e-4);
    }

    public function test_a_thousand_random_builds_balance(): void
    {
        $random = new Randomizer(new Mt19937(20261124));
        $between = fn (float $low, float $high): float => $low + ($high - $low) * $random->getInt(0, 1 << 30) / (1 << 30);
        for ($build = 0; $build < 1000; $build++) {
            $faces = [];
            foreach (range(1, $random->getInt(1, 5)) as $number) {
                $filter = Sample::filter(['id' => "f{$number}", 'drop' => ['velocity_fpm' => 300, 'pressure_inwc' => $between(0.02, 0.9)]]);
                $faces[] = FilterFace::stacked("face-{$number}", "kind {$number}", [Layer::of($filter, $between(0.05, 0.7) * $between(0.05, 0.7))]);
            }
            $air = Air::at($between(-200.0, 4000.0), $between(253.0, 318.0));
            $fan = new TwoFigureCurve($between(0.02, 1.2), $between(5.0, 500.0), $between(1.0, 2.5));
            $leakArea = $random->getInt(0, 4) === 0 ? 0.0 : 10.0 ** $between(-6.0, -1.2);
            $balance = Balance::of($fan, Box::of($faces, [new Leak(LeakKind::Other, 'leak', $leakArea)], $air));

            self::assertLessThan(1e-9, $balance->residual(), "build {$build}");
            self::assertGreaterThan(0.0, $balance->filterFlow);
        }
    }

    public function test_more_leak_never_raises_the_clean_air(): void
    {
        $faces = Sample::design()->assemble()->faces;
        $fan = Sample::catalogue()->fan('box-20-plain')->speeds[2]->curve;
        $before = INF;
        foreach ([0.0, 1e-5, 1e-4, 1e-3, 5e-3, 0.02, 0.1] as $area) {
            $now = Balance::of($fan, Box::of($faces, [new Leak(LeakKind::Other, 'leak', $area)], Air::reference()))->filterFlow;
            self::assertLessThan($before, $now);
            $before = $now;
        }
    }

    public function test_the_standard_cube_lands_in_the_common_band(): void
    {
        // Common practice, no source: four 1 in grade-13 filters on a box fan give about 600 cfm, land between 450 and 750.
        $top = self::performances(Sample::design())[2];

        self::assertGreaterThan(450.0, $top->cleanAir->e1 / self::CFM);
        self::assertLessThan(750.0, $top->cleanAir->e1 / self::CFM);
    }

    public function test_the_raised_cube_lands_in_the_published_band_at_every_speed(): void
    {
        // Source: peer-reviewed chamber study of 2022 (from memory): five 2 in grade-13 filters, 20 in fan, shroud, 600 to 850 cfm.
        foreach (self::performances(Sample::design('raised-cube', filter: '20x20x2-g13')) as $performance) {
            self::assertGreaterThan(600.0, $performance->cleanAir->e1 / self::CFM, $performance->speed->name);
            self::assertLessThan(850.0, $performance->cleanAir->e1 / self::CFM, $performance->speed->name);
        }
    }

    public function test_a_strong_fan_gains_about_a_fifth_in_a_cube(): void
    {
        // Common practice, no source: a bare box fan in such a build moves about 1,000 cfm, a strong one 20 % more.
        $plain = self::performances(Sample::design())[2]->balance->fanFlow;
        $strong = self::performances(Sample::design(fan: 'box-20-deep'))[2]->balance->fanFlow;

        self::assertEqualsWithDelta(1.2, $strong / $plain, 0.08);
    }

    public function test_the_shroud_gains_much_on_a_restrictive_build_and_little_on_a_free_one(): void
    {
        $gain = function (string $filter): float {
            $clean = fn (Corners $corners): float => self::performances(Sample::design(filter: $filter, corners: $corners))[2]->cleanAir->e1;

            return $clean(Corners::Shroud) / $clean(Corners::Open);
        };

        self::assertGreaterThan($gain('20x20x4-g13'), $gain('20x20x1-g14-economy'));
        self::assertGreaterThan(1.0, $gain('20x20x4-g13'));
    }

    public function test_flows_and_efficiencies_add_up(): void
    {
        $top = self::performances(Sample::design('raised-cube', filter: '20x20x2-g13', joining: 'zip-ties', corners: Corners::Open))[2];

        self::assertEqualsWithDelta($top->balance->filterFlow, array_sum(array_column($top->faces, 'flow')), 1e-12);
        self::assertEqualsWithDelta($top->balance->leakFlow, array_sum(array_column($top->leaks, 'flow')), 1e-12);
        $clean = array_sum(array_map(fn ($face): float => $face->flow * $face->efficiency->e1, $top->faces));
        self::assertEqualsWithDelta($clean, $top->cleanAir->e1, 1e-12);
        self::assertEqualsWithDelta($top->balance->filterFlow / (1250 * self::CFM), $top->freeShare(), 1e-12);
    }

    public function test_thin_air_weakens_the_fan(): void
    {
        $design = Sample::design();
        $high = Performance::ofAllSpeeds($design, $design->assemble(), Air::at(2000.0))[2];

        self::assertLessThan(self::performances($design)[2]->balance->pressure, $high->balance->pressure);
    }

    /** Bounds are assumed; 0.05 inWC counts as almost unimpeded (common practice, no source). */
    #[TestWith([0.80, 0.10, Restriction::Free])]
    #[TestWith([0.79, 0.10, Restriction::Fair])]
    #[TestWith([0.50, 0.10, Restriction::Fair])]
    #[TestWith([0.49, 0.10, Restriction::Strained])]
    #[TestWith([0.35, 0.10, Restriction::Strained])]
    #[TestWith([0.34, 0.10, Restriction::Choked])]
    #[TestWith([0.40, 0.06, Restriction::Fair])]
    #[TestWith([0.34, 0.01, Restriction::Choked])]
    #[TestWith([0.90, 0.16, Restriction::Strained])]
    #[TestWith([0.60, 0.16, Restriction::Strained])]
    public function test_restriction_goes_by_share_and_drop(float $share, float $inwc, Restriction $restriction): void
    {
        self::assertSame($restriction, Restriction::of($share, UnitOfMeasure::InchOfWater->toSi($inwc)));
    }

    public function test_an_ordinary_cube_is_fairly_restricted_at_every_speed(): void
    {
        $cube = self::performances(Sample::design());

        self::assertSame([Restriction::Fair, Restriction::Fair, Restriction::Fair], array_map(fn (Performance $one): Restriction => $one->restriction(), $cube));
    }

    /** @return non-empty-list<Performance> */
    private static function performances(Design $design): array
    {
        return Performance::ofAllSpeeds($design, $design->assemble(), Air::reference());
    }
}
