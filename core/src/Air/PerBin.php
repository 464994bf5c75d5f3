<?php

declare(strict_types=1);

namespace Jornel\Core\Air;

/**
 * One number for each of the three particle size bins: 0.3 to 1.0, 1.0 to 3.0 and 3.0 to 10 micrometres.
 *
 * Source of the bins: ANSI/ASHRAE Standard 52.2-2017.
 */
final readonly class PerBin
{
    public function __construct(public float $e1, public float $e2, public float $e3)
    {
    }

    public static function same(float $value): self
    {
        return new self($value, $value, $value);
    }

    /** @param  array{float|int, float|int, float|int}  $values */
    public static function of(array $values): self
    {
        return new self((float) $values[0], (float) $values[1], (float) $values[2]);
    }

    /** @param  callable(Bin): float  $figure */
    public static function each(callable $figure): self
    {
        return new self($figure(Bin::E1), $figure(Bin::E2), $figure(Bin::E3));
    }

    /** @param  callable(float): float  $change */
    public function map(callable $change): self
    {
        return new self($change($this->e1), $change($this->e2), $change($this->e3));
    }

    public function plus(self $other): self
    {
        return new self($this->e1 + $other->e1, $this->e2 + $other->e2, $this->e3 + $other->e3);
    }

    public function times(self $other): self
    {
        return new self($this->e1 * $other->e1, $this->e2 * $other->e2, $this->e3 * $other->e3);
    }

    public function scaled(float $factor): self
    {
        return new self($this->e1 * $factor, $this->e2 * $factor, $this->e3 * $factor);
    }

    public function in(Bin $bin): float
    {
        return match ($bin) {
            Bin::E1 => $this->e1,
            Bin::E2 => $this->e2,
            Bin::E3 => $this->e3,
        };
    }

    /** @return array{e1: float, e2: float, e3: float} as the open formats name them */
    public function toArray(): array
    {
        return ['e1' => $this->e1, 'e2' => $this->e2, 'e3' => $this->e3];
    }

    public function sum(): float
    {
        return $this->e1 + $this->e2 + $this->e3;
    }
}
