<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Fault\Invalid;

final class UnknownPart extends Invalid
{
    /** @param  list<string>  $known */
    public static function named(string $field, string $kind, string $id, array $known): self
    {
        return new self($field, sprintf('There is no %s “%s” in the catalogue.', $kind, mb_strimwidth($id, 0, 40, '…')), $known);
    }
}
