<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Quantity;

use Jornel\Core\Quantity\TapeFraction;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TapeFractionTest extends TestCase
{
    #[TestWith([16.875, '16 7/8'])]
    #[TestWith([8.4375, '8 7/16'])]
    #[TestWith([12.0, '12'])]
    #[TestWith([0.375, '3/8'])]
    #[TestWith([0.0, '0'])]
    #[TestWith([20.25, '20 1/4'])]
    #[TestWith([10.125, '10 1/8'])]
    #[TestWith([15.99, '16'])]
    #[TestWith([-1.5, '-1 1/2'])]
    public function test_inches_stand_as_on_a_tape(float $inches, string $text): void
    {
        self::assertSame($text, TapeFraction::nearest($inches * 0.0254)->text());
    }

    #[TestWith([8.40625, '8 7/16'])]
    #[TestWith([-8.40625, '-8 7/16'])]
    #[TestWith([0.03125, '1/16'])]
    #[TestWith([-0.03125, '-1/16'])]
    public function test_ties_go_away_from_zero(float $inches, string $text): void
    {
        self::assertSame($text, TapeFraction::nearest($inches * 0.0254)->text());
    }

    public function test_every_sixteenth_of_two_feet_comes_back_to_itself(): void
    {
        for ($sixteenths = -384; $sixteenths <= 384; $sixteenths++) {
            self::assertSame($sixteenths, TapeFraction::nearest($sixteenths / 16.0 * 0.0254)->sixteenths);
        }
    }
}
