<?php

declare(strict_types=1);

namespace Jornel\Core\Fault;

use DomainException;

/**
 * Something given to the core that the job does not allow: says where, what was wrong and what is allowed.
 */
abstract class Invalid extends DomainException
{
    /**
     * @param  string  $field  path of the value that is at fault, such as `room.height` or `unit.fan`
     * @param  list<string>  $choices  readings or values to offer instead, if there are any
     */
    final protected function __construct(
        public readonly string $field,
        string $message,
        public readonly array $choices = [],
    ) {
        parent::__construct($message);
    }

    /** The same fault, told at another path. */
    final public function at(string $field): static
    {
        return new static($field, $this->getMessage(), $this->choices);
    }
}
