<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Part;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Part\Efficiency;
use Jornel\Core\Part\Layer;
use Jornel\Core\Part\Loading;
use Jornel\Core\Part\MediaArea;
use Jornel\Core\Part\PressureLaw;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class LoadingTest extends TestCase
{
    public function test_the_drop_grows_to_two_and_a_half_times_at_capacity_and_on_along_the_tangent(): void
    {
        // 2.5^0.5 = 1.58114; at capacity 2.5 with slope 2.5 ln 2.5 = 2.29073.
        $loading = new Loading(0.03);

        self::assertEqualsWithDelta([1.0, 1.58114, 2.5, 2.5 + 2.29073], array_map($loading->factor(...), [0.0, 0.5, 1.0, 2.0]), 1e-5);
        self::assertEqualsWithDelta($loading->factor(1.0 + 1e-9) - 2.5, 2.5 - $loading->factor(1.0 - 1e-9), 1e-12);
    }

    public function test_both_parts_of_the_drop_grow_and_capacity_goes_with_the_face(): void
    {
        $filter = Sample::catalogue()->filter('20x20x1-g13-economy');
        $half = Layer::of($filter, $filter->netArea() / 2.0);
        $loaded = $half->loaded(1.0);

        self::assertEqualsWithDelta(0.030, $filter->loading?->capacity, 1e-9);
        self::assertEqualsWithDelta(0.015, $half->loading?->capacity, 1e-9);
        self::assertEqualsWithDelta([2.5 * $half->law->viscous, 2.5 * $half->law->inertial], [$loaded->law->viscous, $loaded->law->inertial], 1e-9);
    }

    public function test_charged_media_lose_two_fifths_of_the_finest_ln_penetration(): void
    {
        $layer = new Layer(1.0, PressureLaw::fromOnePoint(1.0, 50.0), Efficiency::rated(new PerBin(0.5, 0.85, 0.9)), 2.5);

        // ln 0.5 x 0.6: penetration 0.6598 at the rating velocity; the other bins stay.
        self::assertEqualsWithDelta([1.0 - 0.5 ** 0.6, 0.85, 0.9], array_values((array) $layer->discharged(1.0)->efficiency->at(2.5)), 1e-12);
        self::assertEqualsWithDelta($layer->discharged(1.0)->efficiency->at(1.0)->e1, $layer->discharged(7.0)->efficiency->at(1.0)->e1, 1e-12);
    }

    public function test_media_area_follows_pleats_and_depth_so_a_dense_inch_beats_sparse_four(): void
    {
        // 17 pleats a foot over 19 1/2 in, 3/4 in deep: 27.625 pleats, 2 n d H = 808 in2; 10 a foot 475 in2.
        $dense = MediaArea::of(19.5, 19.5, 0.75, 12.0 / 17.0);

        self::assertEqualsWithDelta(808.03, $dense, 0.01);
        $law = PressureLaw::fromOnePoint(1.524, 74.7);
        $denser = $law->withMediaArea(475.3, 808.0);
        self::assertEqualsWithDelta($law->viscous * 475.3 / 808.0, $denser->viscous, 1e-12);
        self::assertSame($law->inertial, $denser->inertial);
        // The catalogue's own pair: 0.30 against 0.20 inWC at 300 fpm, which the law above tells within a tenth.
        self::assertEqualsWithDelta(0.20 / 0.30, $denser->drop(1.524) / $law->drop(1.524), 0.07);
    }

    public function test_the_face_of_a_ring_is_a_cylinder_and_of_a_sheet_all_of_it(): void
    {
        self::assertEqualsWithDelta(M_PI * 0.18 * 0.2, Sample::catalogue()->filter('ring-180x200')->netArea(), 1e-12);
        self::assertEqualsWithDelta(0.17 * 0.09, Sample::catalogue()->filter('mask-sheet')->netArea(), 1e-12);
        self::assertGreaterThan(Sample::catalogue()->filter('ring-180x200')->netArea(), Sample::catalogue()->filter('ring-180x200')->mediaArea());
    }

    public function test_rated_values_only_and_varied_penetration(): void
    {
        $rated = Efficiency::rated(new PerBin(0.5, 0.85, 0.9));

        self::assertSame([0.5, 0.85, 0.9], array_values((array) $rated->withoutCorrection()->at(0.4)));
        self::assertEqualsWithDelta(1.0 - 0.5 ** 1.2, $rated->withoutCorrection()->varied(1.2)->at(0.4)->e1, 1e-12);
    }
}
