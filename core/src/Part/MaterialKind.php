<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** What a material is bought as. */
enum MaterialKind: string
{
    case Tape = 'tape';
    case Glue = 'glue';
    case Foam = 'foam';
    case Sheet = 'sheet';
    case Hardware = 'hardware';
    case Electrical = 'electrical';
    case Carbon = 'carbon';

    public function label(): string
    {
        return match ($this) {
            self::Tape => 'Tape',
            self::Glue => 'Glue',
            self::Foam => 'Foam',
            self::Sheet => 'Sheet',
            self::Hardware => 'Hardware',
            self::Electrical => 'Electrical',
            self::Carbon => 'Carbon',
        };
    }
}
