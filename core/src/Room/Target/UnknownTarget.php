<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

use Jornel\Core\Fault\Invalid;

final class UnknownTarget extends Invalid
{
    /** @param  list<string>  $known */
    public static function named(string $id, array $known): self
    {
        return new self('goal', sprintf('There is no rule “%s”. Choose one of: %s; or a number of air changes from %g to %g (air-changes-4.5), or a concentration to hold in µg/m³ (hold-12).', mb_strimwidth($id, 0, 40, '…'), implode(', ', $known), ...AirChanges::RANGE), $known);
    }

    public static function saysNothing(string $name): self
    {
        return new self('goal', "“{$name}” cannot be applied to this room yet: it may need the number of people or the concentration outdoors. Enter them, or choose another rule.");
    }
}
