<?php

declare(strict_types=1);

namespace Jornel\Core\Finder\Space;

use Jornel\Core\Airflow\Box;
use Jornel\Core\Airflow\Leak;
use Jornel\Core\Part\FanCurve;

/**
 * Between which pressures the balance of fan and box lies, without solving it: the fan's flow falls with the pressure and
 * the box's rises, so one comparison tells on which side of any pressure it is.
 */
final class BalanceBound
{
    private const PRESSURES = 128;

    /** @var array<string, array{list<float>, list<float>}> pressures in Pa and flows in m3/s by curve */
    private array $tables = [];

    /**
     * Two pressures between which the balance lies: clean air at them is the least and the most that there can be.
     *
     * @param  string  $key  of the curve, the same for curves that differ by a factor on their flow alone
     * @param  FanCurve  $curve  as it works on the box
     * @return array{float, float} Pa
     */
    public function between(string $key, FanCurve $curve, Box $box): array
    {
        [$pressures, $flows] = $this->tables[$key] ??= self::table($curve);
        $factor = $curve->freeFlow() / $flows[0];
        $leak = Leak::flow($box->leakArea, 1.0, $box->air->density);
        $low = 0;
        $high = self::PRESSURES;
        while ($high - $low > 1) {
            $middle = ($low + $high) >> 1;
            $pressure = $pressures[$middle];
            $through = $leak * sqrt($pressure);
            foreach ($box->banks as $bank) {
                $through += $bank->total($pressure);
            }
            if ($through < $flows[$middle] * $factor) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return [$pressures[$low], $pressures[$high]];
    }

    /**
     * Closer together near no pressure, where most units work.
     *
     * @return array{list<float>, list<float>}
     */
    private static function table(FanCurve $curve): array
    {
        $pressures = $flows = [];
        $shutOff = $curve->shutOff();
        for ($i = 0; $i <= self::PRESSURES; $i++) {
            $pressures[] = $pressure = $shutOff * ($i / self::PRESSURES) ** 2;
            $flows[] = $curve->flow($pressure);
        }

        return [$pressures, $flows];
    }
}
