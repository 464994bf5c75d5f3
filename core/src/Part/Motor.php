<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** What drives a fan. */
final readonly class Motor
{
    /** What the electronics of an EC motor draw while the fan stands, W (assumed). */
    private const STANDING = 2.0;

    /** The same of a small fan on direct current, W (assumed). */
    private const STANDING_SMALL = 0.2;

    /**
     * @param  bool  $holdsFlow  whether it speeds up against pressure, up to its top speed, so that the flow of a setting holds
     * @param  bool  $isEnclosed  whether the air that passes it does not reach its windings
     * @param  float  $standing  what its electronics draw while the fan stands, W; 0 of an AC motor
     */
    private function __construct(public bool $holdsFlow, public bool $isEnclosed, public float $standing)
    {
    }

    /**
     * From `motor` (AC or EC), `holds_flow`, `enclosed_motor` and `standing_power`.
     *
     * @throws BadRecord when an AC motor is said to hold its flow
     */
    public static function read(Record $fan): self
    {
        $holds = $fan->flagOr('holds_flow', false);
        if ($holds && $fan->textOr('motor', 'EC') !== 'EC') {
            throw BadRecord::holdsFlow($fan->path('holds_flow'));
        }

        $isDirect = $fan->optional('volts', 0.0) !== null;
        $usual = match (true) {
            $isDirect => self::STANDING_SMALL,
            $fan->textOr('motor', 'AC') === 'EC' => self::STANDING,
            default => 0.0,
        };
        // A fan that takes less than is usual to stand takes nothing more for standing than for running.
        $standing = min($fan->optional('standing_power', -1e-12)->si ?? $usual, $fan->figure('power', 0.0)->si);

        return new self($holds, $fan->flag('enclosed_motor'), $standing);
    }
}
