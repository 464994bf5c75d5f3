<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** What kind of fan a fan is: it decides on which shapes it has a seat. The values are those of data files. */
enum FanFamily: string
{
    case Box = 'box fan';
    case RoundFloor = 'round floor fan';
    case Drum = 'drum fan';
    case Circulator = 'circulator';
    case Small = 'PC fan';
    case InlineDuct = 'inline duct fan';
    case Exhaust = 'exhaust fan';
    case Blower = 'blower';

    public function label(): string
    {
        return match ($this) {
            self::Box => 'Box fan',
            self::RoundFloor => 'Round floor fan',
            self::Drum => 'Drum fan',
            self::Circulator => 'Circulator',
            self::Small => 'PC fan',
            self::InlineDuct => 'Inline duct fan',
            self::Exhaust => 'Exhaust fan',
            self::Blower => 'Blower',
        };
    }
}
