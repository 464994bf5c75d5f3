<?php

declare(strict_types=1);

namespace Jornel\Core\Quantity;

/** A sum that anybody can do again: in letters, and with its figures put in. */
final readonly class Sum
{
    public function __construct(public string $letters, public Sentence $filled)
    {
    }
}
