<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Room;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Room\Enclosure;
use Jornel\Core\Room\NeededOutput;
use Jornel\Core\Room\Reckoning;
use Jornel\Core\Room\RoomAir;
use Jornel\Core\Room\Series;
use Jornel\Core\Room\Ventilation;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class RoomAirTest extends TestCase
{
    public function test_the_steady_level_by_hand(): void
    {
        // 100 m3, 0.5 + 0.39 1/h and 0.1 m3/s (3.6 1/h) against 50 ug/m3 outdoors: 0.5 x 50 / 4.49 = 5.568.
        $air = RoomAir::of(self::room(), PerBin::same(0.1));

        self::assertEqualsWithDelta(5.5679, $air->steady(PerBin::same(50.0), PerBin::same(0.0))->e1, 1e-4);
        // With 1 ug/s set free as well: 36 ug/m3 an hour more.
        self::assertEqualsWithDelta((25.0 + 36.0) / 4.49, $air->steady(PerBin::same(50.0), PerBin::same(1.0))->e1, 1e-9);
    }

    public function test_two_half_steps_are_one_and_the_mean_is_what_the_steps_say(): void
    {
        $air = RoomAir::of(self::room(), new PerBin(0.05, 0.07, 0.09));
        [$now, $outdoor, $source] = [new PerBin(80.0, 20.0, 5.0), PerBin::same(30.0), PerBin::same(2.0)];
        $whole = $air->after($now, $outdoor, $source, 1800.0);
        $half = $air->after($air->after($now, $outdoor, $source, 900.0), $outdoor, $source, 900.0);

        self::assertEqualsWithDelta($whole->e2, $half->e2, 1e-11);
        // Simpson over many short steps.
        $sum = 0.0;
        for ($i = 0; $i <= 200; $i++) {
            $sum += ($i === 0 || $i === 200 ? 1 : ($i % 2 === 1 ? 4 : 2)) * $air->after($now, $outdoor, $source, 9.0 * $i)->e1;
        }
        self::assertEqualsWithDelta($sum / 600.0, $air->mean($now, $outdoor, $source, 1800.0)->e1, 1e-8);
    }

    public function test_a_sealed_room_without_settling_keeps_and_gathers(): void
    {
        $sealed = new Enclosure(100.0, self::smoke(), ventilation: new Ventilation(0.0), deposition: PerBin::same(0.0));
        $air = RoomAir::of($sealed, PerBin::same(0.0));

        self::assertEqualsWithDelta(10.0 + 2.0 * 600.0 / 100.0, $air->after(PerBin::same(10.0), PerBin::same(0.0), PerBin::same(2.0), 600.0)->e1, 1e-9);
        self::assertEqualsWithDelta(10.0 + 6.0, $air->mean(PerBin::same(10.0), PerBin::same(0.0), PerBin::same(2.0), 600.0)->e1, 1e-9);
        self::assertInfinite($air->steady(PerBin::same(0.0), PerBin::same(2.0))->e1);
    }

    public function test_a_series_goes_on_from_interval_to_interval(): void
    {
        $off = RoomAir::of(self::room(), PerBin::same(0.0));
        $on = RoomAir::of(self::room(), PerBin::same(0.2));
        $outdoor = PerBin::same(100.0);
        $series = Series::of(PerBin::same(0.0), [[3600.0, $off, $outdoor, PerBin::same(0.0)], [3600.0, $on, $outdoor, PerBin::same(0.0)]]);

        self::assertEqualsWithDelta($on->after($series->end(0), $outdoor, PerBin::same(0.0), 3600.0)->e1, $series->end(1)->e1, 1e-12);
        self::assertSame(2, $series->count());
        self::assertGreaterThan($series->mean(1)->e1, $series->mean(0)->e1);
    }

    public function test_exhaust_and_cracks_combine_in_quadrature_or_cautiously(): void
    {
        // 100 m3 at 0.5 1/h: 0.0138889 m3/s by cracks; 0.05 exhaust: sqrt(0.0138889^2 + 0.05^2) = 0.051893; cautious 0.0638889.
        self::assertEqualsWithDelta(0.051893, (new Ventilation(0.5, exhaust: 0.05))->outdoor(100.0), 1e-6);
        self::assertEqualsWithDelta(0.0638889, (new Ventilation(0.5, exhaust: 0.05, reckoning: Reckoning::Cautious))->outdoor(100.0), 1e-7);
    }

    public function test_a_filtered_supply_pushes_the_cracks_back(): void
    {
        // Total sqrt(Qi2 + Qs2), of which Qs has passed a filter that catches 0.85 of e2.
        $air = new Ventilation(0.5, supply: 0.05, supplyEfficiency: new PerBin(0.5, 0.85, 0.9));
        $total = sqrt((50.0 / 3600.0) ** 2 + 0.05 ** 2);

        self::assertEqualsWithDelta($total, $air->outdoor(100.0), 1e-12);
        self::assertEqualsWithDelta(0.15 * 0.05 + ($total - 0.05), $air->inflow(100.0)->e2, 1e-12);
        self::assertEqualsWithDelta(0.05, $air->counted()->e1, 1e-12);
    }

    public function test_supply_and_exhaust_alike_leave_the_cracks_alone(): void
    {
        $air = new Ventilation(0.5, exhaust: 0.05, supply: 0.05);

        self::assertEqualsWithDelta(50.0 / 3600.0, $air->unfiltered(100.0), 1e-12);
        self::assertEqualsWithDelta(50.0 / 3600.0 + 0.05, $air->outdoor(100.0), 1e-12);
    }

    public function test_central_air_cleans_and_brings_outdoor_air(): void
    {
        $air = new Ventilation(0.0, balanced: 0.02, balancedEfficiency: PerBin::same(0.5), recirculated: 0.3, recirculatedEfficiency: new PerBin(0.2, 0.65, 0.85));
        $room = RoomAir::of(new Enclosure(100.0, self::smoke(), ventilation: $air, deposition: PerBin::same(0.0)), PerBin::same(0.0));

        self::assertEqualsWithDelta((0.02 + 0.3 * 0.2) / 100.0, $room->losses->e1, 1e-15);
        self::assertEqualsWithDelta(0.01 / 100.0, $room->inflow->e1, 1e-15);
        self::assertEqualsWithDelta(0.02 + 0.3 * 0.65, $air->counted()->e2, 1e-15);
    }

    public function test_needed_output_to_hold_agrees_with_the_closed_form_and_holds(): void
    {
        // One bin: Q = V ((P a Cout + S/V) / Cgoal - a - k) / mixing = 100 ((0.5 x 60) / 10 - 0.5 - 0.39) / 3600 / 0.8.
        $room = new Enclosure(100.0, self::smoke(), outdoor: 60.0, mixing: 0.8);
        $closed = 100.0 * (30.0 / 10.0 - 0.89) / 3600.0 / 0.8;

        self::assertEqualsWithDelta($closed, NeededOutput::toHold($room, PerBin::same(1.0), 10.0), 1e-12);
        self::assertSame(0.0, NeededOutput::toHold($room, PerBin::same(1.0), 59.0));
        self::assertNull(NeededOutput::toHold(new Enclosure(100.0, self::smoke()), PerBin::same(1.0), 10.0));
        self::assertNull(NeededOutput::toHold($room, new PerBin(0.0, 1.0, 1.0), 10.0), 'a filter that catches nothing of it never holds it');
    }

    public function test_needed_output_of_a_mixture_holds_and_clears_what_was_asked(): void
    {
        $mixed = Sample::data()->pollutants()->get('shared-air');
        $room = new Enclosure(100.0, $mixed, outdoor: 60.0, source: 1.0);
        $spectrum = new PerBin(0.6, 0.9, 0.95);
        $needed = NeededOutput::toHold($room, $spectrum, 8.0);
        self::assertNotNull($needed);
        $clean = $spectrum->scaled($needed / $mixed->weigh($spectrum));

        self::assertEqualsWithDelta(8.0, NeededOutput::steady($room, $clean, 60.0), 1e-9);
        $clear = NeededOutput::toClear($room, $spectrum, 0.9, 1200.0);
        self::assertNotNull($clear);
        $rates = RoomAir::of($room, $spectrum->scaled($clear / $mixed->weigh($spectrum)))->losses;
        self::assertEqualsWithDelta(0.1, $mixed->weigh($rates->map(fn (float $rate): float => exp(-1200.0 * $rate))), 1e-9);
    }

    private static function room(): Enclosure
    {
        return new Enclosure(100.0, self::smoke());
    }

    private static function smoke(): Pollutant
    {
        return Sample::data()->pollutants()->get('cadr-smoke');
    }
}
