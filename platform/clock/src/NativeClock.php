<?php

namespace Symfony\Component\Clock;

use DateTimeImmutable;
use DateTimeZone;

final class NativeClock implements ClockInterface
{
    private DateTimeZone $timezone;

    public function __construct(DateTimeZone|string|null $timezone = null)
    {
        $this->timezone = $this->zone($timezone ?? date_default_timezone_get());
    }

    public function now(): DateTimeImmutable
    {
        return new DateTimeImmutable('now', $this->timezone);
    }

    public function sleep(float|int $seconds): void
    {
        if ($seconds > 0) {
            usleep((int) round($seconds * 1e6));
        }
    }

    public function withTimeZone(DateTimeZone|string $timezone): static
    {
        $clone = clone $this;
        $clone->timezone = $this->zone($timezone);

        return $clone;
    }

    private function zone(DateTimeZone|string $timezone): DateTimeZone
    {
        return is_string($timezone) ? new DateTimeZone($timezone) : $timezone;
    }
}
