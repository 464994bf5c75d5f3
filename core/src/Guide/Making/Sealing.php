<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

use Jornel\Core\Part\Joining;
use Jornel\Core\Part\JoiningKind;

/** What is said of closing a seam, by the way of joining: tape and glue seal, foam must be pressed, ties only hold. */
final readonly class Sealing
{
    /** What fixes a sheet of board where the joining does not stick. */
    private const TAPE = 'painter’s tape';

    private function __construct(private Joining $joining)
    {
    }

    public static function with(Joining $joining): self
    {
        return new self($joining);
    }

    /**
     * Closing something, to follow `and` or to begin a sentence.
     *
     * @param  string  $what  `its four edges`
     */
    public function close(string $what): string
    {
        $with = $this->joining->with;

        return match ($this->joining->kind) {
            JoiningKind::Tape, JoiningKind::Wood => "close {$what} with {$with}",
            JoiningKind::Glue => "run a bead of {$with} along {$what} and press for a minute",
            JoiningKind::Foam => "lay foam along {$what} and draw the cords tight over it",
            JoiningKind::Clips => "lay foam along {$what}, set the strip on it and a clip every hand’s width",
            JoiningKind::Ties => "hold {$what} with {$with}, through the rims and never the media",
            JoiningKind::Weight => "let {$what} lie by the weight alone",
            JoiningKind::Suction => "lay {$what} on; only suction will hold it",
        };
    }

    /** The same as a sentence of its own. */
    public function sentence(string $what, string $after = ''): string
    {
        return ucfirst($this->close($what)).($this->joining->kind === JoiningKind::Tape ? ', from end to end, and press the tape flat along its whole length' : '')."{$after}.";
    }

    /** What fixes a sheet of board, such as a shroud, within a sentence. */
    public function fixWith(): string
    {
        return $this->joining->kind->sticks() ? $this->joining->with : self::TAPE;
    }

    /** What is left open, where the joining leaves something; empty where it seals. */
    public function gap(): string
    {
        $gap = 1000.0 * $this->joining->residualGap;

        return match ($this->joining->kind) {
            JoiningKind::Ties => sprintf(' Ties hold but do not seal: a gap of about %s mm stays along the edge, and foam under it would close it.', self::number($gap)),
            JoiningKind::Suction => sprintf(' Suction presses the middle and leaves about %s mm at the edge; the filter falls off when the fan stops.', self::number($gap)),
            default => '',
        };
    }

    /** What must be seen before going on. */
    public function hold(): string
    {
        return match ($this->joining->kind) {
            JoiningKind::Tape => 'Tape pressed along its whole length',
            JoiningKind::Glue => 'Bead without a gap',
            JoiningKind::Foam => 'Foam pressed all along',
            JoiningKind::Clips => 'Every clip sits on its strip',
            JoiningKind::Ties => 'Tight at every place, media whole',
            JoiningKind::Wood => 'Wood lies close all along',
            JoiningKind::Weight => 'Lies flat all round',
            JoiningKind::Suction => 'Covers the opening all round',
        };
    }

    private static function number(float $millimetres): string
    {
        return rtrim(rtrim(sprintf('%.2f', $millimetres), '0'), '.');
    }
}
