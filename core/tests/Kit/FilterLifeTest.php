<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Kit;

use Brick\Math\BigDecimal;
use Jornel\Core\Air\Air;
use Jornel\Core\Air\PerBin;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Kit\Economy;
use Jornel\Core\Kit\FilterLife;
use Jornel\Core\Shape\Design;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FilterLifeTest extends TestCase
{
    public function test_the_ordinary_cube_is_that_of_the_catalogue(): void
    {
        $cube = Sample::design('cube', 'box-20-plain', '20x20x1-g13-economy');
        $clean = self::clean($cube)->toArray();
        $capacity = FilterLife::capacity($cube) ?? NAN;

        foreach (array_values($clean) as $bin => $flow) {
            self::assertEqualsWithDelta(FilterLife::ORDINARY[$bin], $flow / $capacity, 1e-9 * FilterLife::ORDINARY[$bin]);
        }
    }

    public function test_the_ordinary_cube_is_changed_as_often_as_the_settings_say(): void
    {
        $economy = Economy::of(BigDecimal::of('0.3'), 8.0, 2.0, 4);
        $cube = Sample::design('cube', 'box-20-plain', '20x20x1-g13-economy');

        self::assertEqualsWithDelta(4.0, FilterLife::inSmoke()->changes(self::clean($cube), $cube, $economy), 1e-6);
        self::assertSame(6.0, FilterLife::months(4.0, $economy));
        self::assertNull(FilterLife::months(0.0, $economy));
    }

    public function test_a_small_panel_is_changed_more_often_than_a_cube_and_a_thick_one_less_often_than_a_thin_one(): void
    {
        $economy = Economy::withoutEnergy();
        $changes = function (string $filter) use ($economy): float {
            $panel = Sample::design('flat-panel', 'box-20-plain', $filter);

            return FilterLife::inSmoke()->changes(self::clean($panel), $panel, $economy);
        };

        self::assertGreaterThan(1.5 * $economy->changes, $changes('20x20x1-g13-economy'));
        self::assertLessThan($changes('20x20x1-g13-economy'), $changes('20x20x4-g13'));
        self::assertSame((float) $economy->changes, FilterLife::inSmoke()->changesOf(0.2, null, $economy), 'the setting holds where the capacity is not known');
    }

    #[TestWith([null, null])]
    #[TestWith([0.1, '1 week'])]
    #[TestWith([0.7, '3 weeks'])]
    #[TestWith([9.2, '9 months'])]
    #[TestWith([42.0, '3.5 years'])]
    public function test_it_is_told_in_the_unit_that_one_counts_in(?float $months, ?string $told): void
    {
        self::assertSame($told, FilterLife::told($months));
    }

    private static function clean(Design $design): PerBin
    {
        $performances = Unit::of($design, $design->assemble(), Air::reference())->performances();

        return $performances[count($performances) - 1]->cleanAir;
    }
}
