<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Quantity;

use Jornel\Core\Quantity\Dimension;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Quantity\Scale;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\UnitOfMeasure;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class UnitOfMeasureTest extends TestCase
{
    /** Source: NIST SP 811, appendix B. */
    #[TestWith([UnitOfMeasure::Foot, 0.3048])]
    #[TestWith([UnitOfMeasure::Inch, 0.0254])]
    #[TestWith([UnitOfMeasure::CubicFootPerMinute, 4.719474e-4])]
    #[TestWith([UnitOfMeasure::FootPerMinute, 0.00508])]
    #[TestWith([UnitOfMeasure::InchOfWater, 249.089])]
    #[TestWith([UnitOfMeasure::SquareFoot, 0.09290304])]
    #[TestWith([UnitOfMeasure::CubicFoot, 0.028316846592])]
    #[TestWith([UnitOfMeasure::SquareInch, 6.4516e-4])]
    public function test_conversions_are_the_published_ones(UnitOfMeasure $unit, float $si): void
    {
        self::assertEqualsWithDelta($si, $unit->toSi(1.0), $si * 1e-12);
        self::assertEqualsWithDelta(7.0, $unit->fromSi($unit->toSi(7.0)), 1e-12);
    }

    public function test_a_spelling_means_one_unit_within_its_dimension(): void
    {
        foreach (Dimension::cases() as $dimension) {
            $all = array_merge(...array_map(
                fn (UnitOfMeasure $unit): array => $unit->dimension() === $dimension ? $unit->spellings() : [],
                UnitOfMeasure::cases(),
            ));
            self::assertSame(array_unique($all), $all);
        }
        self::assertNull(UnitOfMeasure::spelled('cfm', Dimension::Length));
    }

    #[TestWith([Display::RoomLength, 8.382, '27′ 6″', '8.38 m'])]
    #[TestWith([Display::RoomLength, 8.4, '27′ 6 3/4″', '8.40 m'])]
    #[TestWith([Display::RoomLength, 3.657, '12′', '3.66 m'])]
    #[TestWith([Display::PartLength, 0.428625, '16 7/8 in', '429 mm'])]
    #[TestWith([Display::Flow, 0.4719474, '1,000 cfm', '1,699 m³/h'])]
    #[TestWith([Display::Pressure, 12.45445, '0.050 inWC', '12.5 Pa'])]
    #[TestWith([Display::Velocity, 2.5, '492 fpm', '2.50 m/s'])]
    #[TestWith([Display::Volume, 203.88, '7,200 ft³', '203.9 m³'])]
    #[TestWith([Display::Minutes, 1800.0, '30 min', '30 min'])]
    #[TestWith([Display::Minutes, 90.0, '1.5 min', '1.5 min'])]
    #[TestWith([Display::Share, 0.263, '26 %', '26 %'])]
    #[TestWith([Display::Flow, -1e-9, '0 cfm', '0 m³/h'])]
    public function test_figures_are_written_in_both_measures(Display $display, float $si, string $imperial, string $metric): void
    {
        self::assertSame($imperial, $display->text($si, System::Imperial));
        self::assertSame($metric, $display->text($si, System::Metric));
    }

    public function test_a_sentence_is_told_in_either_measure(): void
    {
        $sentence = Sentence::of('{flow} short, {units} units', flow: [Display::Flow, 0.4719474], units: 3);

        self::assertSame('1,000 cfm short, 3 units', $sentence->text(System::Imperial));
        self::assertSame('1,699 m³/h short, 3 units', $sentence->text(System::Metric));
    }

    public function test_a_result_is_no_surer_than_what_it_rests_on(): void
    {
        self::assertSame(Provenance::Assumed, Provenance::Measured->weaker(Provenance::Assumed));
        self::assertSame(Provenance::Typical, Provenance::Typical->weaker(Provenance::Rated));
    }

    #[TestWith([1112.0, [0, 200, 400, 600, 800, 1000]])]
    #[TestWith([90.0, [0, 20, 40, 60, 80]])]
    #[TestWith([40.0, [0, 5, 10, 15, 20, 25, 30, 35, 40]])]
    public function test_a_scale_has_round_marks(float $cfm, array $marks): void
    {
        $found = Scale::marks($cfm * 4.719474e-4, UnitOfMeasure::CubicFootPerMinute);

        self::assertEqualsWithDelta($marks, array_map(fn (float $mark): float => $mark / 4.719474e-4, $found), 1e-9);
    }
}
