<?php

declare(strict_types=1);

namespace Jornel\Core\Airflow;

use Jornel\Core\Air\PerBin;

/** What purifiers give the air of a room: clean air made of room air, and outdoor air blown in through filters. */
final readonly class Output
{
    /**
     * @param  PerBin  $clean  clean-air delivery rate of room air by bin, m3/s
     * @param  float  $intake  outdoor air that is blown in through filters, m3/s
     * @param  float  $leakedIn  outdoor air that comes in past them, m3/s
     * @param  PerBin  $caught  what the filters catch of the intake by bin, as the flow that would have carried it, m3/s
     */
    private function __construct(public PerBin $clean, public float $intake, public float $leakedIn, public PerBin $caught)
    {
    }

    public static function none(): self
    {
        return self::recirculating(PerBin::same(0.0));
    }

    /** @param  PerBin  $clean  m3/s */
    public static function recirculating(PerBin $clean): self
    {
        return new self($clean, 0.0, 0.0, PerBin::same(0.0));
    }

    /**
     * Outdoor air through filters, and some past them.
     *
     * @param  float  $filtered  m3/s
     * @param  float  $leakedIn  m3/s
     * @param  PerBin  $caught  m3/s
     */
    public static function intake(float $filtered, float $leakedIn, PerBin $caught): self
    {
        return new self(PerBin::same(0.0), $filtered, $leakedIn, $caught);
    }

    /**
     * Of a unit in a window: outdoor air through its filters and past them at the seams. What falls back through the fan's
     * corners is air of the room and comes in nowhere.
     *
     * @param  list<LeakFlow>  $leaks
     * @param  PerBin  $caught  m3/s
     */
    public static function ofIntake(Balance $balance, array $leaks, PerBin $caught): self
    {
        $past = array_sum(array_map(fn (LeakFlow $leak): float => $leak->leak->isSeam() ? $leak->flow : 0.0, $leaks));

        return self::intake($balance->filterFlow, $past, $caught);
    }

    public function plus(self $other): self
    {
        return new self($this->clean->plus($other->clean), $this->intake + $other->intake, $this->leakedIn + $other->leakedIn, $this->caught->plus($other->caught));
    }

    /** @param  float  $count  of them alike, zero or more */
    public function times(float $count): self
    {
        return $count === 1.0 ? $this : new self($this->clean->scaled($count), $this->intake * $count, $this->leakedIn * $count, $this->caught->scaled($count));
    }

    /**
     * Proportions of the clean air that it makes of room air, by bin; null where it only brings air in.
     *
     * @return PerBin|null m3/s
     */
    public function spectrum(): ?PerBin
    {
        return $this->bringsAirIn() && $this->clean->sum() <= 0.0 ? null : $this->clean;
    }

    public function bringsAirIn(): bool
    {
        return $this->intake > 0.0;
    }
}
