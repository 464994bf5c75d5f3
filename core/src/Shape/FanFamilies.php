<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Part\Fan;

/** Which families of fans have a seat on which kind of shape. */
final class FanFamilies
{
    /** Fans with a housing to stand on a box or behind a panel. */
    public const HOUSED = ['box fan', 'round floor fan', 'drum fan', 'circulator'];

    public const SMALL = ['PC fan'];

    public const DUCTED = ['inline duct fan'];

    /**
     * @param  non-empty-list<string>  $families
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
