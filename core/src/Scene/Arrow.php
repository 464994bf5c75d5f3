<?php

declare(strict_types=1);

namespace Jornel\Core\Scene;

/** The way of the air at a part. */
final readonly class Arrow
{
    /** @param  string  $kind `intake` into a face, `outlet` out of the fan, `bypass` past the filters */
    public function __construct(public string $part, public string $kind, public Point $from, public Point $to)
    {
    }
}
