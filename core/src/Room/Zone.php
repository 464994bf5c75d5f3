<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\PerBin;

/** One of several rooms with air moving between them. */
final readonly class Zone
{
    /**
     * @param  float  $volume  m3, above 0
     * @param  PerBin  $removed  by cleaning and settling together, 1/s
     */
    public function __construct(public string $name, public float $volume, public PerBin $removed)
    {
    }

    /**
     * @param  PerBin  $cleanAir  of all units in it, m3/s
     * @param  PerBin  $deposition  1/h
     */
    public static function of(string $name, float $volume, PerBin $cleanAir, PerBin $deposition, float $mixing = 1.0): self
    {
        return new self($name, $volume, $deposition->scaled(1.0 / 3600.0)->plus($cleanAir->scaled($mixing / $volume)));
    }
}
