<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Shape;

use Jornel\Core\Fault\InvalidEntries;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DesignEntry;
use Jornel\Core\Shape\DoesNotFit;
use Jornel\Core\Shape\FanSeat;
use Jornel\Core\Shape\Measurements;
use Jornel\Core\Shape\Misfits;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ShapesTest extends TestCase
{
    private const INCH = 0.0254;

    public function test_a_cube_worked_by_hand(): void
    {
        // 19 1/2 x 19 1/2 x 3/4 in frames: side 20 1/4 in, net face (19.5 - 0.4724 - 0.75) x (19.5 - 0.9449) in,
        // seams 4 x 19.5 + 8 x 20.25 = 240 in, height base board + frame + fan 4 1/2 in + shroud board.
        $cube = Sample::design()->assemble();

        self::assertCount(4, $cube->faces);
        self::assertEqualsWithDelta(18.27756 * 18.55512 * self::INCH ** 2, $cube->faces[0]->netArea(), 1e-6);
        self::assertEqualsWithDelta(240.0 * self::INCH, $cube->seamLength(), 1e-9);
        self::assertEqualsWithDelta([20.25, 20.5, 18.5], [$cube->panels[0]->width / self::INCH, $cube->panels[1]->width / self::INCH, $cube->panels[1]->hole / self::INCH], 1e-9);
        $size = Measurements::of(Sample::design());
        self::assertEqualsWithDelta(0.008 + 24.0 * self::INCH, $size->height, 1e-9);
        self::assertEqualsWithDelta(20.5, $size->width / self::INCH, 1e-9);
        // Four filters, a fan, base of the box's size and shroud of the fan's, of 4 mm board at 140 kg/m3.
        self::assertEqualsWithDelta(4 * 0.35 + 3.2 + (20.25 ** 2 + 20.5 ** 2) * self::INCH ** 2 * 0.004 * 140.0, $size->mass, 1e-9);
        self::assertSame(1.0, $cube->throttle);
    }

    public function test_a_flat_panel_worked_by_hand(): void
    {
        // Net face (19.5 - 0.9449)^2 in, seam 4 x 19.5 = 78 in.
        $panel = Sample::design('flat-panel')->assemble();

        self::assertCount(1, $panel->faces);
        self::assertEqualsWithDelta(18.55512 ** 2 * self::INCH ** 2, $panel->netArea(), 1e-6);
        self::assertEqualsWithDelta(78.0 * self::INCH, $panel->seamLength(), 1e-9);
        self::assertEqualsWithDelta([20.5, 18.5], [$panel->panels[0]->width / self::INCH, $panel->panels[0]->hole / self::INCH], 1e-9);
    }

    public function test_a_raised_cube_has_its_fifth_face_inside_the_four(): void
    {
        // 2 in frames, really 1 3/4: inner opening 17 3/4 in square; feet 10 cm.
        $raised = Sample::design('raised-cube', filter: '20x20x2-g13')->assemble();

        self::assertCount(5, $raised->faces);
        self::assertEqualsWithDelta((17.75 * self::INCH) ** 2, $raised->faces[4]->netArea(), 1e-9);
        self::assertEqualsWithDelta(0.1 + (1.75 + 19.5 + 4.5) * self::INCH + 0.004, Measurements::of(Sample::design('raised-cube', filter: '20x20x2-g13'))->height, 1e-9);
    }

    public function test_deep_frames_throttle_a_wide_fan_and_say_so(): void
    {
        // Inner opening 19.5 - 3.75 = 15.75 in square against a blade circle of 18.5 in.
        $cube = Sample::design(filter: '20x20x4-g13')->assemble();

        self::assertEqualsWithDelta(15.75 ** 2 / (M_PI / 4.0 * 18.5 ** 2), $cube->throttle, 1e-9);
        self::assertCount(2, $cube->remarks);
    }

    public function test_a_round_fan_stands_on_a_cover(): void
    {
        $cube = Sample::design(fan: 'circulator-12', filter: '18x18x1-g13-economy', corners: Corners::Open)->assemble();

        self::assertSame(['base', 'cover'], array_column($cube->panels, 'id'));
        self::assertEqualsWithDelta(12.0 * self::INCH, $cube->panels[1]->hole, 1e-9);
        self::assertCount(1, $cube->openings, 'a cover leaves no windows');
    }

    public function test_the_shroud_closes_what_open_corners_leave(): void
    {
        $open = Sample::design(corners: Corners::Open)->assemble()->openings;
        $shroud = Sample::design(corners: Corners::Shroud)->assemble()->openings;

        self::assertEqualsWithDelta(45.0, $open[0]->area / self::INCH ** 2, 1e-9);
        self::assertEqualsWithDelta(4.0, $shroud[0]->area / self::INCH ** 2, 1e-9);
    }

    #[TestWith(['cube', 'box-20-plain', '16x16', 'unit.filter'])]
    #[TestWith(['cube', 'box-20-plain', '18x18x1-g13-economy', 'unit.fan'])]
    #[TestWith(['cube', 'box-20-plain', '20x25x1-g13-economy', 'unit.filter'])]
    #[TestWith(['cube', 'blower-cage', '20x20x1-g13-economy', 'unit.fan'])]
    #[TestWith(['cube', 'pc-140', '20x20x1-g13-economy', 'unit.fan'])]
    #[TestWith(['cube', 'box-20-plain', 'ring-180x200', 'unit.filter'])]
    #[TestWith(['flat-panel', 'box-20-plain', '24x24x1-g13-economy', 'unit.fan'])]
    #[TestWith(['flat-panel', 'box-20-plain', '16x20x1-g13-economy', 'unit.fan'])]
    #[TestWith(['flat-panel', 'circulator-12', '20x20x1-g13-economy', 'unit.fan'])]
    #[TestWith(['flat-panel', 'box-20-plain', 'mask-sheet', 'unit.filter'])]
    public function test_what_does_not_fit_is_refused_at_its_field(string $shape, string $fan, string $filter, string $field): void
    {
        try {
            $entry = DesignEntry::read(['shape' => $shape, 'fan' => $fan, 'filter' => $filter, 'joining' => 'duct-tape', 'corners' => 'open', 'units' => 1], Sample::catalogue());
            $entry->design->assemble();
            self::fail();
        } catch (DoesNotFit $refusal) {
            self::assertSame($field, $refusal->field);
        } catch (InvalidEntries $refusal) {
            self::assertSame($field, $refusal->faults[0]->field);
        }
    }

    public function test_a_fan_that_overhangs_too_far_is_told_what_is_allowed(): void
    {
        $this->expectException(DoesNotFit::class);
        $this->expectExceptionMessageMatches('/20 1\/2 in, 521 mm.*18 1\/4 in.*overhangs.*1 1\/8 in|overhangs the box \(18 1\/4 in.*by 1 1\/8 in, 29 mm a side; at most 1 in, 25 mm/');
        Sample::design(filter: '18x18x1-g13-economy')->assemble();
    }

    public function test_an_overhang_of_just_one_inch_is_allowed(): void
    {
        $with = fn (float $side): Design => new Design(Shapes::get('cube'), Sample::fan(['body' => ['side_in' => $side]]), Sample::catalogue()->filter('20x20x1-g13-economy'), Sample::catalogue()->joining('duct-tape'), Corners::Open);

        self::assertEqualsWithDelta(22.25, Measurements::of($with(22.25))->width / self::INCH, 1e-9);
        $this->expectException(DoesNotFit::class);
        $with(22.26)->assemble();
    }

    public function test_corner_windows_agree_with_counting_points(): void
    {
        foreach ([[20.5, 1.5, 20.0], [20.5, 4.0, 20.4], [19.5, 9.75, 18.6], [18.0, 3.0, 18.6], [15.0, 0.0, 18.0]] as [$side, $radius, $opening]) {
            $fan = Sample::fan(['body' => ['side_in' => $side, 'form' => $radius === $side / 2 ? 'round' : 'square', 'corner_radius_in' => ['value' => $radius, 'from' => 'assumed']]]);
            $seat = new FanSeat($fan, 1.0, 1.0, $opening * self::INCH, $opening * self::INCH);
            $open = 0;
            $steps = 600;
            for ($i = 0; $i < $steps; $i++) {
                for ($j = 0; $j < $steps; $j++) {
                    $x = ($i + 0.5) / $steps * $opening / 2.0;
                    $y = ($j + 0.5) / $steps * $opening / 2.0;
                    $straight = $side / 2.0 - $radius;
                    $covered = $x <= $side / 2.0 && $y <= $side / 2.0
                        && ($x <= $straight || $y <= $straight || hypot($x - $straight, $y - $straight) <= $radius);
                    $open += $covered ? 0 : 1;
                }
            }

            self::assertEqualsWithDelta($open / $steps ** 2 * $opening ** 2, ($seat->windows() + $seat->ring()) / self::INCH ** 2, 0.3, "{$side} {$radius} {$opening}");
        }
    }

    public function test_misfits_are_told_with_a_reason_and_the_choice_itself_fits(): void
    {
        $misfits = Misfits::of(Sample::design(), Sample::catalogue());

        self::assertArrayNotHasKey('box-20-plain', $misfits->fans);
        self::assertArrayNotHasKey('20x20x2-g13', $misfits->filters);
        self::assertArrayHasKey('20x25x1-g13-economy', $misfits->filters);
        self::assertArrayHasKey('blower-cage', $misfits->fans);
        self::assertArrayNotHasKey('wedge', $misfits->shapes);
        self::assertStringContainsString('ring cartridges', $misfits->shapes['ring']);
    }

    public function test_every_wrong_choice_is_told_at_once(): void
    {
        try {
            DesignEntry::read(['shape' => 'sphere', 'fan' => 7, 'filter' => '', 'joining' => 'spit', 'corners' => 'round', 'units' => 0], Sample::catalogue());
            self::fail();
        } catch (InvalidEntries $refusal) {
            self::assertSame(['unit.shape', 'unit.fan', 'unit.filter', 'unit.joining', 'unit.corners', 'unit.units'], array_column($refusal->faults, 'field'));
        }
    }
}
