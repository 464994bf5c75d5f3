<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** What drives a fan. */
final readonly class Motor
{
    /**
     * @param  bool  $holdsFlow  whether it speeds up against pressure, up to its top speed, so that the flow of a setting holds
     * @param  bool  $isEnclosed  whether the air that passes it does not reach its windings
     */
    private function __construct(public bool $holdsFlow, public bool $isEnclosed)
    {
    }

    /**
     * From `motor` (AC or EC), `holds_flow` and `enclosed_motor`.
     *
     * @throws BadRecord when an AC motor is said to hold its flow
     */
    public static function read(Record $fan): self
    {
        $holds = $fan->flagOr('holds_flow', false);
        if ($holds && $fan->textOr('motor', 'EC') !== 'EC') {
            throw BadRecord::holdsFlow($fan->path('holds_flow'));
        }

        return new self($holds, $fan->flag('enclosed_motor'));
    }
}
