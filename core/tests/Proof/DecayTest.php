<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Proof;

use Jornel\Core\Proof\Decay\CleanAirByDecay;
use Jornel\Core\Proof\Decay\DecayPlot;
use Jornel\Core\Proof\Decay\DecayRun;
use Jornel\Core\Proof\Decay\Exponential;
use Jornel\Core\Proof\Decay\ParticleSeries;
use Jornel\Core\Proof\Decay\Refusal;
use Jornel\Core\Proof\Decay\RefusedRun;
use Jornel\Core\Proof\Decay\Weights;
use Jornel\Core\Quantity\Interval;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DecayTest extends TestCase
{
    private const HOUR = 3600.0;

    #[TestWith([Weights::None])]
    #[TestWith([Weights::Meter])]
    public function test_a_decay_without_noise_is_found_again(Weights $weights): void
    {
        $times = array_map(fn (int $i): float => 40.0 * $i, range(0, 80));
        $fit = Exponential::fitted(new ParticleSeries($times, array_map(fn (float $time): float => 12.0 + 340.0 * exp(-4.2 * $time / self::HOUR), $times)), $weights);

        self::assertNotNull($fit);
        self::assertEqualsWithDelta(4.2, $fit->rate * self::HOUR, 1e-6);
        self::assertEqualsWithDelta(12.0, $fit->background, 1e-5);
        self::assertEqualsWithDelta(352.0, $fit->startInterval()->value, 1e-5);
        self::assertLessThan(1e-6, $fit->rateInterval()->half() * self::HOUR);
    }

    /** Worked by hand: ln 10 / 6 h and ln 100 / 6 h. */
    public function test_minutes_to_clear_follow_from_the_rate(): void
    {
        $times = array_map(fn (int $i): float => 20.0 * $i, range(0, 150));
        $fit = Exponential::fitted(new ParticleSeries($times, array_map(fn (float $time): float => 5.0 + 200.0 * exp(-6.0 * $time / self::HOUR), $times)), Weights::Meter);

        self::assertNotNull($fit);
        self::assertEqualsWithDelta(23.0259, $fit->clearing(0.90)->value / 60.0, 1e-3);
        self::assertEqualsWithDelta(46.0517, $fit->clearing(0.99)->value / 60.0, 1e-3);
    }

    /** Worked by hand: 200 m3 x (6.0 - 0.8) / 3600 s; 200 x hypot(0.3, 0.4) / 3600. */
    public function test_clean_air_is_the_volume_times_the_difference_of_the_rates(): void
    {
        $clean = CleanAirByDecay::of(200.0, [Interval::around(6.0 / self::HOUR, 0.3 / self::HOUR)], [Interval::around(0.8 / self::HOUR, 0.4 / self::HOUR)]);

        self::assertEqualsWithDelta(0.288889, $clean->value, 1e-6);
        self::assertEqualsWithDelta(0.0277778, $clean->half(), 1e-6);
    }

    public function test_runs_alike_narrow_the_interval_and_runs_that_disagree_widen_it(): void
    {
        $one = Interval::around(5.0, 0.4);
        $alike = CleanAirByDecay::together([$one, Interval::around(5.1, 0.4)]);
        $apart = CleanAirByDecay::together([$one, Interval::around(7.0, 0.4)]);

        self::assertLessThan($one->half(), $alike->half());
        self::assertEqualsWithDelta(6.0, $apart->value, 1e-9);
        self::assertGreaterThan(1.0, $apart->half());
    }

    #[TestWith([Weights::None])]
    #[TestWith([Weights::Meter])]
    public function test_the_stretch_is_found_after_the_peak_and_gives_the_rate(Weights $weights): void
    {
        foreach ([1, 2, 3] as $seed) {
            $run = DecayRun::of((new Simulated($seed))->decay(5.0, 70.0), $weights);

            self::assertInstanceOf(DecayRun::class, $run);
            self::assertGreaterThanOrEqual(8.0, $run->stretch->from / 60.0);
            // Before half of it is gone: ln 2 / 5 h.
            self::assertLessThan(8.0 + 8.4, $run->stretch->from / 60.0);
            self::assertEqualsWithDelta(70.0, $run->stretch->to / 60.0, 0.01);
            self::assertEqualsWithDelta(5.0, $run->rate()->value * self::HOUR, 0.2);
            self::assertTrue($run->isEven());
        }
    }

    public function test_it_ends_before_somebody_lets_out_more(): void
    {
        $run = DecayRun::of((new Simulated(4))->decay(5.0, 90.0, more: fn (float $minute): float => $minute > 55.0 ? 120.0 * exp(-5.0 * ($minute - 55.0) / 60.0) : 0.0), Weights::Meter);

        self::assertInstanceOf(DecayRun::class, $run);
        self::assertLessThanOrEqual(55.2, $run->stretch->to / 60.0);
        self::assertEqualsWithDelta(5.0, $run->rate()->value * self::HOUR, 0.25);
    }

    public function test_it_begins_once_the_particles_are_mixed(): void
    {
        $run = DecayRun::of((new Simulated(5))->decay(4.0, 90.0, more: fn (float $minute): float => $minute > 8.0 ? 200.0 * exp(-25.0 * ($minute - 8.0) / 60.0) : 0.0), Weights::Meter);

        self::assertInstanceOf(DecayRun::class, $run);
        self::assertGreaterThan(10.0, $run->stretch->from / 60.0);
        self::assertEqualsWithDelta(4.0, $run->rate()->value * self::HOUR, 0.2);
    }

    /** @return iterable<string, array{ParticleSeries, Refusal}> */
    public static function useless(): iterable
    {
        $simulated = new Simulated(6);
        $whole = $simulated->decay(5.0, 70.0);
        yield 'half an e-fold' => [$simulated->decay(2.0, 23.0), Refusal::TooShort];
        yield 'the source still burns' => [$simulated->decay(5.0, 8.0), Refusal::StillRising];
        yield 'a slow rise to the end' => [$simulated->decay(1.0, 60.0, rise: 58.0), Refusal::StillRising];
        yield 'nothing was let out' => [$simulated->decay(0.001, 60.0, excess: 0.5, rise: 0.1), Refusal::NotFalling];
        yield 'the jet blows over the meter' => [$simulated->decay(5.0, 70.0, more: fn (float $minute, float $there): float => 0.25 * ($there - 8.0) * sin($minute / 2.2)), Refusal::BadlyMixed];
        yield 'little smoke, a poor meter' => [$simulated->decay(4.0, 50.0, step: 60.0, noise: 8.0, excess: 60.0), Refusal::TooNoisy];
        yield 'at its ceiling' => [new ParticleSeries($whole->times, array_map(fn (float $value): float => min(150.0, $value), $whole->values)), Refusal::Saturated];
        yield 'five readings' => [new ParticleSeries([0.0, 60.0, 120.0, 180.0, 240.0], [100.0, 80.0, 64.0, 51.0, 41.0]), Refusal::TooFew];
    }

    #[DataProvider('useless')]
    public function test_a_run_that_says_nothing_sure_is_refused_with_the_reason(ParticleSeries $series, Refusal $code): void
    {
        $run = DecayRun::of($series, Weights::Meter);

        self::assertInstanceOf(RefusedRun::class, $run);
        self::assertSame($code, $run->code);
        self::assertStringNotContainsString('{', $run->reason);
    }

    public function test_a_meter_of_whole_numbers_is_not_at_its_ceiling_at_its_peak(): void
    {
        $slow = (new Simulated(7))->decay(1.2, 100.0, step: 1.0, noise: 0.0, excess: 20.0, background: 3.0);
        $run = DecayRun::of(new ParticleSeries($slow->times, array_map(round(...), $slow->values)), Weights::Meter);

        self::assertInstanceOf(DecayRun::class, $run);
    }

    public function test_what_is_told_is_used_as_told_even_after_a_ceiling(): void
    {
        $whole = (new Simulated(8))->decay(5.0, 70.0);
        $clipped = new ParticleSeries($whole->times, array_map(fn (float $value): float => min(150.0, $value), $whole->values));
        $refused = DecayRun::of($clipped, Weights::Meter);
        self::assertInstanceOf(RefusedRun::class, $refused);
        self::assertNotNull($refused->from);

        $run = DecayRun::of($clipped, Weights::Meter, $refused->from, 3000.0);

        self::assertInstanceOf(DecayRun::class, $run);
        self::assertSame([$refused->from, 3000.0], [$run->stretch->from, $run->stretch->to]);
        self::assertEqualsWithDelta(5.0, $run->rate()->value * self::HOUR, 0.4);
    }

    public function test_thinning_keeps_mean_and_order(): void
    {
        $series = (new Simulated(9))->decay(5.0, 70.0, step: 1.0);
        $thin = $series->thinned(100);

        self::assertSame(100, $thin->count());
        self::assertEqualsWithDelta(array_sum($series->values) / $series->count(), array_sum($thin->values) / 100, 0.2);
        self::assertSame(251, $series->between(100.0, 350.0)->count());
    }

    /** A log that has only begun is drawn, too. */
    public function test_a_log_without_readings_is_drawn_empty(): void
    {
        $plot = DecayPlot::of(new ParticleSeries([], []), null, null);

        self::assertSame([[], [], []], [$plot->readings, $plot->fitted, $plot->residuals]);
    }
}
