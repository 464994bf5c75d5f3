<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Need;

/** One thing that the answers set, and the answer that it follows from. */
final readonly class NeedEntry
{
    /** @param  string  $field  of the room's entries, `goal`, or a limit of builds as `limits.height` */
    public function __construct(public string $field, public string|bool $value, public NeedAnswer $by)
    {
    }
}
