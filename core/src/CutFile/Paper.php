<?php

declare(strict_types=1);

namespace Jornel\Core\CutFile;

/** What is printed on, upright. */
enum Paper: string
{
    case A4 = 'a4';
    case Letter = 'letter';

    /** @return array{float, float} width and height, mm (ISO 216; ANSI/ASME Y14.1 size A) */
    public function size(): array
    {
        return match ($this) {
            self::A4 => [210.0, 297.0],
            self::Letter => [215.9, 279.4],
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::A4 => 'A4',
            self::Letter => 'Letter',
        };
    }
}
