<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Air\BinShares;

/** One of several rooms with air moving between them. */
final readonly class Zone
{
    /**
     * @param  float  $volume  m3, above 0
     * @param  BinShares  $removed  by cleaning and settling together, 1/s
     */
    public function __construct(public string $name, public float $volume, public BinShares $removed)
    {
    }

    /**
     * @param  BinShares  $cleanAir  of all units in it, m3/s
     * @param  BinShares  $deposition  1/h
     */
    public static function of(string $name, float $volume, BinShares $cleanAir, BinShares $deposition, float $mixing = 1.0): self
    {
        return new self($name, $volume, $deposition->scaled(1.0 / 3600.0)->plus($cleanAir->scaled($mixing / $volume)));
    }
}
