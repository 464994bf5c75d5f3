<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

use Jornel\Core\Fault\Invalid;

/** A part laid down by hand that does not go there. */
final class PinnedBadly extends Invalid
{
    public static function unknown(Pinned $pinned): self
    {
        return new self("pinned.{$pinned->label}", "There is no part {$pinned->label}.");
    }

    public static function again(Pinned $pinned): self
    {
        return new self("pinned.{$pinned->label}", "Part {$pinned->label} is laid in two places.");
    }

    public static function noSheet(Pinned $pinned): self
    {
        return new self("pinned.{$pinned->label}", "The sheet that part {$pinned->label} was laid on is not there any more. Lay it on another.");
    }

    public static function againstGrain(Pinned $pinned): self
    {
        return new self("pinned.{$pinned->label}", "Part {$pinned->label} lies across the flutes. Turn it by a quarter.");
    }

    public static function noRoom(Pinned $pinned): self
    {
        return new self("pinned.{$pinned->label}", "Part {$pinned->label} does not go there: it would lie off the sheet, on another part or on a zone that is kept clear.");
    }
}
