<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Invalid;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Filter;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\System;

final class DoesNotFit extends Invalid
{
    public static function overhangs(Fan $fan, float $side, float $overhang, float $allowed): self
    {
        return new self('unit.fan', sprintf(
            'The fan’s body (%s) overhangs the box (%s) by %s a side; at most %s is allowed. Take a larger filter or a smaller fan.',
            self::length($fan->body->side), self::length($side), self::length($overhang), self::length($allowed),
        ));
    }

    public static function doesNotCover(Fan $fan, float $opening, float $allowed): self
    {
        return new self('unit.fan', sprintf(
            'The fan’s body (%s) does not cover the filter’s opening (%s); it may be at most %s smaller on each side. Take a smaller filter, a larger fan, or a cube, where a collar closes the rest.',
            self::length($fan->body->side), self::length($opening), self::length($allowed),
        ));
    }

    public static function bladesBeyondCover(Fan $fan, float $side): self
    {
        return new self('unit.fan', sprintf(
            'The blade circle (%s) is wider than the cover (%s) it would be cut into. Take a larger filter or a smaller fan.',
            self::length($fan->body->bladeCircle), self::length($side),
        ));
    }

    /** @param  list<string>  $families */
    public static function noSeat(Fan $fan, string $shape, array $families): self
    {
        return new self('unit.fan', sprintf('A %s has no seat on a %s. It takes: %s.', $fan->family, $shape, implode(', ', $families)));
    }

    public static function notSquare(Filter $filter, string $shape): self
    {
        return new self('unit.filter', sprintf(
            'A %s takes square filters; this one is %s × %s, so the sides would not close to a square under the fan.',
            $shape, self::length($filter->width), self::length($filter->height),
        ));
    }

    public static function notAFrame(Filter $filter, string $shape): self
    {
        return new self('unit.filter', "A {$shape} takes flat framed filters; “{$filter->name}” is not one.");
    }

    public static function tooDeep(Filter $filter, string $shape): self
    {
        return new self('unit.filter', sprintf(
            'Frames %s deep leave no room inside a %s of filters %s wide.',
            self::length($filter->depth), $shape, self::length($filter->width),
        ));
    }

    private static function length(float $metres): string
    {
        return sprintf('%s, %s', Display::PartLength->text($metres, System::Imperial), Display::PartLength->text($metres, System::Metric));
    }
}
