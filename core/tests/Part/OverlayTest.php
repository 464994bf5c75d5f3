<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Part;

use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Overlay;
use Jornel\Core\Quantity\Provenance;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class OverlayTest extends TestCase
{
    public function test_a_figure_of_ones_own_goes_before_the_catalogues_in_whichever_unit(): void
    {
        $fan = self::fan(['free_flow_m3_h' => 1500, 'from' => 'measured']);

        self::assertEqualsWithDelta(1500.0 / 3600.0, $fan->rating->curve->freeFlow(), 1e-12);
        self::assertSame([Provenance::Measured, Provenance::Typical], [$fan->rating->flowFrom, $fan->rating->pressureFrom]);
        self::assertEqualsWithDelta(0.13 * 249.089, $fan->rating->curve->shutOff(), 1e-9);
    }

    public function test_a_curve_of_points_puts_the_two_figures_out(): void
    {
        $fan = self::fan(['curve' => [['flow_cfm' => 0, 'pressure_pa' => 40], ['flow_cfm' => 900, 'pressure_pa' => 0]], 'from' => 'measured']);

        self::assertEqualsWithDelta([900 * 4.719474e-4, 40.0], [$fan->rating->curve->freeFlow(), $fan->rating->curve->shutOff()], 1e-12);
        self::assertSame(Provenance::Measured, $fan->rating->pressureFrom);
    }

    public function test_an_advertised_flow_puts_the_free_one_out_and_a_free_one_the_advertised(): void
    {
        $like = Sample::catalogue()->fan('box-20-plain')->data;
        $advertised = Overlay::of($like, ['advertised_flow_cfm' => 2000]);

        self::assertTrue(Fan::fromData($advertised)->rating->isLowConfidence);
        self::assertEqualsWithDelta(0.52 * 2000 * 4.719474e-4, Fan::fromData($advertised)->rating->curve->freeFlow(), 1e-12);
        self::assertFalse(Fan::fromData(Overlay::of($advertised, ['free_flow_cfm' => 1100]))->rating->isLowConfidence);
    }

    public function test_nested_figures_are_laid_over_one_by_one(): void
    {
        $fan = self::fan(['body' => ['depth_mm' => 120], 'from' => 'measured']);

        self::assertEqualsWithDelta([0.12, 20.5 * 0.0254], [$fan->body->depth, $fan->body->side], 1e-12);
    }

    public function test_a_filters_own_efficiency_goes_before_its_grade(): void
    {
        $filter = Filter::fromData(Overlay::of(Sample::catalogue()->filter('20x20x1-g13-economy')->data, ['efficiency' => ['e1' => 0.6, 'e2' => 0.9, 'e3' => 0.95], 'drop' => [['velocity_fpm' => 300, 'pressure_inwc' => 0.26], ['velocity_fpm' => 500, 'pressure_inwc' => 0.5]], 'from' => 'measured']));

        self::assertSame(0.6, $filter->efficiency->rated->e1);
        self::assertSame([Provenance::Measured, Provenance::Measured], [$filter->gradeFrom, $filter->provenance]);
    }

    private static function fan(array $own): Fan
    {
        return Fan::fromData(Overlay::of(Sample::catalogue()->fan('box-20-plain')->data, $own));
    }
}
