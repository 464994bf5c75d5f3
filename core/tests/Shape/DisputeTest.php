<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Shape;

use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\Dispute;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class DisputeTest extends TestCase
{
    public function test_the_usual_cube_can_be_put_to_every_dispute(): void
    {
        $sides = self::about(Sample::design());

        self::assertSame(['grade', 'thickness', 'shroud', 'number', 'joining', 'fan', 'direction'], array_keys($sides));
        self::assertSame([13, 14], array_values(array_map(fn (Design $side): ?int => $side->filter->grade->number, $sides['grade'])));
        self::assertSame(['20x20x1', '20x20x2', '20x20x4'], array_values(array_map(fn (Design $side): string => $side->filter->nominal, $sides['thickness'])));
        self::assertSame([Corners::Shroud, Corners::Open], array_values(array_map(fn (Design $side): Corners => $side->corners, $sides['shroud'])));
        self::assertSame(['box fan', 'circulator', 'PC fan'], array_values(array_map(fn (Design $side): string => $side->fan->family->value, $sides['fan'])));
        self::assertSame([Direction::Pull, Direction::Push], array_values(array_map(fn (Design $side): Direction => $side->direction(), $sides['direction'])));
    }

    /** Four 20 x 25 have the area of five 20 x 20, before rims and what neighbours cover (common practice, no source). */
    public function test_four_long_ones_have_as_much_face_as_five(): void
    {
        ['Four long' => $four, 'Five' => $five] = self::about(Sample::design())['number'];
        $nominal = fn (Design $side, int $count): float => $count * array_product(array_map(floatval(...), array_slice(explode('x', $side->filter->nominal), 0, 2)));

        self::assertSame([$nominal($four, 4), 'tall-box', 'raised-cube'], [$nominal($five, 5), $four->shape->id(), $five->shape->id()]);
        self::assertSame($four->filter->grade->id, $five->filter->grade->id);
    }

    public function test_what_a_shape_does_not_allow_is_not_disputed(): void
    {
        $sides = self::about(Sample::design('ring', 'pc-120', 'ring-180x200'));

        self::assertArrayNotHasKey('grade', $sides);
        self::assertArrayNotHasKey('thickness', $sides);
    }

    public function test_every_side_fits_and_differs_from_the_others(): void
    {
        foreach ([Sample::design(), Sample::design('flat-panel'), Sample::design('tall-box', 'circulator-12', '20x25x1-g13-economy'), Sample::design('array-box', 'pc-140')] as $design) {
            foreach (self::about($design) as $id => $sides) {
                $looks = array_map(fn (Design $side): string => implode(' ', [$side->shape->id(), $side->fan->id, $side->filter->id, $side->joining->id, $side->corners->value, $side->direction()->value]), $sides);
                self::assertSame($looks, array_unique($looks), $id);
                foreach ($sides as $side) {
                    self::assertNotSame([], $side->assemble()->faces);
                }
            }
        }
    }

    /** @return array<string, array<string, Design>> sides by dispute */
    private static function about(Design $design): array
    {
        $disputes = Dispute::about($design, Sample::catalogue());

        return array_combine(array_column($disputes, 'id'), array_column($disputes, 'sides'));
    }
}
