<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Quantity\Sentence;

/** One rule held against a build: whether it is kept, by how much, and what would mend it. */
final readonly class Finding
{
    private function __construct(
        public string $rule,
        public Standing $standing,
        public Sentence $text,
        public ?Sentence $mend,
    ) {
    }

    public static function kept(string $rule, Sentence $text): self
    {
        return new self($rule, Standing::Meets, $text, null);
    }

    public static function warning(string $rule, Sentence $text, ?Sentence $mend = null): self
    {
        return new self($rule, Standing::Warns, $text, $mend);
    }

    public static function broken(string $rule, Sentence $text, ?Sentence $mend = null): self
    {
        return new self($rule, Standing::Short, $text, $mend);
    }
}
