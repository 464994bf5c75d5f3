<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Shape;

use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\DoesNotFit;
use Jornel\Core\Shape\Fitting;
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
    #[TestWith(['cube', 'inline-8', '20x20x1-g13-dense', [], 'unit.fan', 'An inline duct fan has no seat on a cube'])]
    #[TestWith(['cube', 'box-20-deep', '14x20x1-g13-dense', [], 'unit.filter', 'takes square filters'])]
    #[TestWith(['cube', 'drum-18', '18x18x1-g13-dense', [], 'unit.fan', 'overhangs the box'])]
    #[TestWith(['flat-panel', 'circulator-11', '20x20x1-g13-dense', [], 'unit.fan', 'does not cover the filter’s opening'])]
    #[TestWith(['cube', 'box-20-plain', 'ring-180x200', [], 'unit.filter', 'takes flat framed filters'])]
    #[TestWith(['ring', 'pc-120', '20x20x1-g13-dense', [], 'unit.filter', 'takes'])]
    #[TestWith(['slim-tower', 'pc-120', '20x20x1-g13-dense', [], 'unit.filter', 'takes narrow filters'])]
    #[TestWith(['array-box', 'box-20-plain', '20x20x1-g13-dense', [], 'unit.fan', 'A box fan has no seat on an array box'])]
    public function test_it_says_what_would_do(string $shape, string $fan, string $filter, array $options, string $field, string $says): void
    {
        try {
            Sample::design($shape, $fan, $filter, options: $options)->assemble();
            self::fail('It was made.');
        } catch (DoesNotFit $reason) {
            self::assertSame($field, $reason->field);
            self::assertStringContainsString($says, $reason->getMessage());
            // Lengths stand in both measures.
            self::assertThat(preg_match('/ in, \d+ mm/', $reason->getMessage()) === 1 || ! str_contains($reason->getMessage(), ' mm'), self::isTrue());
        }
    }

    public function test_a_prefilter_has_the_face_of_the_filter(): void
    {
        $this->expectException(DoesNotFit::class);
        $this->expectExceptionMessage('not as large as the filter');
        Sample::design(filter: '20x20x1-g13-dense', prefilter: '16x20x1-coarse')->assemble();
    }

    public function test_what_is_not_told_as_a_misfit_can_be_made(): void
    {
        $catalogue = Sample::catalogue();
        foreach (['cube', 'flat-panel', 'array-box', 'slim-tower'] as $id) {
            $design = Fitting::into(Shapes::get($id), Sample::design(), $catalogue);
            self::assertNotNull($design);
            $misfits = Misfits::of($design, $catalogue);
            foreach (array_diff_key($catalogue->fans, $misfits->fans) as $fan) {
                self::assertNotSame([], $design->with(fan: $fan)->assemble()->faces, "{$id} {$fan->id}");
            }
            foreach (array_diff_key($catalogue->filters, $misfits->filters) as $filter) {
                self::assertNotSame([], $design->with(filter: $filter)->assemble()->faces, "{$id} {$filter->id}");
            }
            self::assertArrayNotHasKey($design->filter->id, $misfits->filters);
        }
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
