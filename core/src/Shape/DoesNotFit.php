<?php

declare(strict_types=1);

namespace Jornel\Core\Shape;

use Jornel\Core\Fault\Invalid;
use Jornel\Core\Part\Carton;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\FanFamily;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\ShaftPosition;
use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\System;
use Jornel\Core\Quantity\Texts;

/** A build that cannot be: what does not fit what, and what would. */
class DoesNotFit extends Invalid
{
    public static function overhangs(Fan $fan, float $side, float $overhang, float $allowed): self
    {
        return new self('unit.fan', self::tell('overhangs', body: self::length($fan->body->side), side: self::length($side), overhang: self::length($overhang), allowed: self::length($allowed)));
    }

    public static function doesNotCover(Fan $fan, float $opening, float $allowed): self
    {
        return new self('unit.fan', self::tell('does-not-cover', body: self::length($fan->body->side), opening: self::length($opening), allowed: self::length($allowed)));
    }

    public static function windowTooSmall(WindowOpening $window, float $width, float $height): self
    {
        return new self('unit.filter', self::tell('window-too-small', width: self::length($width), height: self::length($height), windowWidth: self::length($window->width), windowHeight: self::length($window->height)));
    }

    public static function noCarton(Fan $fan): self
    {
        return new self('unit.options.round-fan', self::tell('no-carton', fan: $fan->name));
    }

    public static function notInCarton(Fan $fan): self
    {
        return new self('unit.options.round-fan', self::tell('not-in-carton', fan: $fan->name));
    }

    public static function cartonOffBox(Carton $carton, BoxTop $top, float $allowed): self
    {
        return new self('unit.options.round-fan', self::tell('carton-off-box', width: self::length($carton->width), height: self::length($carton->height), openWidth: self::length($top->openWidth), openDepth: self::length($top->openDepth), allowed: self::length($allowed)));
    }

    public static function bladesBeyondCover(Fan $fan, float $side): self
    {
        return new self('unit.fan', self::tell('blades-beyond-cover', circle: self::length($fan->body->bladeCircle), side: self::length($side)));
    }

    public static function shaft(Fan $fan, ShaftPosition $position): self
    {
        return new self('unit.fan', self::tell("shaft.{$position->value}", fan: $fan->name));
    }

    /** Of a shape that would clean nothing with its fan the other way round. */
    public static function onlyPulls(): self
    {
        return new self('unit.direction', self::tell('only-pulls'));
    }

    public static function halfDead(Filter $filter, Fan $fan): self
    {
        return new self('unit.options.collar', self::tell('half-dead', hole: self::length($fan->body->bladeCircle), width: self::length($filter->width), height: self::length($filter->height)));
    }

    /** @param  float  $mass  on the sheet, kg */
    public static function tooHeavy(Fan $fan, float $mass, Sheet $sheet): self
    {
        return new self('unit.fan', self::tell('too-heavy', fan: $fan->name, mass: self::mass($mass), sheet: strtolower($sheet->label()), bears: self::mass($sheet->bears())));
    }

    /** @param  float  $lacks  board between the hole and the edge or the next hole, m */
    public static function holeAtEdge(Panel $panel, float $lacks): self
    {
        return new self('unit.fan', self::tell('hole-at-edge', panel: $panel->name, width: self::length(min($panel->width, $panel->height)), needed: self::length(min($panel->width, $panel->height) + 2.0 * $lacks)));
    }

    private static function mass(float $kilograms): string
    {
        return sprintf('%s, %s', Display::Mass->text($kilograms, System::Imperial), Display::Mass->text($kilograms, System::Metric));
    }

    /** @param  list<FanFamily>  $families */
    public static function noSeat(Fan $fan, Shape $shape, array $families): self
    {
        return new NoSeat('unit.fan', self::tell('no-seat', shape: $shape->name(), family: $fan->family->value, families: implode(', ', array_column($families, 'value'))));
    }

    public static function notSquare(Filter $filter, Shape $shape): self
    {
        return new WrongFilter('unit.filter', self::tell('not-square', shape: $shape->name(), width: self::length($filter->width), height: self::length($filter->height)));
    }

    public static function notHalf(Filter $filter): self
    {
        return new WrongFilter('unit.filter', self::tell('not-half', width: self::length($filter->width), height: self::length($filter->height)));
    }

    public static function notTall(Filter $filter): self
    {
        return new WrongFilter('unit.filter', self::tell('not-tall', width: self::length($filter->width), height: self::length($filter->height)));
    }

    public static function notNarrow(Filter $filter, float $widest): self
    {
        return new WrongFilter('unit.filter', self::tell('not-narrow', widest: self::length($widest), width: self::length($filter->width), height: self::length($filter->height)));
    }

    public static function notAFrame(Filter $filter, Shape $shape): self
    {
        return new WrongFilter('unit.filter', self::tell('not-a-frame', shape: $shape->name(), filter: $filter->name));
    }

    public static function tooDeep(Filter $filter, Shape $shape): self
    {
        return new self('unit.filter', self::tell('too-deep', depth: self::length($filter->depth), shape: $shape->name(), width: self::length($filter->width)));
    }

    public static function prefilter(Filter $prefilter, Filter $filter): self
    {
        return new self('unit.prefilter', self::tell('prefilter', prefilter: $prefilter->name, filter: $filter->name));
    }

    public static function hangs(Fan $fan, float $open, float $clearance): self
    {
        return new self('unit.fan', self::tell('hangs', body: self::length($fan->body->side), open: self::length($open), clearance: self::length($clearance)));
    }

    public static function notARing(Filter $filter, Shape $shape): self
    {
        return new WrongFilter('unit.filter', self::tell('not-a-ring', shape: $shape->name(), filter: $filter->name));
    }

    public static function notASheet(Filter $filter, Shape $shape): self
    {
        return new WrongFilter('unit.filter', self::tell('not-a-sheet', shape: $shape->name(), filter: $filter->name));
    }

    /** @param  string  $where  `above`, `on-top` or `on-end` */
    public static function tooMany(string $option, int $most, string $where): self
    {
        return new self("unit.options.{$option}", self::tell("too-many.{$where}", most: $most));
    }

    public static function noFan(string $option): self
    {
        return new self("unit.options.{$option}", self::tell('no-fan'));
    }

    public static function heightOff(Fan $fan, float $height, float $allowed): self
    {
        return new self('unit.filter', self::tell('height-off', height: self::length($height), body: self::length($fan->body->side), allowed: self::length($allowed)));
    }

    public static function tooNarrow(Fan $fan, float $width): self
    {
        return new self('unit.filter', self::tell('too-narrow', width: self::length($width), body: self::length($fan->body->side)));
    }

    public static function panelTooNarrow(Fan $fan, float $width): self
    {
        return new self('unit.fan', self::tell('panel-too-narrow', body: self::length($fan->body->side), width: self::length($width)));
    }

    public static function sheetsTooLarge(Fan $fan, float $width, float $height): self
    {
        return new self('unit.filter', self::tell('sheets-too-large', width: self::length($width), height: self::length($height), body: self::length($fan->body->side)));
    }

    public static function toteTooSmall(Filter $filter): self
    {
        return new WrongFilter('unit.filter', self::tell('tote-too-small', width: self::length($filter->width), height: self::length($filter->height), largest: self::length(Tote::LARGEST)));
    }

    private static function tell(string $key, string|int ...$gaps): string
    {
        return Texts::of('does-not-fit')->tell($key, ...$gaps);
    }

    private static function length(float $metres): string
    {
        /** @var array<string, string> $told  the finder asks for the same few again and again */
        static $told = [];

        return $told[(string) $metres] ??= sprintf('%s, %s', Display::PartLength->text($metres, System::Imperial), Display::PartLength->text($metres, System::Metric));
    }
}
