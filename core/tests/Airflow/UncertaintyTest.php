<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Airflow;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Performance;
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
        $smoke = Sample::data()->pollutants()->get('cadr-smoke');
        $band = Uncertainty::of($unit->from, Sample::data()->tolerances())->cleanAir($unit, 2, $smoke);

        self::assertEquals($band, Uncertainty::of($unit->from, Sample::data()->tolerances())->cleanAir($unit, 2, $smoke));
        self::assertTrue($band->covers($unit->performances()[2]->clean($smoke)));
        self::assertGreaterThan(0.2, $band->spread());
        self::assertLessThan(1.2, $band->spread());
    }

    public function test_measuring_a_part_narrows_the_band(): void
    {
        $smoke = Sample::data()->pollutants()->get('cadr-smoke');
        $typical = self::unit();
        $measured = self::unit(['free_flow_cfm' => 1250, 'shut_off_inwc' => 0.2, 'from' => 'measured']);
        $spread = fn (Unit $unit): float => Uncertainty::of($unit->from, Sample::data()->tolerances())->cleanAir($unit, 2, $smoke)->spread();

        self::assertSame(Provenance::Measured, $measured->from->fanFlow);
        self::assertLessThan(0.85 * $spread($typical), $spread($measured));
    }

    public function test_nothing_is_narrower_than_all_measured_and_wider_than_all_assumed(): void
    {
        $unit = self::unit();
        $smoke = Sample::data()->pollutants()->get('cadr-smoke');
        $before = 0.0;
        foreach (Provenance::cases() as $from) {
            $spread = Uncertainty::of(new Provenances($from, $from, $from, $from, $from, $from), Sample::data()->tolerances())->cleanAir($unit, 2, $smoke)->spread();
            self::assertGreaterThan($before, $spread, $from->value);
            $before = $spread;
        }
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

    /** @param  array<string, mixed>  $fan */
    private static function unit(array $fan = []): Unit
    {
        $design = Sample::design()->with(fan: Fan::fromData(Overlay::of(Sample::catalogue()->fan('box-20-plain')->data, $fan)));

        return Unit::of($design, $design->assemble(), Air::reference());
    }
}
