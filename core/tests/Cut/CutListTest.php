<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Cut;

use Jornel\Core\Cut\CartonBlank;
use Jornel\Core\Cut\CutList;
use Jornel\Core\Cut\CutPart;
use Jornel\Core\Cut\CutPlan;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Geometry\Polygon;
use Jornel\Core\Kit\CartonAtHand;
use Jornel\Core\Kit\Kit;
use Jornel\Core\Kit\KitOrder;
use Jornel\Core\Nest\Nesting;
use Jornel\Core\Nest\Piece;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Ring;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is cut for every shape, and that it comes out of what is there. */
final class CutListTest extends TestCase
{
    private const INCH = 0.0254;

    /** @param  list<string>  $parts  `count name` */
    #[DataProvider('designs')]
    public function test_every_shape_is_cut_from_these_parts_and_no_others(Design $design, array $parts): void
    {
        $cuts = CutList::of($design, $design->assemble());
        self::assertSame($parts, array_map(fn (CutPart $part): string => "{$part->count} {$part->name}", $cuts));
        self::assertSame(array_map(CutList::letter(...), array_keys($cuts)), array_map(fn (CutPart $part): string => $part->label, $cuts));
        foreach ($cuts as $part) {
            $outline = new Polygon($part->outline);
            self::assertGreaterThan(0.0, $part->area(), $part->name);
            self::assertFalse($outline->crossesItself(), $part->name);
            foreach ($part->holes as $hole) {
                foreach ($hole->corners() as $corner) {
                    self::assertTrue($outline->contains($corner), "{$part->name}: a hole beyond its edge");
                }
            }
        }
    }

    /** @return iterable<string, array{Design, list<string>}> */
    public static function designs(): iterable
    {
        $box = '20x20x1-g13-dense';
        yield 'flat panel' => [Sample::design('flat-panel', filter: $box), ['1 Shroud']];
        yield 'stacked panel' => [Sample::design('stacked-panel', filter: $box, corners: Corners::Taped), ['4 Corner piece']];
        yield 'wedge' => [Sample::design('wedge', filter: $box), ['2 Triangle', '1 Shroud']];
        yield 'cube' => [Sample::design('cube', filter: $box), ['1 Base', '1 Shroud']];
        yield 'cube, corners open' => [Sample::design('cube', filter: $box, corners: Corners::Open), ['1 Base']];
        // The fifth filter is the base: none is cut.
        yield 'raised cube' => [Sample::design('raised-cube', filter: $box), ['1 Shroud']];
        yield 'array box' => [Sample::design('array-box', 'pc-140', $box), ['1 Top', '1 Bottom', '2 End']];
        yield 'array box, fans on both ends' => [Sample::design('array-box', 'pc-140', $box, options: ['fans-ends' => '2', 'ends' => 'both']), ['1 Top', '1 Bottom', '2 End with the fans']];
        yield 'slim tower' => [Sample::design('slim-tower', 'pc-140', '10x20x1-g13-dense'), ['1 Front with the fans', '1 Bottom', '1 Top']];
        yield 'triangular tower' => [Sample::design('slim-tower', 'pc-140', '10x20x1-g13-dense', options: ['column' => 'triangular']), ['1 Bottom', '1 Top with the fan']];
        yield 'tote' => [Sample::design('tote', 'inline-8', '10x20x1-g13-dense'), ['1 Lid', '1 Tote, wall with the blower']];
        yield 'ring, folded cone' => [Sample::design('ring', 'pc-120', 'ring-180x200', options: ['cone' => 'folded']), ['1 Cone, rolled up', '1 Cap on the cartridge’s far end', '1 Plate under the fan']];
        yield 'bucket' => [Sample::design('bucket', 'exhaust-6', 'ring-180x200'), ['1 Plate on the cartridge’s far end', '1 Bucket, bottom under the cartridge', '1 Bucket, lid under the fan']];
        yield 'drawer' => [Sample::design('drawer', filter: $box), ['2 Face frame', '2 Box, top and bottom', '2 Box, sides', '8 Stop', '2 Plate with a captive nut', '2 Pedestal, arm of the fork', '1 Pedestal, foot', '1 Latch rod', '1 Shroud']];
        yield 'drawer, butt joints' => [Sample::design('drawer', filter: $box, corners: Corners::Open, options: ['frames' => 'butt', 'stand' => 'bought']), ['4 Face frame, upright strip', '4 Face frame, lying strip', '2 Box, top and bottom', '2 Box, sides', '8 Stop', '1 Latch rod']];
        yield 'duct box' => [Sample::design('duct-box', 'inline-8', $box), ['1 Base', '1 Top with the flange']];
        yield 'window insert' => [Sample::design('window-insert', filter: $box), ['1 Filler board', '1 Shroud']];
        yield 'mask sheet' => [Sample::design('mask-sheet', filter: 'mask-sheet'), ['1 Film']];
    }

    public function test_four_mitred_strips_are_the_frame_that_is_sawn_whole(): void
    {
        $area = fn (string $frames): float => array_sum(array_map(
            fn (CutPart $part): float => str_starts_with($part->name, 'Face frame') ? $part->count * $part->area() : 0.0,
            CutList::of($design = Sample::design('drawer', filter: '20x20x1-g13-dense', options: ['frames' => $frames]), $design->assemble()),
        ));
        self::assertEqualsWithDelta($area('whole'), $area('mitre'), 1e-9);
        self::assertEqualsWithDelta($area('whole'), $area('butt'), 1e-9);
    }

    public function test_corner_pieces_reach_from_the_corner_to_the_blades(): void
    {
        $design = Sample::design(corners: Corners::Taped);
        $corner = array_values(array_filter(CutList::of($design, $design->assemble()), fn (CutPart $part): bool => $part->id === 'corner'))[0];
        $body = $design->fan->body;
        // Its long side touches the blade circle: half a diagonal of the housing less the triangle's height is the radius.
        self::assertEqualsWithDelta($body->bladeCircle / 2.0, $body->side * M_SQRT2 / 2.0 - $corner->width() / M_SQRT2, 1e-9);
    }

    public function test_the_development_of_a_cone_has_its_side_and_its_two_ends(): void
    {
        $design = Sample::design('ring', 'pc-120', 'ring-180x200', options: ['cone' => 'folded']);
        $part = CutList::of($design, $design->assemble())[0];
        // Area of a frustum's side, pi (R + r) s, and the strip to glue: common geometry.
        $cone = Ring::cone($design);
        $side = M_PI * ($cone->wide + $cone->narrow) / 2.0 * $cone->slant();
        self::assertEqualsWithDelta($side + 0.012 * $cone->slant(), $part->area(), 0.01 * $side);
    }

    public function test_grain_runs_along_what_carries_weight(): void
    {
        $design = Sample::design('drawer', filter: '20x20x1-g13-dense');
        foreach (CutList::of($design, $design->assemble()) as $part) {
            if (in_array($part->id, ['arm', 'box-lying', 'box-upright', 'rod'], true)) {
                self::assertFalse($part->mayTurn, $part->name);
                self::assertGreaterThan($part->height(), $part->width(), "{$part->name} lies across its grain");
            }
        }
    }

    /** Base and shroud of a cube both come out of the fan's carton where its walls are large enough. */
    public function test_which_carton_is_large_enough(): void
    {
        $design = Sample::design();
        $parts = CutList::of($design, $design->assemble());
        $left = fn (float $width, float $height, float $depth): int => count(CutPlan::of($parts, [(new CartonBlank($width * self::INCH, $height * self::INCH, $depth * self::INCH))->sheet('carton', 1)], 0.003, 0.0)->layout->left);
        self::assertSame(0, $left(21.0, 22.0, 5.0));
        self::assertSame(2, $left(20.0, 20.0, 5.0), 'walls that are too small were taken');
        self::assertSame(1, count(Kit::of([new KitOrder($design, 1)], Sample::catalogue())->plan->layout->sheets), 'the fan’s own carton was not taken');
    }

    /** A wedge's corner pieces come out of the flaps and sides of what fan and filters came in. */
    public function test_the_cartons_of_fan_and_filters_are_cut_up_before_anything_is_bought(): void
    {
        $orders = [new KitOrder(Sample::design('wedge', filter: '20x20x1-g13-dense', corners: Corners::Taped), 2)];
        self::assertSame(['carton-fan-box-20-plain' => 2, 'carton-filters-20x20x1-g13-dense-4' => 1], array_map(fn (CartonAtHand $carton): int => $carton->count, CartonAtHand::all($orders)));
        self::assertSame([], Kit::of($orders, Sample::catalogue())->plan->bought());
    }

    public function test_no_part_of_a_carton_lies_across_a_fold_or_on_a_flap_that_is_kept(): void
    {
        $blank = new CartonBlank(0.53, 0.56, 0.13);
        $square = fn (float $side): Piece => new Piece('p', PlanePoint::list([[0.0, 0.0], [$side, 0.0], [$side, $side], [0.0, $side]]), [], true);
        self::assertSame([], Nesting::of([$square(0.52)], [$blank->sheet('carton', 1)], 0.0, 0.0)->left);
        self::assertCount(1, Nesting::of([$square(0.54)], [$blank->sheet('carton', 1)], 0.0, 0.0)->left);
        $strip = new Piece('strip', PlanePoint::list([[0.0, 0.0], [0.5, 0.0], [0.5, 0.05], [0.0, 0.05]]), [], true);
        $rest = array_fill(0, 2, $square(0.52));
        self::assertCount(0, Nesting::of([...$rest, $strip], [$blank->sheet('carton', 1)], 0.0, 0.0)->left);
        self::assertCount(5, $blank->folds(), 'three upright, two lying');
    }

    public function test_a_part_that_goes_on_no_sheet_says_why(): void
    {
        $design = Sample::design();
        $parts = CutList::of($design, $design->assemble());
        $small = CutPlan::of($parts, [(new CartonBlank(0.4, 0.4, 0.1))->sheet('carton', 4)], 0.003, 0.0);
        self::assertSame('It is larger than the clear part of every sheet.', $small->why($small->unplaced()[0][0]));
        $full = CutPlan::of($parts, [(new CartonBlank(0.54, 0.55, 0.1))->sheet('carton', 1, material: 'board-24x36')], 0.003, 0.02);
        self::assertSame('All sheets that it would go on are full.', $full->why($full->unplaced()[0][0]));
        $none = CutPlan::of($parts, [(new CartonBlank(0.6, 0.6, 0.1))->sheet('foam', 1, material: 'foam-board-20x30')], 0.003, 0.0);
        self::assertStringContainsString('no sheet of', $none->why($none->unplaced()[0][0]));
    }
}
