<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Drawing;

use Jornel\Core\Air\Air;
use Jornel\Core\Airflow\Unit;
use Jornel\Core\Drawing\WorkingPlot;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WorkingPlotTest extends TestCase
{
    #[TestWith(['cube', 'box-20-plain', '20x20x1-g13-economy'])]
    #[TestWith(['flat-panel', 'box-20-plain', '20x20x1-g14-dense'])]
    #[TestWith(['array-box', 'pc-140', '20x25x1-g13-economy'])]
    #[TestWith(['duct-box', 'inline-8', '20x20x1-g13-economy'])]
    public function test_every_working_point_lies_on_its_fans_curve_and_on_the_boxs(string $shape, string $fan, string $filter): void
    {
        $design = Sample::design($shape, $fan, $filter);
        $unit = Unit::of($design, $design->assemble(), Air::reference());
        $plot = WorkingPlot::of($unit, 0, Sample::data()->tolerances());

        self::assertCount(count($unit->speeds), $plot->speeds);
        foreach ($plot->speeds as $speed) {
            foreach ([[$speed['clean'], $plot->box], [$speed['loaded'], $plot->loadedBox]] as [$performance, $box]) {
                [$flow, $pressure] = [$performance->balance->fanFlow, $performance->balance->pressure];
                self::assertThat($flow, self::logicalAnd(self::greaterThan(0.0), self::lessThan($plot->across->most)));
                self::assertThat($pressure, self::logicalAnd(self::greaterThan(0.0), self::lessThan($plot->up->most)));
                self::assertEqualsWithDelta($flow, self::at($speed['curve'], $pressure), 0.01 * $plot->across->most);
                self::assertEqualsWithDelta($flow, self::at($box, $pressure), 0.01 * $plot->across->most);
            }
            self::assertLessThan($speed['clean']->balance->filterFlow, $speed['loaded']->balance->filterFlow);
        }
        $chosen = $plot->speeds[0]['clean']->balance;
        self::assertTrue($plot->band['flow']->covers($chosen->fanFlow) && $plot->band['pressure']->covers($chosen->pressure));
    }

    /**
     * Flow at a height, by straight lines between the points.
     *
     * @param  list<array{float, float}>  $curve
     */
    private static function at(array $curve, float $y): float
    {
        foreach ($curve as $i => [$x1, $y1]) {
            [$x2, $y2] = $curve[$i + 1] ?? self::fail('The curve ends below the point.');
            if ($y >= $y1 && $y <= $y2) {
                return $x1 + ($x2 - $x1) * ($y - $y1) / max(1e-12, $y2 - $y1);
            }
        }

        return NAN;
    }
}
