<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Ledger;

use Jornel\Core\Ledger\FlowScale;
use Jornel\Core\Ledger\Ledger;
use Jornel\Core\Ledger\TargetAsk;
use Jornel\Core\Quantity\System;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class FlowScaleTest extends TestCase
{
    public function test_the_rule_that_asks_most_ends_just_before_the_scale_does(): void
    {
        $asks = Ledger::ofRoom(Sample::room(), Sample::data()->targets()->get('air-changes-5'), Sample::data()->targets())->targets();
        $scale = FlowScale::over($asks);
        $most = max(array_map(fn (TargetAsk $ask): float => $ask->asks ?? 0.0, $asks));

        self::assertEqualsWithDelta(1.0 / 1.04, $scale->place($most), 1e-12);
        self::assertSame([0.0, 0.0, 1.0], [$scale->place(null), $scale->place(0.0), $scale->place(3.0 * $most)]);
        foreach (System::cases() as $system) {
            $marks = $scale->marks($system);
            self::assertSame(0.0, $marks[0]['place']);
            self::assertGreaterThanOrEqual(4, count($marks));
            self::assertLessThanOrEqual(1.0, $marks[count($marks) - 1]['place']);
        }
    }

    public function test_where_no_rule_asks_anything_all_stands_at_nothing(): void
    {
        self::assertSame(0.0, FlowScale::over([])->place(1.0));
    }
}
