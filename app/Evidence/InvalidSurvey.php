<?php

namespace App\Evidence;

use Jornel\Core\Fault\Invalid;

/** What a survey is told that it cannot be. */
final class InvalidSurvey extends Invalid
{
    /** @param  list<string>  $choices */
    public static function of(string $field, string $why, array $choices = []): self
    {
        return new self($field, $why, $choices);
    }
}
