<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Shape;

use Jornel\Core\Quantity\TapeFraction;
use Jornel\Core\Shape\Pinwheel;
use PHPUnit\Framework\TestCase;

final class PinwheelTest extends TestCase
{
    private const INCH = 0.0254;

    public function test_the_cover_of_sixteen_inch_frames(): void
    {
        // Common practice, no source: 16 in frames, 7/8 in deep: cover 16 7/8 in square, centre at 8 7/16 in.
        $pinwheel = new Pinwheel(16.0 * self::INCH, 0.875 * self::INCH);

        self::assertSame('16 7/8', TapeFraction::nearest($pinwheel->outside())->text());
        self::assertSame('8 7/16', TapeFraction::nearest($pinwheel->outside() / 2.0)->text());
        self::assertSame('15 1/8', TapeFraction::nearest($pinwheel->inside())->text());
    }

    public function test_a_shallow_frame_covers_hardly_anything_and_a_deep_one_almost_a_fifth(): void
    {
        $rim = 0.012;
        $covered = fn (float $depth): float => 1.0 - (new Pinwheel(19.5 * self::INCH, $depth * self::INCH))->netWidth($rim) / (19.5 * self::INCH - 2.0 * $rim);

        self::assertEqualsWithDelta(0.015, $covered(0.75), 0.001);
        self::assertEqualsWithDelta(0.177, $covered(3.75), 0.001);
        self::assertSame(0.0, round($covered(0.4), 9));
    }
}
