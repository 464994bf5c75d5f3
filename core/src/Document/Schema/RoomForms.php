<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Schema;

use Jornel\Core\Quantity\Dimension;

/** Forms of a room, its air and what moves it. */
final class RoomForms
{
    private const NOT_NEGATIVE = ['minimum' => 0];

    /** Size and use: by volume, by three sides, or by an outline. */
    public static function room(): Form
    {
        return self::withAir(Form::about('A room')
            ->text('name', '')
            ->quantity('volume', Dimension::Volume, 'Of the air in it')
            ->quantity('floor_area', Dimension::Area, '')
            ->quantity('length', Dimension::Length, '')->quantity('width', Dimension::Length, '')
            ->quantity('height', Dimension::Length, 'Of a level ceiling')
            ->list('outline', Form::about('A corner of the floor, with the ceiling over it where it slopes')
                ->quantity('x', Dimension::Length, '', [])->quantity('y', Dimension::Length, '', [])->quantity('height', Dimension::Length, '')
                ->requires('x', 'y')->schema(), 'Corners one after the other', 3)
            ->list('built_ins', Form::about('Something solid that takes room')
                ->quantity('volume', Dimension::Volume, '')
                ->quantity('length', Dimension::Length, '')->quantity('width', Dimension::Length, '')->quantity('height', Dimension::Length, '')
                ->oneWay([['volume'], ['length', 'width', 'height']])->schema(), '', 0)
            ->count('people', self::NOT_NEGATIVE, '')
            ->text('use', 'A row of data/reference/occupancies.json')
            ->text('pollutant', 'A row of data/reference/pollutants.json, or one of this document’s own; cadr-smoke where not given')
            ->flag('fuel_burning', 'Whether a heater, stove or furnace burns fuel in it')
            ->oneWay([['volume'], ['floor_area', 'height'], ['length', 'width', 'height'], ['outline']]))
            ->quantity('seat', Dimension::Length, 'From the unit to who hears it')
            ->number('absorption', ['exclusiveMinimum' => 0, 'exclusiveMaximum' => 1], 'Of sound by its surfaces, 0.15 where not given')
            ->number('directivity', ['exclusiveMinimum' => 0], '2 on the floor, where not given')
            ->quantity('background', Dimension::Level, 'With the unit off', []);
    }

    /** What brings outdoor air, settles, sets free or mixes. */
    public static function withAir(Form $form): Form
    {
        return $form
            ->number('infiltration_per_hour', self::NOT_NEGATIVE, 'Outdoor air changes by cracks; 0.5 where not given')
            ->quantity('exhaust', Dimension::Flow, 'Unbalanced', self::NOT_NEGATIVE)
            ->choice('reckoning', ['quadrature', 'cautious'], 'How cracks and exhaust are put together')
            ->object('supply', self::moved('Outdoor air blown in through a filter'))
            ->object('balanced', self::moved('Outdoor air that the building brings in and takes out'))
            ->object('central', self::moved('Room air that central air passes through its filter'))
            ->number('penetration', ['minimum' => 0, 'maximum' => 1], 'Of the shell, 1 where not given')
            ->object('deposition_per_hour', self::bins('Settling of each bin; 0.39, 0.8, 4 where not given'))
            ->number('mixing', ['exclusiveMinimum' => 0, 'maximum' => 1], 'Share of clean air that reaches all of the room, 1 where not given')
            ->quantity('outdoor', Dimension::Concentration, 'Of the pollutant', self::NOT_NEGATIVE)
            ->quantity('indoor', Dimension::Concentration, 'Of the pollutant at the start', self::NOT_NEGATIVE)
            ->quantity('source', Dimension::Emission, 'Of the pollutant, set free in the room', self::NOT_NEGATIVE);
    }

    public static function bins(string $about): Form
    {
        return Form::about($about)->number('e1', self::NOT_NEGATIVE, '')->number('e2', self::NOT_NEGATIVE, '')->number('e3', self::NOT_NEGATIVE, '')->requires('e1', 'e2', 'e3');
    }

    /** Clean air: the same for every bin, or one for each. */
    public static function withCleanAir(Form $form): Form
    {
        return $form
            ->quantity('clean_air', Dimension::Flow, 'Of all units, for every bin alike', self::NOT_NEGATIVE)
            ->object('clean_air_m3_s_by_bin', self::bins('Of all units, m3/s'));
    }

    /** @return array<string, mixed> */
    public static function pollutant(): array
    {
        return Form::about('A pollutant of one’s own: weights of the three bins, sum 1')
            ->text('id', '')->text('name', '')
            ->key('weights', ['type' => 'array', 'items' => ['type' => 'number', 'minimum' => 0, 'maximum' => 1], 'minItems' => 3, 'maxItems' => 3])
            ->number('capacity_factor', ['exclusiveMinimum' => 0], 'Dust of this kind that a filter takes, over fine test dust')
            ->requires('id', 'weights')->schema();
    }

    private static function moved(string $about): Form
    {
        return Form::about($about)
            ->quantity('flow', Dimension::Flow, '', self::NOT_NEGATIVE)
            ->text('grade', 'Of its filter, a row of data/reference/grades.json, at the rated velocity')
            ->object('efficiency', PartForms::efficiency())
            ->requires('flow');
    }
}
