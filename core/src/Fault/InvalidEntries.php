<?php

declare(strict_types=1);

namespace Jornel\Core\Fault;

use DomainException;

/** Several faults found at once, so that all of them can be shown. */
final class InvalidEntries extends DomainException
{
    /** @param  non-empty-list<Invalid>  $faults */
    private function __construct(public readonly array $faults)
    {
        parent::__construct($faults[0]->getMessage());
    }

    /** @param  non-empty-list<Invalid>  $faults */
    public static function of(array $faults): self
    {
        return new self($faults);
    }
}
