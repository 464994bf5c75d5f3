<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Part;

use Jornel\Core\Air\Air;
use Jornel\Core\Air\PerBin;
use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Efficiency;
use Jornel\Core\Part\PressureLaw;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FilterTest extends TestCase
{
    /** Source: ANSI/ASHRAE Standard 241-2023, removal of shared-air aerosol by grade (from memory). */
    #[TestWith(['11', 60])]
    #[TestWith(['12', 71])]
    #[TestWith(['13', 77])]
    #[TestWith(['14', 88])]
    public function test_grades_and_weights_give_the_published_removal(string $grade, int $percent): void
    {
        $rated = Sample::catalogue()->filter(match ($grade) {
            '11' => '20x20x1-g11', '12' => '20x20x1-g12', '13' => '20x20x1-g13-economy', default => '20x20x1-g14-economy',
        })->grade->efficiency;

        self::assertSame($percent, (int) round(Sample::data()->pollutants()->get('shared-air')->weigh($rated) * 100.0));
    }

    public function test_the_drop_and_its_inverse_agree(): void
    {
        foreach ([new PressureLaw(36.8, 8.0), new PressureLaw(36.8, 0.0), new PressureLaw(0.0, 8.0)] as $law) {
            foreach ([0.0, 0.01, 0.4, 2.5] as $velocity) {
                self::assertEqualsWithDelta($velocity, $law->velocity($law->drop($velocity)), 1e-12);
            }
        }
        self::assertSame(0.0, (new PressureLaw(36.8, 8.0))->velocity(-3.0));
    }

    public function test_a_single_rated_point_is_three_quarters_linear(): void
    {
        // Worked by hand: 74.7267 Pa at 1.524 m/s; a = 0.75 x 74.7267 / 1.524, b = 0.25 x 74.7267 / 1.524^2.
        $law = PressureLaw::fromOnePoint(1.524, 74.7267);

        self::assertEqualsWithDelta(36.775, $law->viscous, 1e-3);
        self::assertEqualsWithDelta(8.0435, $law->inertial, 1e-3);
    }

    public function test_thin_air_lowers_only_the_inertial_part(): void
    {
        $law = (new PressureLaw(36.0, 8.0))->in(Air::at(2000.0, 275.15));

        self::assertEqualsWithDelta(36.0, $law->viscous, 1e-12);
        self::assertEqualsWithDelta(8.0 * 1.0066 / 1.2, $law->inertial, 1e-2);
    }

    public function test_slower_air_is_caught_better_in_the_fine_bins_alone(): void
    {
        // Worked by hand: 0.5 ^ ((2.5 / 0.5)^0.4) = 0.5 ^ 1.9037 = 0.26727; 0.15 ^ (5^0.1) = 0.15 ^ 1.17462 = 0.10770.
        $slow = Efficiency::rated(new PerBin(0.5, 0.85, 0.9))->at(0.5);

        self::assertEqualsWithDelta(0.73273, $slow->e1, 1e-5);
        self::assertEqualsWithDelta(0.89230, $slow->e2, 1e-5);
        self::assertSame(0.9, $slow->e3);
    }

    public function test_at_the_rating_velocity_the_rating_holds(): void
    {
        $rated = new PerBin(0.5, 0.85, 0.9);

        self::assertEqualsWithDelta($rated, Efficiency::rated($rated)->at(2.5), 1e-15);
    }

    public function test_hepa_and_the_bounds_take_no_correction(): void
    {
        $hepa = PerBin::same(0.9995);

        self::assertSame($hepa, Efficiency::uncorrected($hepa)->at(0.02));
        self::assertEquals(new PerBin(0.0, 0.3, 1.0), Efficiency::rated(new PerBin(0.0, 0.3, 1.0))->withoutCorrection()->at(0.1));
    }

    public function test_a_coarser_bin_is_never_caught_worse_than_a_finer_one(): void
    {
        // Grade 14 in air of 0.1 m/s: e1 = 1 - 0.25 ^ (25^0.4) = 1 - 0.25 ^ 3.62390 = 0.99342, e2 = 1 - 0.1 ^ (25^0.1) = 0.95829,
        // e3 0.95 as rated: both are raised to the finest.
        $slow = Efficiency::rated(new PerBin(0.75, 0.90, 0.95))->at(0.1);

        self::assertEqualsWithDelta(0.99342, $slow->e1, 1e-5);
        self::assertSame([$slow->e1, $slow->e1], [$slow->e2, $slow->e3]);
        self::assertEquals(new PerBin(0.0, 0.0, 0.7), Efficiency::rated(new PerBin(0.0, 0.0, 0.7))->at(0.1));
    }

    public function test_every_filter_of_the_catalogue_catches_the_coarser_better_at_any_velocity(): void
    {
        foreach (Sample::catalogue()->filters as $filter) {
            foreach ([0.02, 0.1, 0.4, 1.0, 2.5, 4.0] as $velocity) {
                $caught = $filter->efficiency->at($velocity);
                self::assertGreaterThanOrEqual($caught->e1, $caught->e2, "{$filter->id} at {$velocity}");
                self::assertGreaterThanOrEqual($caught->e2, $caught->e3, "{$filter->id} at {$velocity}");
            }
        }
    }

    #[TestWith(['cone'])]
    #[TestWith([null])]
    public function test_a_filter_of_no_form_that_is_known_is_refused(?string $form): void
    {
        $this->expectException(BadRecord::class);

        Sample::filter(['form' => $form]);
    }

    #[TestWith(['width_in', 'width_in'])]
    #[TestWith(['height_in', 'height_in'])]
    public function test_a_filter_without_size_is_refused_with_the_path(string $key, string $path): void
    {
        try {
            Sample::filter([$key => -1]);
            self::fail();
        } catch (BadRecord $refusal) {
            self::assertSame($path, $refusal->field);
        }
    }
}
