<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Schema;

use Jornel\Core\Quantity\Dimension;
use Jornel\Core\Shape\DesignEntry;

/** Forms of what stands in a room. */
final class PlacementForms
{
    private const NOT_NEGATIVE = ['minimum' => 0];

    public static function placement(): Form
    {
        return Form::about('Units of one design at one speed, or purifiers that were bought')
            ->object('unit', UnitForms::unit())
            ->object('bought', self::bought())
            ->count('count', ['minimum' => 1, 'maximum' => DesignEntry::MOST_UNITS], '1 where not given')
            ->text('speed', 'Of a unit, by its name; the fastest where not given')
            ->oneWay([['unit'], ['bought']])
            ->notTogether('unit', 'bought')->notTogether('bought', 'speed');
    }

    private static function bought(): Form
    {
        return Form::about('A purifier as a shop sells it')
            ->text('name', '')
            ->figure('clean_air', Dimension::Flow, 'Rated clean-air delivery rate, taken alike for every size of particle')
            ->figure('level', Dimension::Level, 'At 1 m, at the same setting', [])
            ->figure('power', Dimension::Power, 'At the plug', self::NOT_NEGATIVE)
            ->number('price', self::NOT_NEGATIVE, 'Money; nothing for one that is there already')
            ->number('refill_price', self::NOT_NEGATIVE, 'Money for its filters once')
            ->number('refill_months', ['exclusiveMinimum' => 0], 'How long they last')
            ->figure('width', Dimension::Length, '')->figure('depth', Dimension::Length, '')->figure('height', Dimension::Length, '')
            ->choice('from', PartForms::provenances(), 'Where its clean air came from; rated where not given')
            ->requires('name', 'clean_air');
    }
}
