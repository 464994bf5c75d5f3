<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

/** Clear opening of a window that an insert is set in. */
final readonly class WindowOpening
{
    /** Of an ordinary window, m (assumed). */
    private const USUAL = [0.9, 0.65];

    /**
     * @param  float  $width  m, above 0
     * @param  float  $height  m, above 0
     * @param  bool  $isKnown  whether it is that of a window, as against an ordinary one
     */
    private function __construct(public float $width, public float $height, public bool $isKnown)
    {
    }

    /**
     * @param  float  $width  m, above 0
     * @param  float  $height  m, above 0
     */
    public static function of(float $width, float $height): self
    {
        return new self($width, $height, true);
    }

    /** An ordinary one, at least as large as what goes into it. */
    public static function usual(float $leastWidth, float $leastHeight): self
    {
        return new self(max(self::USUAL[0], $leastWidth), max(self::USUAL[1], $leastHeight), false);
    }
}
