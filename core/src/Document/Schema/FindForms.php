<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Schema;

use Jornel\Core\Finder\Space\Range;
use Jornel\Core\Quantity\Dimension;
use Jornel\Core\Shape\Shapes;

/** Forms of what the finder is asked. */
final class FindForms
{
    private const NOT_NEGATIVE = ['minimum' => 0];

    public static function limits(): Form
    {
        return Form::about('What builds are held to; what is not named is free')
            ->quantity('level', Dimension::Level, 'At the seat of the room, or at 1 m where it has none; all units together', [])
            ->number('first_cost', self::NOT_NEGATIVE, 'Money for all that is bought')
            ->number('total_cost', self::NOT_NEGATIVE, 'Money over the years of the economy')
            ->quantity('footprint', Dimension::Area, 'Floor of all units')
            ->quantity('height', Dimension::Length, 'Of one unit')
            ->quantity('power', Dimension::Power, 'Of all units')
            ->number('minutes', self::NOT_NEGATIVE, 'Work on all units')
            ->list('tools', ['type' => 'string'], 'At hand: none besides may be needed', 0)
            ->list('skills', ['type' => 'string'], 'At hand: none besides may be needed', 0)
            ->flag('from_stock', 'Whether fans and filters must be in stock');
    }

    public static function range(): Form
    {
        return Form::about('How far it looks; the whole catalogue where not given')
            ->list('shapes', ['enum' => array_keys(Shapes::all())], 'All but those that need a window, where not given')
            ->list('fans', ['type' => 'string'], 'By id')->list('filters', ['type' => 'string'], 'By id')->list('joinings', ['type' => 'string'], 'By id')
            ->count('units', ['minimum' => 1, 'maximum' => Range::MOST_UNITS], 'Most units alike, 4 where not given')
            ->count('least_grade', ['minimum' => 1, 'maximum' => 16], 'Of the filters; what the pollutant needs where not given')
            ->flag('coarser', 'Whether filters of any grade are taken')
            ->flag('windows', 'Whether shapes that need a window are taken too')
            ->object('window', UnitForms::window())
            ->flag('prefilters', 'Whether coarse filters are set in front: they cost and hold back air, what they gain is life');
    }

    /** @return array<string, mixed> */
    public static function stock(): array
    {
        return Form::about('Pieces of a part')->text('part', 'By id')->count('pieces', self::NOT_NEGATIVE, '')->requires('part', 'pieces')->schema();
    }

    public static function economy(): Form
    {
        return Form::about('What running costs rest on')
            ->number('tariff', self::NOT_NEGATIVE, 'Money for a kilowatt hour')
            ->number('hours_per_day', ['minimum' => 0, 'maximum' => 24], '8 where not given')
            ->number('years', ['exclusiveMinimum' => 0], '2 where not given')
            ->count('changes', self::NOT_NEGATIVE, 'Of filters within the span, 4 where not given');
    }
}
