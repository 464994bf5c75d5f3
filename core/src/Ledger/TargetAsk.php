<?php

declare(strict_types=1);

namespace Jornel\Core\Ledger;

use Jornel\Core\Room\Room;
use Jornel\Core\Room\Target\Target;

/** What one school asks of a room. */
final readonly class TargetAsk
{
    /** @param float|null $asks clean air, m3/s; null where it has nothing to say */
    private function __construct(public Target $target, public string $judges, public ?float $asks) {}

    public static function of(Target $target, Room $room): self
    {
        return new self($target, $target->judges($room)->name, $target->asks($room));
    }
}
