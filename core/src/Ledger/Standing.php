<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

/** How a rule, or a build as a whole, stands. */
enum Standing: string
{
    case Meets = 'meets';
    case Warns = 'warns';
    case Short = 'short';

    /** @param  list<Finding>  $findings */
    public static function worstOf(array $findings): self
    {
        $standings = array_map(fn (Finding $finding): self => $finding->standing, $findings);

        return match (true) {
            in_array(self::Short, $standings, true) => self::Short,
            in_array(self::Warns, $standings, true) => self::Warns,
            default => self::Meets,
        };
    }
}
