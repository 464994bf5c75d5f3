<?php

declare(strict_types=1);

namespace Jornel\Core\Nest;

/** Which way the flutes of a sheet run, or the grain of its face. */
enum Grain: string
{
    /** Along its width. */
    case Along = 'along';
    /** Along its height. */
    case Across = 'across';
    /** It has none. */
    case None = 'none';

    /**
     * Quarter turns in which a part may lie whose own flutes run along its width.
     *
     * @return non-empty-list<int> degrees anticlockwise
     */
    public function turns(): array
    {
        return $this === self::Across ? [90, 270] : [0, 180];
    }
}
