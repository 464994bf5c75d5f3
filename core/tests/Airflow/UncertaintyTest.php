<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Airflow;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Band;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Airflow\Propagation;
use Jornel\Core\Airflow\Provenances;
use Jornel\Core\Airflow\Uncertainty;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Airflow\Variation;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Overlay;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class UncertaintyTest extends TestCase
{
    public function test_the_same_build_always_has_the_same_band_round_its_figure(): void
    {
        $unit = self::unit();
        $tolerances = Sample::data()->tolerances();
        $flow = fn (Performance $performance): float => $performance->balance->filterFlow;
        $band = Uncertainty::of($unit->from, $tolerances)->band($unit, 2, $flow);

        self::assertEquals($band, Uncertainty::of($unit->from, $tolerances)->band($unit, 2, $flow));
        self::assertTrue($band->covers($unit->performances()[2]->balance->filterFlow));
    }

    public function test_measuring_a_part_narrows_the_band(): void
    {
        $typical = self::cleanAir(self::unit());
        $measured = self::unit(['free_flow_cfm' => 1250, 'shut_off_inwc' => 0.2, 'from' => 'measured']);

        self::assertSame(Provenance::Measured, $measured->from->fanFlow);
        self::assertGreaterThan(0.2, $typical->spread());
        self::assertLessThan(1.2, $typical->spread());
        self::assertLessThan(0.85 * $typical->spread(), self::cleanAir($measured)->spread());
    }

    public function test_nothing_is_narrower_than_all_measured_and_wider_than_all_assumed(): void
    {
        $before = 0.0;
        foreach (Provenance::cases() as $from) {
            $unit = self::unit();
            $spread = self::cleanAir(new Unit($unit->box, $unit->speeds, $unit->flowFactor, $unit->outlet, new Provenances($from, $from, $from, $from, $from, $from), []))->spread();
            self::assertGreaterThan($before, $spread, $from->value);
            $before = $spread;
        }
    }

    public function test_what_carries_over_is_what_thousands_of_draws_find(): void
    {
        $tolerances = Sample::data()->tolerances();
        $pollutants = Sample::data()->pollutants();
        $largest = 0.0;
        foreach (['box-20-plain', 'box-20-deep', 'drum-18', 'circulator-12'] as $fan) {
            foreach (['20x20x1-g13-economy', '20x20x2-g13', '20x20x4-g13', '20x20x1-g8'] as $filter) {
                $design = Sample::design()->with(fan: Sample::catalogue()->fan($fan), filter: Sample::catalogue()->filter($filter));
                $unit = Unit::of($design, $design->assemble(), Air::reference());
                foreach (['wildfire-pm25', 'shared-air'] as $pollutant) {
                    $judged = $pollutants->get($pollutant);
                    $carried = Propagation::through($unit, 0, $tolerances)->cleanAir($judged);
                    $drawn = Uncertainty::of($unit->from, $tolerances, 3000)->band($unit, 0, fn (Performance $performance): float => $performance->clean($judged));
                    $largest = max($largest, abs($carried->low / $drawn->low - 1.0), abs($carried->high / $drawn->high - 1.0));
                }
            }
        }

        self::assertLessThan(0.02, $largest);
    }

    public function test_what_a_unit_does_not_catch_has_no_band(): void
    {
        $design = Sample::design()->with(filter: Sample::catalogue()->filter('20x20x1-coarse'));
        $band = Propagation::through(Unit::of($design, $design->assemble(), Air::reference()), 0, Sample::data()->tolerances())->cleanAir(Sample::data()->pollutants()->get('cadr-smoke'));

        self::assertSame([0.0, 0.0], [$band->low, $band->high]);
    }

    public function test_the_band_covers_nine_truths_in_ten(): void
    {
        // Truths drawn by another generator from what the tolerances say, by the sum of twelve even numbers.
        $unit = self::unit();
        $tolerances = Sample::data()->tolerances();
        $band = Uncertainty::of($unit->from, $tolerances)->band($unit, 2, fn (Performance $performance): float => $performance->balance->filterFlow);
        $random = new Randomizer(new Mt19937(99));
        $normal = fn (): float => array_sum(array_map(fn (): float => $random->getInt(0, 1 << 30) / (1 << 30), range(1, 12))) - 6.0;
        $covered = 0;
        for ($i = 0; $i < 600; $i++) {
            $truth = $unit->varied(new Variation(...array_map(fn (float $deviation): float => exp($deviation * $normal()), $tolerances->ofUnit($unit->from))));
            $covered += $band->covers(Performance::of($truth, $truth->speeds[2])->balance->filterFlow) ? 1 : 0;
        }

        self::assertEqualsWithDelta(0.90, $covered / 600, 0.045);
    }

    private static function cleanAir(Unit $unit): Band
    {
        return Propagation::through($unit, 2, Sample::data()->tolerances())->cleanAir(Sample::data()->pollutants()->get('cadr-smoke'));
    }

    /** @param  array<string, mixed>  $fan */
    private static function unit(array $fan = []): Unit
    {
        $design = Sample::design()->with(fan: Fan::fromData(Overlay::of(Sample::catalogue()->fan('box-20-plain')->data, $fan)));

        return Unit::of($design, $design->assemble(), Air::reference());
    }
}
