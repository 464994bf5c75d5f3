<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Stringable;

/** An amount of money in whole hundredths, in whatever currency the programme buys in; never less than a hundredth apart. */
final readonly class Money implements Stringable
{
    private function __construct(public int $hundredths)
    {
    }

    public static function none(): self
    {
        return new self(0);
    }

    public static function ofHundredths(int $hundredths): self
    {
        return new self($hundredths);
    }

    /** Rounded half up to a hundredth. */
    public static function rounded(BigDecimal $amount): self
    {
        return new self($amount->toScale(2, RoundingMode::HALF_UP)->getUnscaledValue()->toInt());
    }

    /** As it is written: digits, and at most two decimals after a point; null for anything else. */
    public static function read(string $amount): ?self
    {
        return preg_match('/^\d{1,6}(\.\d{1,2})?$/', $amount) === 1 ? self::rounded(BigDecimal::of($amount)) : null;
    }

    /** Of a number in a data file; null where it has parts of a hundredth. */
    public static function ofNumber(float $amount): ?self
    {
        $hundredths = round(100.0 * $amount);

        return abs(100.0 * $amount - $hundredths) < 1e-6 ? new self((int) $hundredths) : null;
    }

    public static function sum(self ...$amounts): self
    {
        return new self(array_sum(array_map(fn (self $amount): int => $amount->hundredths, $amounts)));
    }

    public function plus(self $other): self
    {
        return new self($this->hundredths + $other->hundredths);
    }

    public function times(int $count): self
    {
        return new self($this->hundredths * $count);
    }

    /** Split over so many years, or anything else that is counted in parts; rounded half up to a hundredth. */
    public function over(float $parts): self
    {
        return self::rounded($this->decimal()->dividedBy(BigDecimal::of(sprintf('%.4f', $parts)), 2, RoundingMode::HALF_UP));
    }

    public function toFloat(): float
    {
        return $this->hundredths / 100.0;
    }

    /** `12.50` */
    public function __toString(): string
    {
        return (string) $this->decimal();
    }

    private function decimal(): BigDecimal
    {
        return BigDecimal::ofUnscaledValue($this->hundredths, 2);
    }
}
