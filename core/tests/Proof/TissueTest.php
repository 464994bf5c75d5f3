<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Proof;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Proof\Tissue\Finding;
use Jornel\Core\Proof\Tissue\LeakRanking;
use Jornel\Core\Proof\Tissue\PointKind;
use Jornel\Core\Proof\Tissue\TissuePoint;
use Jornel\Core\Proof\Tissue\TissuePoints;
use Jornel\Core\Proof\Tissue\TissueSurvey;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Tests\Sample;
use Jornel\Core\Tests\Shape\EveryShapeTest;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

final class TissueTest extends TestCase
{
    /** @param  array<string, Finding>  $findings */
    private static function survey(Design $design, array $findings): TissueSurvey
    {
        return TissueSurvey::of($design, TissuePoints::of($design, Sample::data()->tissue()), $findings, Sample::data()->tissue());
    }

    /** @return array<string, Finding> every point that may leak, still */
    private static function still(Design $design): array
    {
        $findings = [];
        foreach (TissuePoints::of($design, Sample::data()->tissue()) as $point) {
            $findings[$point->id] = $point->kind->isFilter() ? Finding::DrawnIn : Finding::Still;
        }

        return $findings;
    }

    /** Whatever shape, made one way or another: each seam and opening has its points, nothing twice, nothing missing. */
    #[DataProviderExternal(EveryShapeTest::class, 'designs')]
    public function test_the_points_are_those_of_the_very_shape(Design $design): void
    {
        $assembly = $design->assemble();
        $points = TissuePoints::of($design, Sample::data()->tissue());
        $of = fn (PointKind ...$kinds): array => array_values(array_filter($points, fn (TissuePoint $point): bool => in_array($point->kind, $kinds, true)));
        $seams = [PointKind::Seam, PointKind::PanelEdge, PointKind::FanRim];

        self::assertCount(count($points), array_unique(array_map(fn (TissuePoint $point): string => $point->id, $points)));
        self::assertCount(count($assembly->faces), $of(PointKind::Face));
        self::assertEqualsWithDelta($assembly->seamLength(), array_sum(array_map(fn (TissuePoint $point): float => $point->length, $of(...$seams))), 1e-9);
        self::assertCount(array_sum(array_map(fn ($seam): int => $seam->count, $assembly->seams)), $of(...$seams));
        self::assertEqualsWithDelta(array_sum(array_map(fn ($opening): float => $opening->area, $assembly->openings)), array_sum(array_map(fn (TissuePoint $point): float => $point->usual, $of(PointKind::FanCorner, PointKind::Opening))), 1e-9);
        foreach ($points as $point) {
            self::assertNotSame('', $point->name);
            self::assertStringNotContainsString('{', $point->name);
            self::assertGreaterThanOrEqual($point->usual, $point->missed, $point->id);
        }
        // Every filter face is drawn, and most of the rest: a seam inside the unit is not.
        self::assertSame([], array_values(array_filter($of(PointKind::Face), fn (TissuePoint $point): bool => $point->at === null)));
        $drawn = array_filter($points, fn (TissuePoint $point): bool => $point->at !== null);
        self::assertGreaterThan(0.5 * count($points), count($drawn));
        [$low, $high] = $design->scene()->reach();
        foreach ($drawn as $point) {
            self::assertTrue($point->at !== null && $point->at->x >= $low->x - 0.01 && $point->at->x <= $high->x + 0.01 && $point->at->z >= $low->z - 0.01 && $point->at->z <= $high->z + 0.01, $point->id);
        }
    }

    #[DataProviderExternal(EveryShapeTest::class, 'designs')]
    public function test_still_everywhere_is_tighter_than_drawn_everywhere(Design $design): void
    {
        $all = fn (Finding $finding): array => array_map(fn (): Finding => $finding, self::still($design));
        $leak = $design->direction() === Direction::Push ? Finding::BlownOut : Finding::DrawnIn;
        [$tight, $leaky] = [self::survey($design, $all(Finding::Still)), self::survey($design, $all($leak))];

        self::assertGreaterThan($tight->leakArea()->value, $leaky->leakArea()->value);
        self::assertSame([], $tight->leaks());
        foreach ($leaky->results as $result) {
            self::assertTrue($result->point->kind->isFilter() || ($result->leaks && $result->area !== null && $result->area->low <= $result->area->value && $result->area->value <= $result->area->high), $result->point->id);
        }
    }

    public function test_a_cube_has_its_eight_corners_and_its_fans_rim(): void
    {
        $kinds = array_count_values(array_map(fn (TissuePoint $point): string => $point->kind->value, TissuePoints::of(Sample::design(), Sample::data()->tissue())));

        self::assertSame(['face' => 4, 'seam' => 4, 'panel-edge' => 4, 'fan-rim' => 4, 'corner' => 8, 'fan-corner' => 4], $kinds);
    }

    public function test_a_leak_that_draws_widens_its_gap_and_a_still_one_does_not(): void
    {
        $design = Sample::design();
        $tight = self::survey($design, self::still($design));
        $leaky = self::survey($design, ['seam-1-1' => Finding::DrawnIn] + self::still($design));

        self::assertGreaterThan(1.5e-4, $leaky->leakArea()->value - $tight->leakArea()->value);
        $gap = array_values(array_filter($leaky->results, fn ($result): bool => $result->point->id === 'seam-1-1'))[0]->gap;
        self::assertNotNull($gap);
        self::assertGreaterThan(3e-4, $gap->low);
        self::assertLessThan(5e-3, $gap->high);
        self::assertCount(1, $leaky->leaks());
        // What nobody looked at is less sure than what was seen to be still.
        self::assertGreaterThan($tight->area->deviation, self::survey($design, [])->area->deviation);
    }

    public function test_a_unit_that_pushes_leaks_where_it_blows_out(): void
    {
        $design = Sample::design(direction: Direction::Push);

        self::assertCount(0, self::survey($design, ['seam-1-1' => Finding::DrawnIn])->leaks());
        self::assertCount(1, self::survey($design, ['seam-1-1' => Finding::BlownOut])->leaks());
    }

    public function test_what_pays_most_for_a_minute_is_patched_first(): void
    {
        $design = Sample::design('cube', 'box-20-plain', corners: Corners::Open);
        $survey = self::survey($design, ['corner-1' => Finding::DrawnIn, 'seam-1-1' => Finding::DrawnIn, 'opening-1-1' => Finding::DrawnIn] + self::still($design));
        $unit = Unit::of($design, $design->assemble(), Air::reference())->at(2);
        $pollutant = Sample::data()->pollutants()->get('wildfire-pm25');
        $ranks = LeakRanking::of($unit, $survey, $pollutant, Sample::data()->tissue());

        self::assertCount(3, $ranks);
        self::assertSame('corner-1', $ranks[2]->point->id);
        self::assertGreaterThanOrEqual($ranks[1]->perMinute(), $ranks[0]->perMinute());
        foreach ($ranks as $rank) {
            self::assertGreaterThanOrEqual(0.0, $rank->gain->low);
            self::assertGreaterThanOrEqual($rank->gain->value, $rank->gain->high);
        }
        $all = LeakRanking::ofAll($unit, $survey, $pollutant, Sample::data()->tissue());
        self::assertEqualsWithDelta($all->value, array_sum(array_map(fn ($rank): float => $rank->gain->value, $ranks)), 0.2 * $all->value);
    }

    public function test_faces_that_do_not_pull_say_what_may_be_wrong(): void
    {
        $design = Sample::design();
        $blocked = self::survey($design, ['face-1' => Finding::DrawnIn, 'face-2' => Finding::Still])->oddPoints();
        $reversed = self::survey($design, array_fill_keys(['face-1', 'face-2', 'face-3', 'face-4'], Finding::BlownOut))->oddPoints();

        self::assertSame(['face-2'], array_keys($blocked));
        self::assertStringContainsString('blocked', $blocked['face-2']);
        self::assertCount(4, $reversed);
        self::assertStringContainsString('Every face', $reversed['face-1']);
    }

    public function test_a_seam_at_which_air_comes_back_is_told_and_no_filter_is_said_to_be_reversed(): void
    {
        $pulls = Sample::design();
        $seams = array_values(array_filter(array_column(self::survey($pulls, [])->results, 'point'), fn (TissuePoint $point): bool => ! $point->kind->isFilter()));
        $seam = $seams[0]->id;

        self::assertStringContainsString('air comes back there', self::survey($pulls, [$seam => Finding::BlownOut])->oddPoints()[$seam]);
        self::assertSame([], self::survey($pulls, [$seam => Finding::DrawnIn])->oddPoints(), 'what draws is a leak, and ranked as one');
        $one = self::survey($pulls, ['face-1' => Finding::BlownOut, 'face-2' => Finding::DrawnIn])->oddPoints();
        self::assertSame(['face-1'], array_keys($one));
        self::assertStringNotContainsString('filter is', $one['face-1']);
        $whole = array_fill_keys(['face-1', 'face-2', 'face-3', 'face-4', $seam], Finding::BlownOut);
        self::assertArrayNotHasKey($seam, self::survey($pulls, $whole)->oddPoints());
    }
}
