<?php

declare(strict_types=1);

namespace Jornel\Core\CutFile;

/** What a line of a cut file is for. */
enum Layer: string
{
    case Cut = 'CUT';
    case Fold = 'FOLD';
    case Mark = 'MARK';
    case Text = 'TEXT';

    /** Colour by number of the drawing exchange format. */
    public function colour(): int
    {
        return match ($this) {
            self::Cut => 1,
            self::Fold => 5,
            self::Mark => 8,
            self::Text => 7,
        };
    }

    public function hex(): string
    {
        return match ($this) {
            self::Cut => '#b3261e',
            self::Fold => '#1f4fb0',
            self::Mark => '#77716a',
            self::Text => '#26221d',
        };
    }

    /** Pattern of its line on paper, mm of line and gap; empty for a full line. */
    public function dashes(): string
    {
        return match ($this) {
            self::Fold => '4 2',
            self::Mark => '6 1.5 1 1.5',
            default => '',
        };
    }
}
