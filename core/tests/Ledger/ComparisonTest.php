<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Ledger;

use Jornel\Core\Ledger\Comparison;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class ComparisonTest extends TestCase
{
    public function test_each_build_is_told_what_it_is_best_at(): void
    {
        $room = Sample::room();
        [$panel, $cube, $array] = Comparison::bests([
            Sample::ledger($room, 'air-changes-5', Sample::design('flat-panel', corners: Corners::Open)),
            Sample::ledger($room, 'air-changes-5', Sample::design('cube', filter: '20x20x2-g13')),
            Sample::ledger($room, 'air-changes-5', Sample::design('array-box', 'pc-120', '16x25x1-g13-economy')),
        ]);

        self::assertContains('quickest to build', $panel);
        self::assertContains('lowest first cost', $panel);
        self::assertSame(['most clean air'], $cube);
        self::assertContains('quietest', $array);
        self::assertContains('lowest power', $array);
    }

    public function test_of_two_alike_none_is_best(): void
    {
        $ledger = Sample::ledger(Sample::room(), 'air-changes-5', Sample::design());

        self::assertSame([[], []], Comparison::bests([$ledger, $ledger]));
    }

    public function test_a_shroud_lets_less_past_and_open_corners_are_quicker(): void
    {
        $room = Sample::room();
        [$shroud, $open] = Comparison::bests([
            Sample::ledger($room, 'air-changes-5', Sample::design()),
            Sample::ledger($room, 'air-changes-5', Sample::design(corners: Corners::Open)),
        ]);

        self::assertContains('most clean air', $shroud);
        self::assertContains('least bypass', $shroud);
        self::assertContains('quickest to build', $open);
    }
}
