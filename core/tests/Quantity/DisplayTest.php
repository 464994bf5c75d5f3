<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Quantity;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\System;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Conversions by NIST SP 811, appendix B. */
final class DisplayTest extends TestCase
{
    #[TestWith([Display::RoomLength, 8.382, '27′ 6″', '8.38 m'])]
    #[TestWith([Display::RoomLength, 2.4384, '8′', '2.44 m'])]
    #[TestWith([Display::RoomLength, 0.3016, '11 7/8″', '0.30 m', true])]
    #[TestWith([Display::PartLength, 0.4953, '19 1/2 in', '495 mm'])]
    #[TestWith([Display::Area, 63.08, '679 ft²', '63.1 m²'])]
    #[TestWith([Display::SmallArea, 0.0029032, '4.5 in²', '29 cm²'])]
    #[TestWith([Display::Volume, 203.88, '7,200 ft³', '203.9 m³'])]
    #[TestWith([Display::Flow, 0.283168, '600 cfm', '1,019 m³/h'])]
    #[TestWith([Display::Pressure, 12.4545, '0.050 inWC', '12.5 Pa'])]
    #[TestWith([Display::Velocity, 1.524, '300 fpm', '1.52 m/s'])]
    #[TestWith([Display::Level, 61.6, '62 dBA', '62 dBA'])]
    #[TestWith([Display::Power, 9.64, '9.6 W', '9.6 W'])]
    #[TestWith([Display::Power, 54.7, '55 W', '55 W'])]
    #[TestWith([Display::Minutes, 570.0, '9.5 min', '9.5 min'])]
    #[TestWith([Display::Minutes, 2763.0, '46 min', '46 min'])]
    #[TestWith([Display::AirChanges, 4.84, '4.8 /h', '4.8 /h'])]
    #[TestWith([Display::Share, 0.023, '2.3 %', '2.3 %'])]
    #[TestWith([Display::Share, 0.757, '76 %', '76 %'])]
    #[TestWith([Display::Gap, 0.00005, '0.05 mm', '0.05 mm'])]
    #[TestWith([Display::Mass, 4.5359237, '10.0 lb', '4.54 kg'])]
    #[TestWith([Display::Dust, 0.045, '45.0 g', '45.0 g'])]
    #[TestWith([Display::Temperature, 293.15, '68 °F', '20 °C'])]
    #[TestWith([Display::Altitude, 1600.2, '5,250 ft', '1,600 m'])]
    #[TestWith([Display::Concentration, 35.44, '35.4 µg/m³', '35.4 µg/m³'])]
    #[TestWith([Display::Density, 0.99257, '0.993 kg/m³', '0.993 kg/m³'])]
    #[TestWith([Display::Angle, 14.6, '15°', '15°'])]
    public function test_a_figure_is_written_in_both_measures(Display $display, float $si, string $imperial, string $metric, bool $noFeet = false): void
    {
        self::assertSame([$noFeet ? "0′ {$imperial}" : $imperial, $metric], [$display->text($si, System::Imperial), $display->text($si, System::Metric)]);
    }

    public function test_what_has_no_end_is_not_a_number(): void
    {
        self::assertSame('∞ cfm', Display::Flow->text(INF, System::Imperial));
    }

    public function test_nothing_is_written_below_zero_that_rounds_to_it(): void
    {
        self::assertSame('0 cfm', Display::Flow->text(-1e-9, System::Imperial));
        self::assertSame('-3.0 Pa', Display::Pressure->text(-3.0, System::Metric));
    }
}
