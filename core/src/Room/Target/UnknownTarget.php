<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

use Jornel\Core\Invalid;

final class UnknownTarget extends Invalid
{
    /** @param  list<string>  $known */
    public static function named(string $id, array $known): self
    {
        return new self('goal', sprintf('There is no target “%s”. Choose one of: %s; or a number of air changes from %g to %g (air-changes-4.5), or a concentration to hold in µg/m³ (hold-12).', mb_strimwidth($id, 0, 40, '…'), implode(', ', $known), ...AirChanges::RANGE), $known);
    }

    public static function saysNothing(string $name): self
    {
        return new self('goal', "“{$name}” has nothing to say about this room as it is described: it may need the people in it or the concentration outdoors. Enter them, or choose another target.");
    }
}
