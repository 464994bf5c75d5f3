<?php

declare(strict_types=1);

namespace Jornel\Core\Air;

use Jornel\Core\Fault\OutOfRange;

/** The state of the air that a unit moves. */
final readonly class Air
{
    /** Density at which catalogue drops and fan curves hold, kg/m3. */
    public const REFERENCE_DENSITY = 1.2;

    /** Viscosity at which catalogue drops hold, Pa s. */
    public const REFERENCE_VISCOSITY = 1.81e-5;

    /**
     * @param  float  $density  kg/m3
     * @param  float  $viscosity  Pa s
     */
    private function __construct(public float $density, public float $viscosity)
    {
    }

    /** The air of the catalogue: 1.2 kg/m3 and 1.81e-5 Pa s. */
    public static function reference(): self
    {
        return new self(self::REFERENCE_DENSITY, self::REFERENCE_VISCOSITY);
    }

    /**
     * Air of which both figures are known.
     *
     * @param  float  $density  kg/m3, 0.3 to 2
     * @param  float  $viscosity  Pa s, 1e-5 to 3e-5
     *
     * @throws OutOfRange
     */
    public static function of(float $density, float $viscosity = self::REFERENCE_VISCOSITY): self
    {
        OutOfRange::unlessBetween('air.density_kg_m3', $density, 0.3, 2.0, 'kg/m3');
        OutOfRange::unlessBetween('air.viscosity_pa_s', $viscosity, 1e-5, 3e-5, 'Pa s');

        return new self($density, $viscosity);
    }

    /**
     * Density from altitude and temperature: p = 101325 (1 - 2.25577e-5 h)^5.25588, rho = p / (287.05 T).
     *
     * Source: International Standard Atmosphere (ISO 2533) and the gas law for dry air.
     *
     * @param  float  $altitude  m above sea level, -500 to 9000
     * @param  float  $temperature  K, 200 to 350
     *
     * @throws OutOfRange
     */
    public static function at(float $altitude = 0.0, float $temperature = 293.15): self
    {
        OutOfRange::unlessBetween('air.altitude', $altitude, -500.0, 9000.0, 'm');
        OutOfRange::unlessBetween('air.temperature', $temperature, 200.0, 350.0, 'K');
        $pressure = 101325.0 * (1.0 - 2.25577e-5 * $altitude) ** 5.25588;

        return new self($pressure / (287.05 * $temperature), self::REFERENCE_VISCOSITY);
    }
}
