<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Fan;
use Jornel\Core\Part\FanFamily;

/** Which families of fans have a seat on which kind of shape. */
final class FanFamilies
{
    /** Fans with a housing to stand on a box or behind a panel. */
    public const HOUSED = [FanFamily::Box, FanFamily::RoundFloor, FanFamily::Drum, FanFamily::Circulator];

    public const SMALL = [FanFamily::Small];

    public const DUCTED = [FanFamily::InlineDuct];

    /**
     * @param  non-empty-list<FanFamily>  $families
     *
     * @throws DoesNotFit
     */
    public static function mustBe(Fan $fan, array $families, Shape $shape): void
    {
        if (! in_array($fan->family, $families, true)) {
            throw DoesNotFit::noSeat($fan, $shape, $families);
        }
    }
}
