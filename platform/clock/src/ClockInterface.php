<?php

namespace Symfony\Component\Clock;

use DateTimeImmutable;
use DateTimeZone;
use Psr\Clock\ClockInterface as PsrClockInterface;

interface ClockInterface extends PsrClockInterface
{
    public function now(): DateTimeImmutable;

    public function sleep(float|int $seconds): void;

    public function withTimeZone(DateTimeZone|string $timezone): static;
}
