<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Air\BinShares;

/**
 * Share of particles that a filter catches, by size bin, at the face velocity it really runs at.
 *
 * Penetration at v: P(v) = P_ref ^ ((v_ref / v)^k), k = 0.40, 0.10, 0 for the bins (assumed; diffusion alone
 * would give 2/3). HEPA takes no correction; a penetration of 0 or 1 stays.
 */
final readonly class Efficiency
{
    /** Face velocity of the rating, m/s (ANSI/ASHRAE Standard 52.2: 492 fpm). */
    public const RATING_VELOCITY = 2.5;

    private const EXPONENT = [0.40, 0.10, 0.0];

    /** Still air, m/s: only keeps the ratio of velocities finite. */
    private const SLOWEST = 1e-9;

    /** @param  BinShares  $rated efficiency at the rating velocity, 0 to 1 */
    private function __construct(public BinShares $rated, private bool $corrects)
    {
    }

    public static function rated(BinShares $rated): self
    {
        return new self($rated, true);
    }

    public static function uncorrected(BinShares $rated): self
    {
        return new self($rated, false);
    }

    /**
     * @param  float  $velocity  face velocity, m/s
     * @return BinShares efficiency, 0 to 1
     */
    public function at(float $velocity): BinShares
    {
        if (! $this->corrects) {
            return $this->rated;
        }
        $ratio = self::RATING_VELOCITY / max($velocity, self::SLOWEST);

        return new BinShares(
            self::corrected($this->rated->e1, $ratio, self::EXPONENT[0]),
            self::corrected($this->rated->e2, $ratio, self::EXPONENT[1]),
            self::corrected($this->rated->e3, $ratio, self::EXPONENT[2]),
        );
    }

    private static function corrected(float $rated, float $ratio, float $exponent): float
    {
        $penetration = 1.0 - $rated;
        if ($penetration <= 0.0 || $penetration >= 1.0 || $exponent === 0.0) {
            return $rated;
        }

        return 1.0 - $penetration ** ($ratio ** $exponent);
    }
}
