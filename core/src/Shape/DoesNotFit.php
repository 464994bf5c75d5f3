<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Fault\Invalid;
use Jornel\Core\Part\Carton;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\FanFamily;
use Jornel\Core\Part\Filter;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\System;

class DoesNotFit extends Invalid
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
            'The fan’s body (%s) does not cover the filter’s opening (%s); it may be at most %s smaller on each side. Choose a collar, a smaller filter or a larger fan.',
            self::length($fan->body->side), self::length($opening), self::length($allowed),
        ));
    }

    public static function windowTooSmall(WindowOpening $window, float $width, float $height): self
    {
        return new self('unit.filter', sprintf(
            'The insert takes %s × %s; the window is %s × %s. Take smaller filters or fewer, or measure the window again on the plan.',
            self::length($width), self::length($height), self::length($window->width), self::length($window->height),
        ));
    }

    public static function noCarton(Fan $fan): self
    {
        return new self('unit.options.round-fan', sprintf('Nothing is known of the carton of “%s”. Set the fan on a cover, or enter the carton’s size with the fan.', $fan->name));
    }

    public static function notInCarton(Fan $fan): self
    {
        return new self('unit.options.round-fan', sprintf('The carton of “%s” does not close round it. Set the fan on a cover.', $fan->name));
    }

    public static function cartonOffBox(Carton $carton, BoxTop $top, float $allowed): self
    {
        return new self('unit.options.round-fan', sprintf(
            'The fan’s carton (%s × %s) must cover the box’s opening (%s × %s) and may stand out by %s on each side. Set the fan on a cover, or take other filters.',
            self::length($carton->width), self::length($carton->height), self::length($top->openWidth), self::length($top->openDepth), self::length($allowed),
        ));
    }

    public static function bladesBeyondCover(Fan $fan, float $side): self
    {
        return new self('unit.fan', sprintf(
            'The blade circle (%s) is wider than the cover (%s) it would be cut into. Take a larger filter or a smaller fan.',
            self::length($fan->body->bladeCircle), self::length($side),
        ));
    }

    /** @param  list<FanFamily>  $families */
    public static function noSeat(Fan $fan, Shape $shape, array $families): self
    {
        return new NoSeat('unit.fan', sprintf('“%s” has no seat for a fan of the kind “%s”. It takes these kinds: %s.', $shape->name(), $fan->family->value, implode(', ', array_column($families, 'value'))));
    }

    public static function notSquare(Filter $filter, Shape $shape): self
    {
        return new WrongFilter('unit.filter', sprintf(
            '“%s” takes square filters; this one is %s × %s, so the sides would not close to a square under the fan.',
            $shape->name(), self::length($filter->width), self::length($filter->height),
        ));
    }

    public static function notHalf(Filter $filter): self
    {
        return new WrongFilter('unit.filter', sprintf(
            'Two filters on each side must be half as high as they are wide; this one is %s × %s.',
            self::length($filter->width), self::length($filter->height),
        ));
    }

    public static function notTall(Filter $filter): self
    {
        return new WrongFilter('unit.filter', sprintf('A tall box takes filters longer than wide; four of %s × %s make a cube.', self::length($filter->width), self::length($filter->height)));
    }

    public static function notNarrow(Filter $filter, float $widest): self
    {
        return new WrongFilter('unit.filter', sprintf(
            'A slim tower takes narrow filters, up to %s wide; this one is %s × %s.',
            self::length($widest), self::length($filter->width), self::length($filter->height),
        ));
    }

    public static function notAFrame(Filter $filter, Shape $shape): self
    {
        return new WrongFilter('unit.filter', sprintf('“%s” takes flat framed filters; “%s” is not one.', $shape->name(), $filter->name));
    }

    public static function tooDeep(Filter $filter, Shape $shape): self
    {
        return new self('unit.filter', sprintf(
            'Frames %s deep leave no room inside “%s” with filters %s wide.',
            self::length($filter->depth), $shape->name(), self::length($filter->width),
        ));
    }

    public static function prefilter(Filter $prefilter, Filter $filter): self
    {
        return new self('unit.prefilter', sprintf(
            'The pre-filter “%s” is not as large as the filter “%s” it would stand in front of. Take one of the same face.',
            $prefilter->name, $filter->name,
        ));
    }

    public static function hangs(Fan $fan, float $open, float $clearance): self
    {
        return new self('unit.fan', sprintf(
            'The fan’s body (%s) does not hang freely inside the box (%s clear); it needs %s all round. Set it on top, or take larger filters.',
            self::length($fan->body->side), self::length($open), self::length($clearance),
        ));
    }

    public static function notARing(Filter $filter, Shape $shape): self
    {
        return new WrongFilter('unit.filter', sprintf('“%s” takes ring cartridges; “%s” is not one.', $shape->name(), $filter->name));
    }

    public static function notASheet(Filter $filter, Shape $shape): self
    {
        return new WrongFilter('unit.filter', sprintf('“%s” takes loose sheets of media; “%s” is not one.', $shape->name(), $filter->name));
    }

    public static function tooMany(string $option, int $most, string $why): self
    {
        return new self("unit.options.{$option}", "At most {$most}: {$why}");
    }

    public static function noFan(string $option): self
    {
        return new self("unit.options.{$option}", 'At least one fan is needed.');
    }

    public static function heightOff(Fan $fan, float $height, float $allowed): self
    {
        return new self('unit.filter', sprintf(
            'The filter stands %s tall beside a fan of %s; they may differ by at most %s. Take a filter nearer to the fan’s size.',
            self::length($height), self::length($fan->body->side), self::length($allowed),
        ));
    }

    public static function tooNarrow(Fan $fan, float $width): self
    {
        return new self('unit.filter', sprintf(
            'Filters %s wide do not reach round a fan of %s: two of them must be longer than its body.',
            self::length($width), self::length($fan->body->side),
        ));
    }

    public static function panelTooNarrow(Fan $fan, float $width): self
    {
        return new self('unit.fan', sprintf('The fan’s body (%s) is wider than the panel (%s) it would sit on.', self::length($fan->body->side), self::length($width)));
    }

    public static function sheetsTooLarge(Fan $fan, float $width, float $height): self
    {
        return new self('unit.filter', sprintf(
            'The sheets side by side (%s by %s) are larger than the fan’s front (%s).',
            self::length($width), self::length($height), self::length($fan->body->side),
        ));
    }

    public static function toteTooSmall(Filter $filter): self
    {
        return new WrongFilter('unit.filter', sprintf(
            'A filter of %s × %s does not leave a rim on the lid of a common tote; take one of at most %s.',
            self::length($filter->width), self::length($filter->height), self::length(Tote::LARGEST),
        ));
    }

    private static function length(float $metres): string
    {
        /** @var array<string, string> $told  the finder asks for the same few again and again */
        static $told = [];

        return $told[(string) $metres] ??= sprintf('%s, %s', Display::PartLength->text($metres, System::Imperial), Display::PartLength->text($metres, System::Metric));
    }
}
