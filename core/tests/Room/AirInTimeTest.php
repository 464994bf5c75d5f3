<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Room;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\RatedOutput;
use Jornel\Core\Airflow\UncertainOutput;
use Jornel\Core\Part\BoughtPurifier;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnreadableEntry;
use Jornel\Core\Room\AirInTime;
use Jornel\Core\Room\Enclosure;
use Jornel\Core\Room\StartEntry;
use Jornel\Core\Room\Ventilation;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The air of a room falls, with and without what in the room, between the bounds that its figures give it. */
final class AirInTimeTest extends TestCase
{
    /** 100 m3 without cracks; particles of the finest bin settle by 0.39 /h; a purifier of 0.1 m3/s clears 3.6 /h. */
    public function test_it_falls_by_the_rates_of_room_and_purifier_worked_by_hand(): void
    {
        $air = self::air(self::rated(0.1), 200.0);

        self::assertEqualsWithDelta(200.0, $air->with(0.0), 1e-9);
        self::assertEqualsWithDelta(200.0 * exp(-0.39 * 0.5), $air->without(1800.0), 1e-6);
        self::assertEqualsWithDelta(200.0 * exp(-3.99 * 0.5), $air->with(1800.0), 1e-6);
        self::assertEqualsWithDelta(log(10.0) / 3.99 * 3600.0, $air->gone(0.9), 1e-3);
        self::assertEqualsWithDelta(2.0, $air->gone(0.99) / $air->gone(0.9), 1e-9);
    }

    /** The 90 % interval of a rating of 10 % is a factor of exp(1.645 x 0.1); the room mixes by 0.6 to 1. */
    public function test_the_range_is_that_of_the_clean_air_and_of_the_mixing(): void
    {
        $air = self::air(self::rated(0.1), 200.0);
        [$low, $high] = $air->range(1800.0);

        self::assertEqualsWithDelta(200.0 * exp(-(0.39 + 3.6 * exp(0.1644854)) * 0.5), $low, 1e-3);
        self::assertEqualsWithDelta(200.0 * exp(-(0.39 + 3.6 * 0.6 * exp(-0.1644854)) * 0.5), $high, 1e-3);
    }

    public function test_it_comes_to_what_outdoor_air_and_losses_hold(): void
    {
        $room = new Enclosure(100.0, Sample::data()->pollutants()->get('shared-air'), ventilation: new Ventilation(1.0), outdoor: 30.0);
        $air = AirInTime::of($room, UncertainOutput::none(), 0.1);

        self::assertGreaterThan($air->without(3600.0), $air->without(36000.0));
        self::assertLessThan(30.0, $air->without(360000.0));
        self::assertSame($air->with(7200.0), $air->without(7200.0));
    }

    #[TestWith(['', 40.0])]
    #[TestWith(['120', 120.0])]
    #[TestWith(['0.2 mg/m³', 200.0])]
    public function test_the_start_is_read_or_taken_from_outdoors(string $text, float $start): void
    {
        self::assertSame($start, StartEntry::read($text, new Enclosure(100.0, Sample::data()->pollutants()->get('shared-air'), outdoor: 40.0), System::Metric));
    }

    public function test_a_start_that_is_none_is_refused_at_its_field(): void
    {
        $this->expectException(UnreadableEntry::class);
        StartEntry::read('much', new Enclosure(100.0, Sample::data()->pollutants()->get('shared-air')), System::Metric);
    }

    private static function air(UncertainOutput $output, float $start): AirInTime
    {
        return AirInTime::of(new Enclosure(100.0, self::finest(), ventilation: new Ventilation(0.0)), $output, $start);
    }

    private static function finest(): Pollutant
    {
        return new Pollutant('finest', 'Finest', 'finest', new PerBin(1.0, 0.0, 0.0), '', null);
    }

    private static function rated(float $cleanAir): UncertainOutput
    {
        return RatedOutput::of(new BoughtPurifier('Purifier', $cleanAir), Sample::data()->tolerances());
    }
}
