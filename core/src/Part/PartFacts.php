<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;

/** What is told of a part beside its name where one is chosen. */
final class PartFacts
{
    /** @return list<Sentence> at its fastest speed */
    public static function ofFan(Fan $fan): array
    {
        $top = $fan->speeds[count($fan->speeds) - 1];

        return [
            Sentence::of('%s free', [Display::Flow, $top->curve->freeFlow()]),
            Sentence::of('%s at 1 m', [Display::Level, $top->level]),
            Sentence::of('%s', [Display::Power, $top->watts]),
        ];
    }

    /** @return list<Sentence> */
    public static function ofFilter(Filter $filter): array
    {
        return [Sentence::of('actual size %s × %s × %s', [Display::PartLength, $filter->width], [Display::PartLength, $filter->height], [Display::PartLength, $filter->depth])];
    }

    /** @return list<Sentence> */
    public static function ofJoining(Joining $joining): array
    {
        return [
            Sentence::of('gap about %s', [Display::Gap, $joining->residualGap]),
            Sentence::of('%s', $joining->change),
        ];
    }
}
