<?php

declare(strict_types=1);

namespace Jornel\Core\Guide\Making;

/** Something that a step takes into the hand. */
final readonly class PartUse
{
    /** @param  int  $count  pieces; 0 for all that one unit has */
    private function __construct(public UseKind $kind, public string $id = '', public int $count = 0)
    {
    }

    public static function fans(int $count = 0): self
    {
        return new self(UseKind::Fan, '', $count);
    }

    public static function filters(int $count = 0): self
    {
        return new self(UseKind::Filter, '', $count);
    }

    public static function prefilters(int $count = 0): self
    {
        return new self(UseKind::Prefilter, '', $count);
    }

    /** @param  string  $panel  id of the panel that was cut */
    public static function cut(string $panel): self
    {
        return new self(UseKind::Cut, $panel);
    }

    /** @param  string  $id  of the catalogue’s materials */
    public static function material(string $id, int $count = 0): self
    {
        return new self(UseKind::Material, $id, $count);
    }

    public static function joining(): self
    {
        return new self(UseKind::Joining);
    }
}
