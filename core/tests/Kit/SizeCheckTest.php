<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Kit;

use Jornel\Core\Kit\SizeCheck;
use Jornel\Core\Part\Fan;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\System;
use Jornel\Core\Shape\Design;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** What a wrong guess of a size does, against examples worked by hand. */
final class SizeCheckTest extends TestCase
{
    public function test_a_frame_a_quarter_of_an_inch_deeper_leaves_the_base_that_much_too_small(): void
    {
        $depth = self::check(Sample::design(), '20x20x1-g13-economy', 'depth');
        // Outside of a pinwheel: width and depth, so the depth comes in once: 1/4 in on 20 1/2 in of side.
        self::assertStringContainsString('the base is cut 1/4 in too large', $depth[0]);
        self::assertStringContainsString('the base is cut 1/4 in too small', $depth[1]);
        self::assertMatchesRegularExpression('/adds [1-9](\.\d)? % of bypass/', $depth[1]);
    }

    public function test_the_hole_of_a_shroud_follows_the_blades_and_a_carton_keeps_its_parts_only_as_long_as_it_is_large_enough(): void
    {
        self::assertSame(['If it is 1/4 in smaller, the hole of the shroud is 1/4 in too wide.', 'If it is 1/4 in larger, the hole of the shroud is 1/4 in too narrow.'], self::check(Sample::design(), 'box-20-plain', 'body.blade_circle'));
        self::assertSame([], self::check(Sample::design(), 'box-20-plain', 'carton_width'), '21 in, with 20 1/4 in cut from it, has a quarter to spare');
        $narrow = Sample::design()->with(fan: Sample::fan(['carton_width_in' => 20.6]));
        self::assertStringContainsString('come out of the fan’s carton falls by 1', self::check($narrow, 'box-20-plain', 'carton_width')[0]);
    }

    public function test_a_fan_that_would_stand_over_too_far_will_not_close(): void
    {
        $body = Sample::fan(['body' => ['side_in' => 22.2]]);
        $checks = self::check(Sample::design()->with(fan: $body), 'box-20-plain', 'body.side');
        self::assertStringContainsString('it will not close:', implode(' ', $checks));
    }

    public function test_only_sizes_that_something_is_cut_by_are_asked_for_before_it_is_final(): void
    {
        $design = Sample::design();
        self::assertFalse(SizeCheck::areMeasured(SizeCheck::all($design)));
        $measured = fn (float $value): array => ['value' => $value, 'from' => 'measured'];
        $fan = Fan::fromData(array_replace_recursive($design->fan->data, ['body' => ['blade_circle_in' => $measured(18.5), 'side_in' => $measured(20.5)]]));
        $filter = Sample::filter(['width_in' => $measured(19.5), 'height_in' => $measured(19.5), 'depth_in' => $measured(0.75)]);
        $known = $design->with(fan: $fan, filter: $filter);
        self::assertTrue(SizeCheck::areMeasured(SizeCheck::all($known)));
        self::assertFalse(SizeCheck::areMeasured(SizeCheck::all($design->with(fan: $fan))));
    }

    /** @return list<string> effects in feet and inches */
    private static function check(Design $design, string $part, string $path): array
    {
        foreach (SizeCheck::all($design) as $check) {
            if ($check->part === $part && $check->path === $path) {
                return array_map(fn (Sentence $effect): string => $effect->text(System::Imperial), $check->effects);
            }
        }
        self::fail("{$part} has no {$path}");
    }
}
