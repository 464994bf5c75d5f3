<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Shape;

use Jornel\Core\Guide\Work;
use Jornel\Core\Part\FanBody;
use Jornel\Core\Part\Record;
use Jornel\Core\Shape\Assembly;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\DoesNotFit;
use Jornel\Core\Shape\Drawer;
use Jornel\Core\Shape\FanRow;
use Jornel\Core\Shape\Fitting;
use Jornel\Core\Shape\Hole;
use Jornel\Core\Shape\IsoscelesTriangle;
use Jornel\Core\Shape\Measurements;
use Jornel\Core\Shape\Panel;
use Jornel\Core\Shape\Seam;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Shape\Stand;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Each shape worked by hand; the cube, the raised cube and the flat panel in {@see ShapesTest}. */
final class FifteenShapesTest extends TestCase
{
    private const INCH = 0.0254;

    /** Twice the rim of 12 mm, in. */
    private const RIMS = 0.9448819;

    public function test_there_are_fifteen_and_each_fits_some_parts(): void
    {
        self::assertCount(15, Shapes::all());
        foreach (Shapes::all() as $shape) {
            $fitting = Fitting::into($shape, Sample::design(), Sample::catalogue());
            self::assertNotNull($fitting, $shape->id());
            self::assertSame($shape->id(), $fitting->shape->id());
            self::assertGreaterThan(0.0, $fitting->assemble()->netArea());
        }
    }

    public function test_fitting_keeps_what_fits_and_the_grade(): void
    {
        $tall = Fitting::into(Shapes::get('tall-box'), Sample::design(), Sample::catalogue());

        self::assertSame(['box-20-plain', '13'], [$tall?->fan->id, $tall?->filter->grade->id]);
        self::assertSame('20x20x1-g13-economy', Fitting::into(Shapes::get('wedge'), Sample::design(), Sample::catalogue())?->filter->id);
    }

    public function test_a_stacked_panel_has_its_layers_in_series(): void
    {
        // 1 in coarse in front of 1 in fine: 1 1/2 in of stack; both edges joined, 2 x 78 in.
        $design = Sample::design('stacked-panel', prefilter: '20x20x1-coarse');
        $assembly = $design->assemble();

        self::assertCount(1, $assembly->faces);
        self::assertCount(2, $assembly->faces[0]->layers);
        self::assertEqualsWithDelta((19.5 - self::RIMS) ** 2, self::in2($assembly->netArea()), 1e-4);
        self::assertEqualsWithDelta(156.0, self::in($assembly->seamLength()), 1e-9);
        self::assertEqualsWithDelta(1.5 + 4.5 + 0.004 / self::INCH, self::in(Measurements::of($design)->depth), 1e-9);
        self::assertSame([1, 2], [$design->shape->filterCount($design), Sample::design('stacked-panel')->shape->filterCount(Sample::design('stacked-panel'))]);
    }

    public function test_a_wedge_closes_with_two_triangles(): void
    {
        // Equal sides 19 1/2, base 20 1/2 in: height sqrt(19.5^2 - 10.25^2) = 16.589 in, 170.04 in2, 63.42 degrees at the
        // point; seams 3 x 19.5 + 2 (2 x 19.5 + 20.5) = 177.5 in.
        $triangle = new IsoscelesTriangle(19.5, 20.5);
        $assembly = Sample::design('wedge')->assemble();
        $end = self::panel($assembly, 'end');

        self::assertEqualsWithDelta([16.589, 170.04, 63.42], [$triangle->height(), $triangle->area(), $triangle->angle()], 0.01);
        self::assertCount(2, $assembly->faces);
        self::assertEqualsWithDelta(177.5, self::in($assembly->seamLength()), 1e-9);
        self::assertEqualsWithDelta([20.5, 16.589], [self::in($end->width), self::in($end->height)], 0.001);
        self::assertEqualsWithDelta($triangle->area(), self::in2($end->area()), 1e-6);
        self::assertFalse($end->isRectangle());
    }

    public function test_two_frames_between_two_make_a_rectangle(): void
    {
        // w 19 1/2, t 1 3/4: 19 1/2 by 23 in outside, 16 by 19 1/2 inside; front faces lose two strips, side faces none.
        $assembly = Sample::design(filter: '20x20x2-g13', options: ['layout' => 'two-between-two'])->assemble();
        $base = self::panel($assembly, 'base');

        self::assertEqualsWithDelta([19.5, 23.0], [self::in($base->width), self::in($base->height)], 1e-9);
        self::assertEqualsWithDelta((19.5 - 3.5) * (19.5 - self::RIMS), self::in2($assembly->faces[0]->netArea()), 1e-4);
        self::assertEqualsWithDelta((19.5 - self::RIMS) ** 2, self::in2($assembly->faces[1]->netArea()), 1e-4);
        self::assertEqualsWithDelta(4 * 19.5 + 2 * 2 * (19.5 + 23.0), self::in($assembly->seamLength()), 1e-9);
        self::assertStringContainsString('no longer covers', implode(' ', $assembly->remarks));
    }

    public function test_eight_small_filters_have_nearly_the_area_of_four_and_more_seams(): void
    {
        // 9 1/2 in high instead of 19 1/2: two rims more on each side, and four lying seams of 19 1/2 in.
        $eight = Sample::design(filter: '10x20x1-g13-economy', options: ['per-side' => '2'])->assemble();

        self::assertCount(8, $eight->faces);
        self::assertEqualsWithDelta(4 * 19.0 + 8 * 20.25 + 4 * 19.5, self::in($eight->seamLength()), 1e-9);
        self::assertEqualsWithDelta(0.92, $eight->netArea() / Sample::design()->assemble()->netArea(), 0.01);
    }

    public function test_a_tall_box_hangs_a_round_fan_below_its_rim(): void
    {
        // 16 x 30 x 1: really 15 1/2 x 29 1/2 x 3/4; 16 1/4 in outside, 14 3/4 clear for a fan of 14 1/2 in.
        // Common practice, no source: four 16 x 30 in filters make 1,920 in2.
        $hanging = Sample::design('tall-box', 'circulator-12', '16x30x1-g13-dense', options: ['fan-seat' => 'hanging', 'base' => 'floor']);
        $assembly = $hanging->assemble();

        self::assertEqualsWithDelta(4 * (15.5 - 0.47244 - 0.75) * (29.5 - self::RIMS), self::in2($assembly->netArea()), 1e-2);
        self::assertSame(['cover'], array_column($assembly->panels, 'id'));
        self::assertEqualsWithDelta(12.0, self::in((float) $assembly->panels[0]->hole), 1e-9);
        self::assertSame(Seam::RESTING, $assembly->seams[1]->gap);
        self::assertEqualsWithDelta(4 * 29.5 + 8 * 16.25, self::in($assembly->seamLength()), 1e-9);
        self::assertEqualsWithDelta(29.5 * self::INCH + 0.004, Measurements::of($hanging)->height, 1e-9);
        self::assertStringContainsString('between the hanging fan and the filters', implode(' ', $assembly->remarks));
    }

    public function test_an_array_box_keeps_panel_between_its_fans(): void
    {
        // 20 x 30: 29 1/2 in long and two boards of 4 mm, 757 mm: five fans of 140 mm side by side; two on one end.
        $array = Sample::design('array-box', 'pc-140', '20x30x1-g13-dense', options: ['fans-ends' => '2']);
        $assembly = $array->assemble();
        $top = self::panel($assembly, 'top');
        $fans = array_values(array_filter($top->holes, fn (Hole $hole): bool => $hole->width > 0.1));
        $middles = array_map(fn (Hole $hole): float => $hole->x, $fans);

        self::assertSame([7, 5], [$array->shape->fanCount($array), count($fans)]);
        // Four screws a fan, 124.5 mm apart.
        self::assertCount(5 + 20, $top->holes);
        self::assertEqualsWithDelta(0.1245, $top->holes[6]->x - $top->holes[5]->x, 1e-12);
        self::assertSame(['top', 'bottom', 'end', 'end-plain'], array_column($assembly->panels, 'id'));
        self::assertCount(2 + 8, self::panel($assembly, 'end')->holes);
        self::assertEqualsWithDelta(29.5 + 0.008 / self::INCH, self::in($top->width), 1e-9);
        self::assertEqualsWithDelta(2 * 0.75 + 5.51 + 0.02 / self::INCH, self::in($top->height), 1e-9);
        foreach (range(1, 4) as $i) {
            self::assertGreaterThanOrEqual(0.003 - 1e-9, $middles[$i] - $middles[$i - 1] - $fans[0]->width);
        }
        self::assertEqualsWithDelta(2 * (29.5 - self::RIMS) * (19.5 - self::RIMS), self::in2($assembly->netArea()), 1e-2);
        self::assertEqualsWithDelta(7 * 0.2, self::in2($assembly->openings[0]->area), 1e-9);
        self::assertSame([7, 1], [$assembly->hardware['grille-140'], $assembly->hardware['fan-hub']]);
        $both = Sample::design('array-box', 'pc-140', '20x30x1-g13-dense', options: ['fans-ends' => '2', 'ends' => 'both']);
        self::assertSame(9, $both->shape->fanCount($both));
    }

    public function test_five_small_fans_go_on_a_panel_of_25_inches(): void
    {
        // 24 1/2 in and two boards are 630 mm; five frames of 120 mm touch on 600; 8 mm of panel between two holes of 112 mm.
        $array = Sample::design('array-box', 'pc-120', '20x25x1-g13-economy');

        self::assertSame(5, $array->shape->fanCount($array));
        self::assertSame(0, FanRow::most($array->fan->body, 0.119, 0.3));
        self::assertSame(0, FanRow::most($array->fan->body, 0.3, 0.119));
        // Blade circles of 130 mm in frames of 120 mm: 3 mm between the holes and 10 mm at the edges, 133 n + 17 mm.
        $wide = new FanBody('square', 0.12, 0.13, 0.005, 0.025);
        self::assertSame([3, 2], [FanRow::most($wide, 0.4165, 0.2), FanRow::most($wide, 0.4155, 0.2)]);
    }

    public function test_a_slim_tower_is_a_square_column_or_a_triangle(): void
    {
        // 6.2 x 20: three make 372 in2 (common practice, no source); fans of 120 mm on the fourth side: four on 20 in.
        $square = Sample::design('slim-tower', 'pc-120', '6.2x20x1-g13-dense');
        $triangle = Sample::design('slim-tower', 'pc-120', '6.2x20x2-g13', options: ['column' => 'triangular']);

        self::assertSame([4, 1], [$square->shape->fanCount($square), $triangle->shape->fanCount($triangle)]);
        self::assertEqualsWithDelta(6.2 + 1.5, self::in(self::panel($square->assemble(), 'front')->width), 1e-9);
        self::assertEqualsWithDelta((6.2 - 0.47244 - 0.75) * (20.0 - self::RIMS), self::in2($square->assemble()->faces[0]->netArea()), 1e-2);
        // Circle of 4.4 in about the middle of a triangle of 6.2 in: inner radius 1.7898, three segments of
        // 2.2^2 acos(0.81354) - 1.7898 x 1.2793 = 0.7137 in2 each, so 13.064 of 15.205 in2 are open.
        self::assertEqualsWithDelta(0.8592, $triangle->assemble()->throttle, 1e-3);
        self::assertCount(6, self::panel($triangle->assemble(), 'top')->outline);
        // Five at most, however long the filters.
        $long = Sample::design('slim-tower', 'pc-120', '6.2x20x1-g13-dense')->with(filter: Sample::filter(['height_in' => 40], '6.2x20x1-g13-dense'));
        self::assertSame(5, $long->shape->fanCount($long));
    }

    public function test_a_tote_pushes_through_the_filter_in_its_lid(): void
    {
        // Lid 40 mm wider than the filter on each side, its cut-out inside the filter's rim.
        $tote = Sample::design('tote', 'blower-cage', '16x20x1-g13-economy');
        $assembly = $tote->assemble();
        $lid = self::panel($assembly, 'lid');

        self::assertSame(Direction::Push, $tote->direction());
        self::assertEqualsWithDelta([15.5 * self::INCH + 0.08, 19.5 * self::INCH + 0.08], [$lid->width, $lid->height], 1e-9);
        self::assertEqualsWithDelta([15.5 - self::RIMS, 19.5 - self::RIMS], [self::in($lid->holes[0]->width), self::in($lid->holes[0]->height)], 1e-6);
        self::assertSame(1, $assembly->hardware['plastic-tote']);
    }

    public function test_a_ring_has_the_face_of_a_cylinder_and_a_cone_that_can_be_cut_flat(): void
    {
        // pi x 180 x 200 mm; bore of 110 mm, 9,503 mm2, under a blade circle of 111.8 mm, 9,810 mm2.
        $ring = Sample::design('ring', 'pc-120', 'ring-180x200', options: ['cone' => 'folded']);
        $assembly = $ring->assemble();

        self::assertEqualsWithDelta(M_PI * 0.18 * 0.2, $assembly->netArea(), 1e-12);
        self::assertEqualsWithDelta(110.0 ** 2 / 111.76 ** 2, $assembly->throttle, 1e-9);
        self::assertEqualsWithDelta(2 * M_PI * 0.18 + 4 * 4.72 * self::INCH, $assembly->seamLength(), 1e-9);
        self::assertSame(['cone', 'cap', 'plate'], array_column($assembly->panels, 'id'));
    }

    public function test_a_bucket_holds_a_ring_under_an_exhaust_fan(): void
    {
        $bucket = Sample::design('bucket', 'exhaust-6', 'ring-180x200')->assemble();

        // 6 in blade circle over a bore of 110 mm.
        self::assertEqualsWithDelta((110.0 / 152.4) ** 2, $bucket->throttle, 1e-9);
        // The rim at the one hole, the plate at the far end, the fan's rim, the cord, the lid that rests.
        self::assertSame(['Cartridge’s rim to the edge of the hole', 'Plate to the cartridge’s far end', 'Fan to lid', 'Round the cord', 'Lid on its rim'], array_column($bucket->seams, 'name'));
        self::assertEqualsWithDelta(2 * M_PI * 0.18 + M_PI * 7.5 * self::INCH + 0.04, $bucket->joinedLength(), 1e-9);
        self::assertSame(1, $bucket->hardware['bucket']);
    }

    public function test_a_drawer_is_an_inch_and_a_half_wider_than_the_nominal_filter_inside(): void
    {
        // Common practice, no source: a frame for 20 in filters is 21 1/2 in inside and 22 1/2 outside; two nominal 1 in
        // filters stacked need 1 1/2 in here and 1/8 in of play.
        $design = Sample::design('drawer', options: ['stack' => '2']);
        $assembly = $design->assemble();
        $frame = self::panel($assembly, 'frame');

        self::assertEqualsWithDelta([22.5, 22.5], [self::in($frame->width), self::in($frame->height)], 1e-9);
        self::assertCount(2, $assembly->faces[0]->layers);
        $solids = $design->scene()->solids;
        $frames = array_values(array_filter($solids, fn ($solid): bool => str_starts_with($solid->part, 'frame')));
        $depths = array_merge(...array_map(fn ($solid): array => array_map(fn ($corner): float => $corner->y, $solid->corners()), $frames));
        self::assertEqualsWithDelta(0.5 + 1.5 + 0.125 + 0.5, self::in(max($depths) - min($depths)), 1e-9);
        self::assertStringContainsString('rear grille', implode(' ', $assembly->remarks));
    }

    public function test_all_of_a_drawer_is_on_the_cut_list_out_of_boards_of_one_thickness(): void
    {
        // 22 1/2 in frames of 1/2 in boards: two of them, two sides of 22 1/2 and two of 21 1/2 in, 7/8 in deep for one filter of
        // 3/4 in and 1/8 in of play; two plates, two arms, a foot as wide as all of it, a rod as long as the frame.
        $panels = Sample::design('drawer')->assemble()->panels;
        $count = array_count_values(array_column($panels, 'id'));
        $sizes = array_map(fn (Panel $panel): array => [self::in($panel->width), self::in($panel->height)], array_column($panels, null, 'id'));
        $board = Sample::catalogue()->material('plywood-half-inch-24x48');

        self::assertSame(['frame' => 2, 'box-lying' => 2, 'box-upright' => 2, 'stop' => 8, 'plate' => 2, 'arm' => 2, 'foot' => 1, 'rod' => 1, 'shroud' => 1], $count);
        self::assertEqualsWithDelta([[22.5, 22.5], [22.5, 0.875], [21.5, 0.875]], [$sizes['frame'], $sizes['box-lying'], $sizes['box-upright']], 1e-9);
        self::assertEqualsWithDelta([24.5, 22.5], [$sizes['foot'][0], $sizes['rod'][0]], 1e-9);
        self::assertEqualsWithDelta(Drawer::BOARD, (new Record($board->data))->figure('thickness')->si, 1e-12);
        foreach ($panels as $panel) {
            self::assertContains($panel->sheet, ['plywood-half-inch-24x48', 'rod-8mm', Panel::CARTON], $panel->id);
        }
    }

    public function test_a_duct_box_leads_its_air_through_a_canister_and_a_duct(): void
    {
        $plain = Sample::design('duct-box', 'inline-8', '20x20x2-g13')->assemble();
        $ducted = Sample::design('duct-box', 'inline-8', '20x20x2-g13', options: ['sheet' => 'plywood', 'faces' => '5', 'canister' => 'canister', 'duct-metres' => '3'])->assemble();

        self::assertNull($plain->outlet);
        self::assertCount(5, $ducted->faces);
        // 3 m at 3 dB and 2 dB of the canister leave 51 of 62 dBA at the end; the casing is at 50: 53.54 together.
        self::assertEqualsWithDelta(53.539, $ducted->outlet?->level(62.0), 1e-3);
        // 0.04 x 3 / 0.2032 x 1.2 / 2 x v2 at 800 cfm in 8 in, 11.642 m/s: 48.03 Pa; the canister 60 Pa at 4.5 m/s.
        $v = 11.642;
        $flow = $v * M_PI / 4.0 * 0.2032 ** 2;
        self::assertEqualsWithDelta(48.03 + 60.0 * (0.75 * $v / 4.5 + 0.25 * ($v / 4.5) ** 2), $ducted->outlet?->law->drop($flow), 0.05);
        self::assertSame(['feet-10cm' => 4, 'flange-8' => 1, 'short-screws' => 8, 'duct-clamp' => 4, 'lined-duct' => 3, 'carbon-canister' => 1], $ducted->hardware);
    }

    public function test_a_window_insert_is_an_intake_with_a_filler_board(): void
    {
        $one = Sample::design('window-insert');
        $far = Sample::design('window-insert', options: ['filters' => '2', 'fan-at' => 'far-window']);
        $board = self::panel($one->assemble(), 'board');

        self::assertTrue($one->assemble()->isIntake);
        self::assertFalse($one->stand() !== Stand::Fixed);
        self::assertEqualsWithDelta([0.9, 0.65], [$board->width, $board->height], 1e-9);
        self::assertEqualsWithDelta(0.45, $board->holes[0]->x, 1e-9);
        self::assertSame([1, 2], [$far->shape->fanCount($far), $far->shape->filterCount($far)]);
        self::assertEqualsWithDelta(2 * 78.0 + 2 * self::in(self::panel($far->assemble(), 'board')->width + 0.65), self::in($far->assemble()->seamLength()), 1e-6);
    }

    public function test_mask_sheets_overlap_over_a_smaller_hole(): void
    {
        // Two by three sheets of 17 x 9 cm with 1 cm of overlap: 33 x 25 cm over a hole of 31 x 23 cm.
        $masks = Sample::design('mask-sheet', filter: 'mask-sheet');
        $assembly = $masks->assemble();

        self::assertSame([6, Direction::Push], [$masks->shape->filterCount($masks), $masks->direction()]);
        self::assertEqualsWithDelta(0.31 * 0.23, $assembly->netArea(), 1e-12);
        self::assertEqualsWithDelta(0.31 * 0.23 / (M_PI / 4.0 * (18.5 * self::INCH) ** 2), $assembly->throttle, 1e-9);
    }

    #[TestWith(['wedge', 'box-20-plain', '16x16x1', 'unit.filter'])]
    #[TestWith(['wedge', 'box-20-plain', '24x24x1-g13-economy', 'unit.filter'])]
    #[TestWith(['tall-box', 'box-20-plain', '20x20x1-g13-economy', 'unit.filter'])]
    #[TestWith(['tall-box', 'inline-8', '20x25x1-g13-economy', 'unit.fan'])]
    #[TestWith(['array-box', 'box-20-plain', '20x20x1-g13-economy', 'unit.fan'])]
    #[TestWith(['array-box', 'pc-140', '14x20x1-g13-economy', 'unit.options.fans-top', ['fans-top' => '12']])]
    #[TestWith(['array-box', 'pc-140', '14x20x1-g13-economy', 'unit.options.fans-top', ['fans-top' => '0']])]
    #[TestWith(['slim-tower', 'pc-140', '20x20x1-g13-economy', 'unit.filter'])]
    #[TestWith(['slim-tower', 'pc-140', '6.2x20x1-g13-dense', 'unit.options.fans', ['fans' => '6']])]
    #[TestWith(['tote', 'box-20-plain', '16x20x1-g13-economy', 'unit.fan'])]
    #[TestWith(['tote', 'blower-cage', '20x30x1-g13-economy', 'unit.filter'])]
    #[TestWith(['ring', 'pc-120', '20x20x1-g13-economy', 'unit.filter'])]
    #[TestWith(['ring', 'box-20-plain', 'ring-180x200', 'unit.fan'])]
    #[TestWith(['bucket', 'pc-120', 'ring-180x200', 'unit.fan'])]
    #[TestWith(['drawer', 'box-20-plain', '16x20x1-g13-economy', 'unit.fan'])]
    #[TestWith(['duct-box', 'box-20-plain', '20x20x1-g13-economy', 'unit.fan'])]
    #[TestWith(['duct-box', 'inline-8', '16x20x1-g13-economy', 'unit.filter', ['faces' => '5']])]
    #[TestWith(['window-insert', 'pc-120', '20x20x1-g13-economy', 'unit.fan'])]
    #[TestWith(['mask-sheet', 'exhaust-6', 'mask-sheet', 'unit.fan'])]
    #[TestWith(['mask-sheet', 'box-20-plain', '20x20x1-g13-economy', 'unit.filter'])]
    public function test_what_does_not_fit_is_refused_at_its_field(string $shape, string $fan, string $filter, string $field, array $options = []): void
    {
        if ($filter === '16x16x1') {
            $filter = '16x20x1-g13-economy';
            $design = Sample::design($shape, $fan, $filter, options: $options);
            $design = $design->with(filter: Sample::filter(['width_in' => 10.0, 'height_in' => 20.0]));
        } else {
            $design = Sample::design($shape, $fan, $filter, options: $options);
        }
        try {
            $design->assemble();
            self::fail();
        } catch (DoesNotFit $refusal) {
            self::assertSame($field, $refusal->field);
        }
    }

    public function test_a_prefilter_must_be_as_large_as_the_filter(): void
    {
        $this->expectException(DoesNotFit::class);
        $this->expectExceptionMessageMatches('/not as large/');
        Sample::design(prefilter: '16x20x1-coarse')->assemble();
    }

    public function test_work_takes_minutes_tools_and_skills(): void
    {
        // Common practice, no source: a cube with tape 45 to 60 min.
        $cube = Work::of(Sample::design());

        self::assertGreaterThanOrEqual(45.0, $cube->minutes);
        self::assertLessThanOrEqual(60.0, $cube->minutes);
        self::assertContains('knife', $cube->tools());
        self::assertContains('sawing', Work::of(Sample::design('drawer'))->skills());
        self::assertContains('wiring', Work::of(Sample::design('ring', 'pc-120', 'ring-180x200'))->skills());
        self::assertNotContains('cutting', Work::of(Sample::design('flat-panel', corners: Corners::Open))->skills());
        foreach (Shapes::all() as $shape) {
            $fitting = Fitting::into($shape, Sample::design(), Sample::catalogue());
            self::assertNotNull($fitting);
            self::assertGreaterThan(5.0, Work::of($fitting)->minutes, $shape->id());
        }
    }

    public function test_a_light_fan_behind_a_deep_filter_tips(): void
    {
        $panel = Measurements::of(Sample::design('flat-panel', corners: Corners::Open));
        $cube = Measurements::of(Sample::design());

        self::assertLessThan(15.0, $panel->tipping);
        self::assertGreaterThan(25.0, $cube->tipping);
        self::assertNull(Measurements::of(Sample::design('window-insert'))->tipping);
        // A cube of even mass on its whole foot would tip at atan(half side / half height); the fan on top makes it less.
        self::assertLessThan(rad2deg(atan2(20.25 / 2, 24.0 / 2)), $cube->tipping);
        self::assertTrue(Measurements::of(Sample::design('flat-panel', fan: 'circulator-11', filter: 'hepa-panel-12x12', corners: Corners::Open))->tipping < 25.0);
    }

    private static function panel(Assembly $assembly, string $id): Panel
    {
        return array_column($assembly->panels, null, 'id')[$id];
    }

    private static function in(float $metres): float
    {
        return $metres / self::INCH;
    }

    private static function in2(float $squareMetres): float
    {
        return $squareMetres / self::INCH ** 2;
    }
}
