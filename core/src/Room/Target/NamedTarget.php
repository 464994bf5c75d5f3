<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

/** A target that carries its id, name and source from its row. */
trait NamedTarget
{
    public function id(): string
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function source(): string
    {
        return $this->source;
    }

    public function holds(): ?float
    {
        return null;
    }
}
