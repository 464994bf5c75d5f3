<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Kit;

use Brick\Math\BigDecimal;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Kit\OutOfBounds;
use Jornel\Core\Kit\RunningCost;
use Jornel\Core\Quantity\Money;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RunningCostTest extends TestCase
{
    public function test_two_years_by_hand(): void
    {
        // 75 W, 8 h a day, 730.5 days: 438.3 kWh at 0.30; 79 first, four changes at 44: 79 + 176 + 131.49 = 386.49.
        $cost = RunningCost::from(Money::ofHundredths(7900), Money::ofHundredths(4400), 75.0, Economy::of(BigDecimal::of('0.30')));

        self::assertEqualsWithDelta(438.3, $cost->energy, 1e-9);
        self::assertSame(['131.49', '386.49', '193.25'], [(string) $cost->energyCost, (string) $cost->total, (string) $cost->perYear()]);
        self::assertEqualsWithDelta(1288.3, $cost->perCleanAir(0.3), 1e-9);
    }

    #[TestWith(['-1', 8.0, 2.0, 4, 'economy.tariff'])]
    #[TestWith(['0.3', 25.0, 2.0, 4, 'economy.hours_per_day'])]
    #[TestWith(['0.3', 8.0, 0.0, 4, 'economy.years'])]
    #[TestWith(['0.3', 8.0, 2.0, -1, 'economy.changes'])]
    public function test_what_cannot_be_is_refused_at_its_field(string $tariff, float $hours, float $years, int $changes, string $field): void
    {
        try {
            Economy::of(BigDecimal::of($tariff), $hours, $years, $changes);
            self::fail();
        } catch (OutOfBounds $refusal) {
            self::assertSame($field, $refusal->field);
        }
    }
}
