<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Shape;

use Jornel\Core\Guide\Making\Step;
use Jornel\Core\Guide\Steps;
use Jornel\Core\Guide\Work;
use Jornel\Core\Kit\LineKind;
use Jornel\Core\Kit\ShoppingLine;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DoesNotFit;
use Jornel\Core\Shape\Measurements;
use Jornel\Core\Shape\Panel;
use Jornel\Core\Shape\Seam;
use Jornel\Core\Shape\Sheet;
use Jornel\Core\Shape\WindowOpening;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How a fan sits on a box: hanging by its weight, in its own carton; and what the sheets are cut from. */
final class MountsTest extends TestCase
{
    public function test_a_hanging_fans_weight_is_the_seal(): void
    {
        // Common practice, no source: four ties, or two cords of 3 ft and two of 2 ft, hold it; the cover lifts off with it.
        $hanging = self::hanging();
        $assembly = $hanging->assemble();
        $seams = array_column($assembly->seams, 'gap', 'name');

        self::assertSame(Seam::RESTING, $seams['Cover on the filters, by the fan’s weight']);
        self::assertArrayNotHasKey('Filters to fan or cover', $seams);
        self::assertSame(['zip-ties' => 4], $assembly->hardware);
        self::assertEqualsWithDelta(['cord' => 3.048], self::hanging(['tied-with' => 'cord'])->assemble()->lengths, 1e-12);
        $said = implode(' ', array_map(fn (Step $step): string => "{$step->action} {$step->reason}", Steps::of($hanging)));
        self::assertStringContainsString('no tape and no glue here', $said);
        self::assertStringContainsString('lifts off', $said);
        self::assertStringNotContainsString('close its four edges', $said);
    }

    #[TestWith([1, 1])]
    #[TestWith([6, 1])]
    #[TestWith([7, 2])]
    public function test_cords_are_bought_by_their_length(int $units, int $rolls): void
    {
        // 3.048 m each out of rolls of 20 m.
        $design = self::hanging(['tied-with' => 'cord']);
        $lines = array_column(ShoppingList::for($design, $design->assemble(), $units, Sample::catalogue())->lines, null, 'part');

        self::assertSame($rolls, $lines['cord']->needed);
        self::assertInstanceOf(ShoppingLine::class, $lines['duct-tape']);
    }

    public function test_a_round_fan_in_its_carton_has_a_body_a_seal_and_a_door(): void
    {
        // Carton 21 x 21 x 7.6 in over a box of 20 1/4 in; knob behind.
        [$cover, $carton] = [self::inCarton()->choosing('round-fan', 'none'), self::inCarton()];
        $assembly = $carton->assemble();
        $panels = array_column($assembly->panels, null, 'id');

        self::assertEqualsWithDelta([21 * 0.0254, 18 * 0.0254], [$panels['carton-front']->width, $panels['carton-front']->hole], 1e-12);
        self::assertSame(['base', 'carton-back', 'carton-front', 'carton-side'], array_keys($panels));
        self::assertContains('carton', array_column($carton->scene()->solids, 'part'));
        self::assertContains('Fan to its carton, inside', array_column($assembly->seams, 'name'));
        self::assertContains('Carton’s skirt to the box', array_column($assembly->seams, 'name'));
        self::assertEqualsWithDelta(Measurements::of($cover)->height - 7 * 0.0254 - 0.004 + 7.6 * 0.0254, Measurements::of($carton)->height, 0.0041);
        self::assertGreaterThan(0.0, Work::of($carton)->minutes);
        // A fan whose knob is in front needs no door.
        $front = $carton->with(fan: Sample::fan(['knob' => 'front', 'shaft' => ['vertical']], 'floor-18-guard', 'shaft'));
        self::assertNotContains('carton-side', array_column($front->assemble()->panels, 'id'));
    }

    public function test_nothing_else_is_cut_from_a_carton_that_is_built_in(): void
    {
        $sheets = function (Design $design): int {
            $lines = ShoppingList::for($design, $design->assemble(), 1, Sample::catalogue())->lines;

            return array_sum(array_map(fn (ShoppingLine $line): int => $line->kind === LineKind::Sheet ? $line->needed : 0, $lines));
        };

        // Cover and base come out of the fan's carton, or the base out of a bought sheet.
        self::assertSame([0, 1], [$sheets(self::inCarton()->choosing('round-fan', 'none')->made(Corners::Open, self::inCarton()->joining)), $sheets(self::inCarton()->made(Corners::Open, self::inCarton()->joining))]);
        self::assertNotContains(Panel::FAN_CARTON, ShoppingList::materials(self::inCarton(), self::inCarton()->assemble()));
    }

    #[TestWith(['drum-18', '20x20x1-g13-economy', 'may stand out by'])]
    #[TestWith(['circulator-12', '20x20x1-g13-economy', 'must cover the box’s opening'])]
    #[TestWith(['floor-18-guard', '20x20x1-g13-economy', 'does not close round it', ['carton_width_in' => 19.0]])]
    #[TestWith(['floor-18-guard', '20x20x1-g13-economy', 'Nothing is known of the carton', ['carton_width_in' => null]])]
    public function test_a_carton_that_does_not_go_on_the_box_is_refused_at_its_option(string $fan, string $filter, string $says, array $figures = []): void
    {
        try {
            Sample::design(fan: $fan, filter: $filter, options: ['round-fan' => 'carton'])->with(fan: Sample::fan($figures, $fan))->assemble();
            self::fail();
        } catch (DoesNotFit $refusal) {
            self::assertSame('unit.options.round-fan', $refusal->field);
            self::assertStringContainsString($says, $refusal->getMessage());
        }
    }

    #[TestWith(['carton', 'board-24x36', 0.004, 'cutting'])]
    #[TestWith(['corrugated-plastic', 'corrugated-plastic-48x96', 0.004, 'cutting'])]
    #[TestWith(['foam-board', 'foam-board-20x30', 0.005, 'cutting'])]
    #[TestWith(['plywood', 'plywood-24x48', 0.006, 'sawing'])]
    public function test_the_sheet_is_a_choice(string $sheet, string $material, float $thick, string $skill): void
    {
        $light = Sample::fan(['mass_kg' => 3.0], 'circulator-12');
        $design = Sample::design('tall-box', 'circulator-12', '16x30x1-g13-dense', options: ['sheet' => $sheet])->with(fan: $light);
        $panels = $design->assemble()->panels;

        self::assertSame([$material], array_values(array_unique(array_column($panels, 'sheet'))));
        self::assertEqualsWithDelta(29.5 * 0.0254 + 8.5 * 0.0254 + 3 * $thick, Measurements::of($design)->height, 1e-9);
        self::assertContains($skill, Work::of($design)->skills());
        self::assertSame($thick, Sheet::from($sheet)->thickness());
    }

    public function test_a_sheet_on_carpet_is_of_corrugated_plastic(): void
    {
        $design = Sample::design('tall-box', 'circulator-12', '16x30x1-g13-dense', options: ['base' => 'sheet']);

        self::assertSame('corrugated-plastic-48x96', array_column($design->assemble()->panels, 'sheet', 'id')['base']);
    }

    public function test_an_insert_is_made_for_the_rooms_own_window(): void
    {
        $design = Sample::design('window-insert')->inWindow(WindowOpening::of(1.1, 0.8));
        $board = array_column($design->assemble()->panels, null, 'id')['board'];

        self::assertSame([1.1, 0.8], [$board->width, $board->height]);
        $this->expectException(DoesNotFit::class);
        $this->expectExceptionMessage('the window is');
        $design->inWindow(WindowOpening::of(0.5, 0.4))->assemble();
    }

    /** @param  array<string, string>  $options */
    private static function hanging(array $options = []): Design
    {
        return Sample::design('tall-box', 'circulator-12', '16x30x1-g13-dense', options: ['fan-seat' => 'hanging'] + $options);
    }

    private static function inCarton(): Design
    {
        // A round fan of that size whose bearings bear lying flat.
        return Sample::design(fan: 'floor-18-guard', options: ['round-fan' => 'carton'])->with(fan: Sample::fan(['shaft' => ['horizontal', 'vertical']], 'floor-18-guard', 'shaft'));
    }
}
