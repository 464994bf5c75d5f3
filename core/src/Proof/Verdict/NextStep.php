<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Verdict;

use Jornel\Core\Quantity\Sentence;

/** Something that may be done next, and what it would gain. */
final readonly class NextStep
{
    /** @param  float|null  $gain  clean air in the room, m3/s; null for what tells more instead of giving more */
    public function __construct(public string $key, public Sentence $text, public ?float $gain)
    {
    }
}
