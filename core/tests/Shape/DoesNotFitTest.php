<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Shape;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Quantity\TapeFraction;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DoesNotFit;
use Jornel\Core\Shape\Fitting;
use Jornel\Core\Shape\Measurements;
use Jornel\Core\Shape\Misfits;
use Jornel\Core\Shape\Shapes;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Parts that do not go together say so at the part, with the lengths and what would do. */
final class DoesNotFitTest extends TestCase
{
    #[TestWith(['cube', 'box-20-plain', '16x20x1-g13-dense', [], 'unit.filter', 'takes square filters'])]
    #[TestWith(['cube', 'box-20-plain', '20x20x1-g13-dense', ['per-side' => '2'], 'unit.filter', 'half as high as they are wide'])]
    #[TestWith(['raised-cube', 'box-20-plain', '20x25x1-g13-dense', [], 'unit.filter', 'takes square filters'])]
    #[TestWith(['tall-box', 'box-20-plain', '20x20x1-g13-dense', [], 'unit.filter', 'filters longer than wide'])]
    #[TestWith(['cube', 'inline-8', '20x20x1-g13-dense', [], 'unit.fan', '“Cube of four” has no seat for a fan of the kind “inline duct fan”'])]
    #[TestWith(['cube', 'box-20-deep', '14x20x1-g13-dense', [], 'unit.filter', 'takes square filters'])]
    #[TestWith(['cube', 'drum-18', '18x18x1-g13-dense', [], 'unit.fan', 'overhangs the box'])]
    #[TestWith(['flat-panel', 'circulator-11', '20x20x1-g13-dense', [], 'unit.fan', 'does not cover the filter’s opening'])]
    #[TestWith(['cube', 'box-20-plain', 'ring-180x200', [], 'unit.filter', 'takes flat framed filters'])]
    #[TestWith(['ring', 'pc-120', '20x20x1-g13-dense', [], 'unit.filter', 'takes'])]
    #[TestWith(['slim-tower', 'pc-120', '20x20x1-g13-dense', [], 'unit.filter', 'takes narrow filters'])]
    #[TestWith(['array-box', 'box-20-plain', '20x20x1-g13-dense', [], 'unit.fan', 'has no seat for a fan of the kind “box fan”'])]
    public function test_it_says_what_would_do(string $shape, string $fan, string $filter, array $options, string $field, string $says): void
    {
        try {
            Sample::design($shape, $fan, $filter, options: $options)->assemble();
            self::fail('It was made.');
        } catch (DoesNotFit $reason) {
            self::assertSame($field, $reason->field);
            self::assertStringContainsString($says, $reason->getMessage());
            // Every length stands in both measures: inches and sixteenths, then millimetres.
            preg_match_all('/[\d\/ ]+ in, (\d+) mm/', $reason->getMessage(), $both);
            preg_match_all('/\d+ mm/', $reason->getMessage(), $each);
            self::assertSame(count($each[0]), count($both[0]), $reason->getMessage());
            foreach ($both[0] as $number => $length) {
                self::assertEqualsWithDelta(TapeFraction::nearest((int) $both[1][$number] / 1000.0)->sixteenths, self::sixteenths($length), 1.0, $length);
            }
        }
    }

    public function test_a_prefilter_has_the_face_of_the_filter(): void
    {
        $this->expectException(DoesNotFit::class);
        $this->expectExceptionMessage('not as large as the filter');
        Sample::design(filter: '20x20x1-g13-dense', prefilter: '16x20x1-coarse')->assemble();
    }

    public function test_what_is_told_as_a_misfit_cannot_be_made_and_what_is_not_can(): void
    {
        $catalogue = Sample::catalogue();
        foreach (['cube', 'flat-panel', 'array-box', 'slim-tower', 'drawer', 'window-insert'] as $id) {
            $design = Fitting::into(Shapes::get($id), Sample::design(), $catalogue);
            self::assertNotNull($design);
            $misfits = Misfits::of($design, $catalogue);
            self::assertNotSame([], $misfits->fans, $id);
            self::assertNotSame([], $misfits->filters, $id);
            foreach ($catalogue->fans as $fan) {
                self::assertSame(isset($misfits->fans[$fan->id]) ? $misfits->fans[$fan->id] : null, self::refusal($design->with(fan: $fan)), "{$id} {$fan->id}");
            }
            foreach ($catalogue->filters as $filter) {
                self::assertSame($misfits->filters[$filter->id] ?? null, self::refusal($design->with(filter: $filter)), "{$id} {$filter->id}");
            }
            self::assertArrayNotHasKey($design->filter->id, $misfits->filters);
        }
    }

    /** What is said when it is drawn, measured and made; null where nothing is. */
    private static function refusal(Design $design): ?string
    {
        try {
            self::assertGreaterThan(0.0, Measurements::of($design)->mass);
            self::assertGreaterThan(0.0, Unit::of($design, $design->assemble(), Air::reference())->performances()[0]->balance->filterFlow);

            return null;
        } catch (DoesNotFit $reason) {
            return $reason->getMessage();
        }
    }

    private static function sixteenths(string $length): int
    {
        preg_match('/^(?:(\d+) )?(?:(\d+)\/(\d+)|(\d+)) in/', trim($length), $match);
        [$whole, $above, $below, $only] = array_map(intval(...), [$match[1] ?? 0, $match[2] ?? 0, $match[3] ?? 0, $match[4] ?? 0]);

        return 16 * ($whole + $only) + ($below === 0 ? 0 : intdiv(16 * $above, $below));
    }

    #[TestWith(['20x20x1-g13-dense', 'tall-box', '20x25x1-g13-dense'])]
    #[TestWith(['20x25x1-g14-dense', 'cube', '20x20x1-g14-dense'])]
    #[TestWith(['20x20x4-g13', 'tall-box', '20x25x4-g13'])]
    #[TestWith(['16x30x1-g13-economy', 'cube', '18x18x1-g13-economy'])]
    public function test_another_shape_takes_the_nearest_of_the_same_grade_and_pleats(string $filter, string $shape, string $nearest): void
    {
        $design = new Design(Shapes::get('flat-panel'), Sample::catalogue()->fan('circulator-12'), Sample::catalogue()->filter($filter), Sample::design()->joining, Sample::design()->corners);
        $found = Fitting::into(Shapes::get($shape), $design, Sample::catalogue());

        self::assertSame(['circulator-12', $nearest], [$found?->fan->id, $found?->filter->id]);
    }
}
