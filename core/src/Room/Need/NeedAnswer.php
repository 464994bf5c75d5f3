<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Need;

/** One answer to a question about the need: what it sets, and why. */
final readonly class NeedAnswer
{
    /**
     * @param  array<string, string|bool>  $sets  entries of the room by field, `goal`, and limits of builds as `limits.height`
     * @param  string  $why  and what to mind; empty where it sets nothing
     */
    public function __construct(public string $id, public string $name, public array $sets, public string $why)
    {
    }
}
