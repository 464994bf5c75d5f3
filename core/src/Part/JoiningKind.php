<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** How a joining holds and what it closes: every sentence about closing a seam follows from it. */
enum JoiningKind: string
{
    case Tape = 'tape';
    case Glue = 'glue';
    /** Foam along the seam, pressed by cords. */
    case Foam = 'foam';
    /** Foam along the seam, pressed by clips that sit on a strip. */
    case Clips = 'clips';
    /** Ties, cords or straps at places: they hold and do not seal. */
    case Ties = 'ties';
    case Wood = 'wood';
    case Weight = 'weight';
    case Suction = 'suction';

    /** Whether it fixes a sheet of board by itself, such as a shroud; where not, tape does. */
    public function sticks(): bool
    {
        return $this === self::Tape || $this === self::Glue;
    }

    /** Whether it leaves the seam open between the places where it holds. */
    public function leavesGaps(): bool
    {
        return $this === self::Ties || $this === self::Suction;
    }

    /**
     * Of an entry that does not tell its kind.
     *
     * @param  string  $skill  that it takes
     * @param  bool  $runsAlong  whether it uses up something along the seams
     */
    public static function usual(string $skill, bool $runsAlong): self
    {
        return match (true) {
            $skill === 'gluing' => self::Glue,
            $skill === 'sawing' => self::Wood,
            $runsAlong => self::Tape,
            default => self::Ties,
        };
    }
}
