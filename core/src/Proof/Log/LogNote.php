<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Log;

use Jornel\Core\Quantity\Texts;

/** Something about a log that a person should know, and the first line it was met in. */
final readonly class LogNote
{
    private function __construct(public string $code, public int $line, public string $text)
    {
    }

    public static function of(string $code, int $line, string|int ...$gaps): self
    {
        return new self($code, $line, Texts::of('log')->tell($code, ...$gaps + ['line' => $line]));
    }
}
