<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

/** Where the numbers of a part are to point. */
final readonly class Anchor
{
    public function __construct(public string $part, public Point $at)
    {
    }
}
