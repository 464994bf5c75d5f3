<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Ledger;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Ledger\AsBuilt;
use Jornel\Core\Ledger\Finding;
use Jornel\Core\Part\BuiltInShroud;
use Jornel\Core\Part\Fan;
use Jornel\Core\Quantity\System;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\FaceReach;
use Jornel\Core\Shape\SuctionHold;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class AsBuiltTest extends TestCase
{
    public function test_suction_is_a_pull_against_a_weight_and_is_said_to_end_with_the_fan(): void
    {
        $panel = Sample::design(shape: 'flat-panel', joining: 'suction');
        // Friction 0.5 at its median: it holds with a chance of one half where the pull is twice the weight.
        $weight = SuctionHold::GRAVITY * $panel->filter->mass;
        $even = SuctionHold::of($panel, 2.0 * $weight / $panel->filter->netArea());
        $low = SuctionHold::of($panel, $weight / 0.8 / $panel->filter->netArea());

        self::assertEqualsWithDelta(0.5, $even->chance ?? NAN, 1e-6);
        self::assertEqualsWithDelta(0.05, $low->chance ?? NAN, 0.01, 'friction is above 0.8 once in twenty');
        self::assertNull(SuctionHold::of(Sample::design(shape: 'flat-panel'), 20.0));
        self::assertStringContainsString('falls off when the fan stops', self::said($panel)['suction']);
        self::assertSame(0.0, SuctionHold::of(self::pushing($panel), 30.0)?->chance);
    }

    public function test_dead_corners_are_as_in_the_worked_example(): void
    {
        // A 12 in hole flat on a 24 x 24: about a third of a 1 in filter works and three fifths of a 4 in one (worked example of the trade, no source).
        $inch = 0.0254;
        $share = fn (float $depth): float => FaceReach::area(12.0 * $inch, 0.0, $depth * $inch, 22.5 * $inch, 22.5 * $inch) / (22.5 * $inch) ** 2;

        self::assertEqualsWithDelta(1.0 / 3.0, $share(0.75), 0.05);
        self::assertEqualsWithDelta(0.6, $share(3.75), 0.05);
        self::assertEqualsWithDelta(1.0, FaceReach::area(12.0 * $inch, 0.5, 0.02, 0.3, 0.3) / 0.09, 1e-9, 'never more than the face');
    }

    public function test_what_is_sound_is_not_remarked_on(): void
    {
        self::assertSame([], self::said(Sample::design()));
    }

    public function test_a_knob_that_is_closed_in_and_a_sheet_over_a_ring_are_said(): void
    {
        self::assertArrayHasKey('knob', self::said(self::pushing(Sample::design(corners: Corners::Open))));
        $ring = array_filter(Sample::catalogue()->fans, fn (Fan $fan): bool => $fan->recirculation->builtIn === BuiltInShroud::Ring && ! $fan->body->isRound() && $fan->handling->holePitch === null);
        foreach ($ring as $fan) {
            self::assertArrayHasKey('corners', self::said(Sample::design(fan: $fan->id)));
            self::assertArrayNotHasKey('corners', self::said(Sample::design(fan: $fan->id, corners: Corners::Open)));
        }
    }

    private static function pushing(Design $design): Design
    {
        return new Design($design->shape, $design->fan, $design->filter, $design->joining, $design->corners, null, Direction::Push, $design->options);
    }

    /** @return array<string, string> by rule */
    private static function said(Design $design): array
    {
        $assembly = $design->assemble();
        $performances = Unit::of($design, $assembly, Air::reference())->performances();
        $findings = AsBuilt::findings($design, $assembly, $performances[count($performances) - 1]);

        return array_combine(
            array_map(fn (Finding $finding): string => $finding->rule, $findings),
            array_map(fn (Finding $finding): string => $finding->text->text(System::Metric), $findings),
        );
    }
}
