<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

use Jornel\Core\Quantity\Display;
use Jornel\Core\Quantity\Sentence;
use Jornel\Core\Quantity\Texts;

/** What is told of a part beside its name where one is chosen. */
final class PartFacts
{
    /** @return list<Sentence> at its fastest speed */
    public static function ofFan(Fan $fan): array
    {
        $top = $fan->speeds[count($fan->speeds) - 1];

        return [
            self::texts()->say('fan.free', flow: [Display::Flow, $top->curve->freeFlow()]),
            self::texts()->say('fan.level', level: [Display::Level, $top->level]),
            self::texts()->say('fan.power', power: [Display::Power, $top->watts]),
        ];
    }

    /** @return list<Sentence> */
    public static function ofFilter(Filter $filter): array
    {
        return [self::texts()->say('filter.size', width: [Display::PartLength, $filter->width], height: [Display::PartLength, $filter->height], depth: [Display::PartLength, $filter->depth])];
    }

    /** @return list<Sentence> */
    public static function ofJoining(Joining $joining): array
    {
        return [
            self::texts()->say('joining.gap', gap: [Display::Gap, $joining->residualGap]),
            Sentence::plain($joining->change),
        ];
    }

    private static function texts(): Texts
    {
        return Texts::of('parts');
    }
}
