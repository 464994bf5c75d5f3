<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Fault\Invalid;

final class InvalidGuide extends Invalid
{
    public static function bare(string $path): self
    {
        return new self($path, 'A bare unit says nothing of what it is made from: there are no steps to make it.');
    }

    public static function tooMany(string $path, int $most): self
    {
        return new self($path, "That is more than {$most} tasks.");
    }
}
