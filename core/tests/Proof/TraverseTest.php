<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Proof;

use Jornel\Core\Proof\Level\AWeighting;
use Jornel\Core\Proof\Level\LevelPlace;
use Jornel\Core\Proof\Level\UnitLevel;
use Jornel\Core\Proof\Traverse\Aperture;
use Jornel\Core\Proof\Traverse\Grid;
use Jornel\Core\Proof\Traverse\InvalidTraverse;
use Jornel\Core\Proof\Traverse\Traverse;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TraverseTest extends TestCase
{
    /**
     * Source: ISO 3966 / ASHRAE Standard 111, shares of a side or a diameter.
     *
     * @param  list<float>  $published
     */
    #[TestWith([Grid::LogTchebycheff, 5, false, [0.074, 0.288, 0.500, 0.712, 0.926]])]
    #[TestWith([Grid::LogTchebycheff, 6, false, [0.061, 0.235, 0.437, 0.563, 0.765, 0.939]])]
    #[TestWith([Grid::LogTchebycheff, 7, false, [0.053, 0.203, 0.366, 0.500, 0.634, 0.797, 0.947]])]
    #[TestWith([Grid::LogLinear, 6, true, [0.032, 0.135, 0.321, 0.679, 0.865, 0.968]])]
    public function test_points_are_the_published_ones(Grid $grid, int $count, bool $isRound, array $published): void
    {
        self::assertSame($published, $grid->shares($count, $isRound));
    }

    /** Points of the same area: middles of a side's pieces; circles that halve rings, worked by hand for two rings. */
    public function test_points_of_equal_area(): void
    {
        self::assertEqualsWithDelta([0.125, 0.375, 0.625, 0.875], Grid::EqualArea->shares(4, false), 1e-12);
        self::assertEqualsWithDelta([(1 - sqrt(0.75)) / 2, (1 - sqrt(0.25)) / 2, (1 + sqrt(0.25)) / 2, (1 + sqrt(0.75)) / 2], Grid::EqualArea->shares(4, true), 1e-12);
    }

    /** Every grid lies about its middle, and the mean over it is that of a profile that falls evenly across. */
    public function test_grids_are_even_about_the_middle(): void
    {
        foreach (Grid::cases() as $grid) {
            foreach ([true, false] as $isRound) {
                foreach ($grid->counts($isRound) as $count) {
                    $shares = $grid->shares($count, $isRound);
                    self::assertCount($count, $shares);
                    self::assertEqualsWithDelta(0.5, array_sum($shares) / $count, 1e-3);
                    self::assertSame($shares, array_values(array_unique($shares)));
                }
            }
        }
    }

    /** The mean over 6 log-linear points of a turbulent pipe's profile, (y/R)^(1/7), is 49/60 of the middle's (textbook value). */
    public function test_a_pipe_profile_is_averaged_to_within_a_hundredth(): void
    {
        $row = array_map(fn (float $share): float => (min($share, 1.0 - $share) / 0.5) ** (1.0 / 7.0), Grid::LogLinear->shares(6, true));
        $traverse = Traverse::of(Aperture::round(0.2), Grid::LogLinear, [$row, $row], 0.05);

        self::assertEqualsWithDelta(49.0 / 60.0, $traverse->mean(), 0.01);
    }

    /** Worked by hand: readings 1, 2, 3, 4 m/s over 0.5 m by 0.4 m; s = 1.29099, t(3) = 3.18245. */
    public function test_mean_flow_and_uncertainty(): void
    {
        $traverse = Traverse::of(Aperture::rectangle(0.5, 0.4), Grid::EqualArea, [[1.0, 2.0], [3.0, 4.0]], 0.05, 0.01);

        self::assertEqualsWithDelta(2.5, $traverse->mean(), 1e-12);
        self::assertEqualsWithDelta(0.5, $traverse->flow(), 1e-12);
        self::assertEqualsWithDelta(1.2909944, $traverse->scatter(), 1e-6);
        self::assertEqualsWithDelta(sqrt(0.05 ** 2 + (3.182446 * 1.2909944 / (2.0 * 2.5)) ** 2 + 0.01 ** 2), $traverse->relativeUncertainty(), 1e-6);
    }

    public function test_air_that_flows_backwards_counts_against_the_rest(): void
    {
        $traverse = Traverse::of(Aperture::rectangle(0.5, 0.5), Grid::EqualArea, [[-1.0, 2.0], [2.0, 1.0]], 0.0);

        self::assertSame(1, $traverse->reversed());
        self::assertEqualsWithDelta(0.25, $traverse->flow(), 1e-12);
    }

    public function test_still_air_has_no_share_to_be_off_by(): void
    {
        self::assertNull(Traverse::of(Aperture::round(0.2), Grid::EqualArea, [[0.0, 0.0]], 0.05)->relativeUncertainty());
    }

    /** @param  list<list<float>>  $rows */
    #[TestWith([[[1.0, 2.0, 3.0, 4.0]], false, Grid::LogTchebycheff, 'readings_fpm.0'])]
    #[TestWith([[[1.0, 2.0, 3.0, 4.0, 5.0], [1.0, 2.0]], false, Grid::LogTchebycheff, 'readings_fpm.1'])]
    #[TestWith([[[1.0, 2.0, 3.0, 4.0, 5.0]], false, Grid::LogTchebycheff, 'readings_fpm'])]
    #[TestWith([[[1.0, 2.0]], false, Grid::LogLinear, 'grid'])]
    #[TestWith([[[1.0, 2.0, 3.0]], true, Grid::LogLinear, 'readings_fpm.0'])]
    public function test_readings_that_are_not_on_the_grid_are_told_at_their_row(array $rows, bool $isRound, Grid $grid, string $field): void
    {
        try {
            Traverse::of($isRound ? Aperture::round(0.3) : Aperture::rectangle(0.5, 0.5), $grid, $rows, 0.05);
            self::fail('Nothing was wrong.');
        } catch (InvalidTraverse $fault) {
            self::assertSame($field, $fault->field);
        }
    }

    /** Worked by hand: mean energy of 50 and 60 dBA is 57.4; 60 less 50 is 59.54; at 2 m 6.02 dB less. */
    public function test_levels_are_averaged_by_energy_and_freed_from_the_background(): void
    {
        self::assertEqualsWithDelta(57.404, UnitLevel::mean([50.0, 60.0]), 1e-3);
        $level = UnitLevel::of([60.0, 60.0], [50.0], 1.0);
        self::assertTrue($level->canBeTold());
        self::assertEqualsWithDelta(59.542, $level->unit, 1e-3);
        self::assertEqualsWithDelta(53.522, $level->at(2.0), 1e-3);
    }

    /** Worked by hand: 59.54 at 2 m is 65.56 at 1 m, 53.65 (56 less 52.2) at 4 m is 65.69; the mean energy of both is 65.63. */
    public function test_levels_at_several_places_are_brought_to_one_distance(): void
    {
        $level = UnitLevel::around([new LevelPlace([60.0], [50.0], 2.0), new LevelPlace([56.0], [52.2], 4.0)]);

        self::assertEqualsWithDelta([1.0, 65.628], [$level?->distance, $level?->unit], 5e-3);
        // Where it was read without the unit at one place alone, that counts for all.
        self::assertEqualsWithDelta(59.542, UnitLevel::around([new LevelPlace([60.0], [], 2.0), new LevelPlace([], [50.0], 2.0)])?->unit, 1e-3);
        self::assertNull(UnitLevel::around([new LevelPlace([60.0], [], 2.0)]));
    }

    /** Source: the direct and diffuse field, Lp = Lw + 10 log10(Q / (4 pi r^2) + 4 / R), worked forwards. */
    public function test_a_place_on_the_plan_hears_the_room_too(): void
    {
        $heard = fn (float $distance): float => 70.0 + 10.0 * log10(2.0 / (4.0 * M_PI * $distance ** 2) + 4.0 / 25.0);
        $level = UnitLevel::around([new LevelPlace([$heard(5.0)], [0.0], 5.0, 25.0), new LevelPlace([$heard(2.0)], [0.0], 2.0, 25.0)]);

        self::assertEqualsWithDelta(70.0 + 10.0 * log10(2.0 / (4.0 * M_PI)), $level?->at(1.0), 1e-3);
    }

    public function test_a_phone_and_a_room_make_a_level_less_sure(): void
    {
        self::assertSame(1.5, UnitLevel::within(false, false));
        self::assertEqualsWithDelta(2.5, UnitLevel::within(false, true), 1e-9);
        self::assertGreaterThan(UnitLevel::within(true, false), UnitLevel::within(true, true));
    }

    public function test_a_place_where_the_unit_cannot_be_told_counts_for_nothing(): void
    {
        $near = new LevelPlace([60.0], [50.0], 1.0);

        self::assertEqualsWithDelta(UnitLevel::of([60.0], [50.0], 1.0)->unit, UnitLevel::around([$near, new LevelPlace([51.0], [50.0], 1.0)])?->unit, 1e-9);
        self::assertFalse(UnitLevel::around([new LevelPlace([51.0], [50.0], 3.0)])?->canBeTold());
    }

    public function test_less_than_three_decibels_cannot_be_told(): void
    {
        $level = UnitLevel::of([42.9], [40.0], 1.0);

        self::assertFalse($level->canBeTold());
        self::assertNull($level->at(2.0));
    }

    /** Source: IEC 61672-1, table of frequency weightings (from memory), within its rounding to a tenth at exact third octaves. */
    public function test_the_weighting_of_frequencies_is_that_of_the_standard(): void
    {
        $table = ['16' => -56.7, '31.5' => -39.4, '63' => -26.2, 125 => -16.1, 250 => -8.6, 500 => -3.2, 1000 => 0.0, 2000 => 1.2, 4000 => 1.0, 8000 => -1.1, 16000 => -6.6];
        foreach ($table as $nominal => $decibels) {
            // Nominal frequencies stand for exact ones: 1000 x 10^(3 n / 10).
            $exact = 1000.0 * 10.0 ** (0.3 * round(log10((float) $nominal / 1000.0) / 0.3));
            self::assertEqualsWithDelta($decibels, AWeighting::at($exact), 0.06, "{$nominal} Hz");
        }
    }
}
