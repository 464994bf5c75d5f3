<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Fault\Invalid;

final class UnknownPart extends Invalid
{
    /**
     * @param  PartKind|null  $kind  null where it may be of any
     * @param  list<string>  $known
     */
    public static function named(string $field, ?PartKind $kind, string $id, array $known): self
    {
        return new self($field, sprintf('There is no %s “%s” in the catalogue.', $kind->value ?? 'part', mb_strimwidth($id, 0, 40, '…')), $known);
    }
}
