<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Need;

/** One question about the need of a room. */
final readonly class NeedQuestion
{
    /** @param  non-empty-array<string, NeedAnswer>  $answers  by id */
    public function __construct(public string $id, public string $asks, public bool $isMany, public array $answers)
    {
    }
}
