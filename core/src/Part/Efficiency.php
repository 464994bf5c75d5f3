<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Air\Bin;
use Jornel\Core\Air\PerBin;
use Jornel\Core\Numeric\Formula;

/**
 * Share of particles that a filter catches, by size bin, at the face velocity it really runs at.
 *
 * Penetration at v: P(v) = P_ref ^ ((v_ref / v)^k), k = 0.40, 0.10, 0 for the bins (assumed; diffusion alone
 * would give 2/3). HEPA takes no correction; a penetration of 0 or 1 stays. Whatever the correction gives, a coarser bin is
 * never caught worse than a finer one: the coarser is raised.
 */
final readonly class Efficiency
{
    /** Face velocity of the rating, m/s (ANSI/ASHRAE Standard 52.2: 492 fpm). */
    public const RATING_VELOCITY = 2.5;

    /** Exponents k of the correction for velocity, by bin. */
    private const EXPONENT_E1 = 0.40;

    private const EXPONENT_E2 = 0.10;

    private const EXPONENT_E3 = 0.0;

    /** Still air, m/s: only keeps the ratio of velocities finite. */
    private const SLOWEST = 1e-9;

    /**
     * @param  PerBin  $rated  efficiency at the rating velocity, 0 to 1
     * @param  PerBin  $factor  on the ln-penetration of each bin
     */
    private function __construct(public PerBin $rated, public bool $corrects, private PerBin $factor, private bool $isPlain)
    {
    }

    public static function rated(PerBin $rated): self
    {
        return new self($rated, true, PerBin::same(1.0), true);
    }

    public static function uncorrected(PerBin $rated): self
    {
        return new self($rated, false, PerBin::same(1.0), true);
    }

    /**
     * An imagined one that catches no less than any of these at any velocity.
     *
     * @param  non-empty-list<self>  $several  plain ones, all corrected for velocity or none
     */
    public static function noWorseThan(array $several): self
    {
        $rated = $several[0]->rated;
        foreach ($several as $one) {
            $rated = new PerBin(max($rated->e1, $one->rated->e1), max($rated->e2, $one->rated->e2), max($rated->e3, $one->rated->e3));
        }

        return new self($rated, $several[0]->corrects, PerBin::same(1.0), true);
    }

    /** Rated values only: the same without the correction for velocity. */
    public function withoutCorrection(): self
    {
        return new self($this->rated, false, $this->factor, $this->isPlain);
    }

    /** @param  float  $kept share of the finest bin's ln-penetration that is left, 0 to 1 */
    public function withFinestKept(float $kept): self
    {
        return new self($this->rated, $this->corrects, $this->factor->times(new PerBin($kept, 1.0, 1.0)), false);
    }

    /** @param  float  $factor on the ln-penetration of every bin, above 0 */
    public function varied(float $factor): self
    {
        return new self($this->rated, $this->corrects, $this->factor->scaled($factor), false);
    }

    /**
     * @param  float  $velocity  face velocity, m/s
     * @return PerBin efficiency, 0 to 1
     */
    public function at(float $velocity): PerBin
    {
        if (! $this->corrects && $this->isPlain) {
            return $this->rated;
        }
        if (! $this->corrects) {
            return new PerBin(
                self::corrected($this->rated->e1, $this->factor->e1), self::corrected($this->rated->e2, $this->factor->e2), self::corrected($this->rated->e3, $this->factor->e3),
            );
        }
        $ratio = self::RATING_VELOCITY / max($velocity, self::SLOWEST);
        $e1 = self::corrected($this->rated->e1, $ratio ** self::EXPONENT_E1 * $this->factor->e1);
        $e2 = max($e1, self::corrected($this->rated->e2, $ratio ** self::EXPONENT_E2 * $this->factor->e2));

        // The coarsest is not corrected: its exponent is nothing.
        return new PerBin($e1, $e2, max($e2, self::corrected($this->rated->e3, $this->factor->e3)));
    }

    /**
     * How the share that is caught of a bin is worked out.
     *
     * @param  float  $velocity  face velocity, m/s
     */
    public function formula(Bin $bin, float $velocity): Formula
    {
        [$rated, $factor] = [$this->rated->in($bin), $this->factor->in($bin)];
        $passed = 1.0 - $rated;
        $own = match (true) {
            $passed <= 0.0, $passed >= 1.0, ! $this->corrects && $factor === 1.0 => Formula::of('E as rated', '%s', $rated),
            ! $this->corrects => Formula::of('E = 1 - P_ref^f', '1 - %s^%s', $passed, $factor),
            default => Formula::of(
                'E = 1 - P_ref^((v_ref / v)^k)', '1 - %s^((%s / %s)^%s'.($factor === 1.0 ? ')' : ' × '.Formula::figure($factor).')'),
                $passed, self::RATING_VELOCITY, max($velocity, self::SLOWEST), match ($bin) {
                    Bin::E1 => self::EXPONENT_E1,
                    Bin::E2 => self::EXPONENT_E2,
                    Bin::E3 => self::EXPONENT_E3,
                },
            ),
        };
        $found = $this->at($velocity);
        $finer = ($next = $bin->finer()) === null ? 0.0 : $found->in($next);

        return $this->corrects && $finer > 0.0 && $found->in($bin) === $finer
            ? new Formula("{$own->letters}, not below that of the finer bin", 'max('.Formula::figure($finer).", {$own->filled})")
            : $own;
    }

    private static function corrected(float $rated, float $exponent): float
    {
        $penetration = 1.0 - $rated;

        return $penetration <= 0.0 || $penetration >= 1.0 || $exponent === 1.0 ? $rated : 1.0 - $penetration ** $exponent;
    }
}
