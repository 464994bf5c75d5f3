<?php

declare(strict_types=1);

namespace Jornel\Core\Tests\Air;

use Jornel\Core\Air\Air;
use Jornel\Core\Fault\OutOfRange;
use Jornel\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AirTest extends TestCase
{
    /** Source: ISO 2533, standard atmosphere: altitude m, temperature K, density kg/m3. */
    #[TestWith([0.0, 288.15, 1.2250])]
    #[TestWith([500.0, 284.90, 1.1673])]
    #[TestWith([1000.0, 281.65, 1.1117])]
    #[TestWith([2000.0, 275.15, 1.0066])]
    #[TestWith([4000.0, 262.17, 0.8194])]
    public function test_density_is_that_of_the_standard_atmosphere(float $altitude, float $temperature, float $density): void
    {
        self::assertEqualsWithDelta($density, Air::at($altitude, $temperature)->density, 1e-3);
    }

    public function test_it_refuses_air_that_nobody_breathes(): void
    {
        try {
            Air::at(altitude: 20000.0);
            self::fail();
        } catch (OutOfRange $refusal) {
            self::assertSame('air.altitude', $refusal->field);
        }
        $this->expectException(OutOfRange::class);
        Air::at(temperature: NAN);
    }

    public function test_the_weights_of_every_pollutant_make_one(): void
    {
        foreach (Sample::data()->pollutants()->all as $pollutant) {
            self::assertEqualsWithDelta(1.0, $pollutant->weights->sum(), 1e-12, $pollutant->id);
            self::assertNotSame('', $pollutant->source);
        }
    }
}
