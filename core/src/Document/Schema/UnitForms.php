<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Schema;

use Jornel\Core\Quantity\Dimension;
use Jornel\Core\Shape\Corners;
use Jornel\Core\Shape\DesignEntry;
use Jornel\Core\Shape\Direction;
use Jornel\Core\Shape\Shapes;

/** Forms of a unit: by shape and parts, or bare. */
final class UnitForms
{
    /** Faces, stages or fans of one unit. */
    private const MOST_ALIKE = 1000;

    private const NOT_NEGATIVE = ['minimum' => 0];

    public static function unit(): Form
    {
        $part = fn (Form $form): array => ['type' => ['string', 'object'], 'minLength' => 1, 'if' => ['type' => 'object'], 'then' => $form->schema()];

        return Form::about('By shape and parts, each by its id in the catalogue or written out; or bare')
            ->object('bare', self::bare())
            ->choice('shape', array_keys(Shapes::all()), '')
            ->key('fan', $part(PartForms::fan()))
            ->key('filter', $part(PartForms::filter()))
            ->key('prefilter', $part(PartForms::filter()), 'A coarser one in front of each filter')
            ->key('joining', $part(PartForms::joining()))
            ->choice('corners', array_map(fn (Corners $corners): string => $corners->value, Corners::cases()), 'shroud where not given')
            ->choice('direction', array_map(fn (Direction $direction): string => $direction->value, Direction::cases()), 'The shape’s usual one where not given')
            ->key('options', ['type' => 'object', 'additionalProperties' => ['type' => ['string', 'integer']]], 'Of the shape, by id')
            ->object('window', self::window())
            ->text('speed', 'By name: the speed at which it will run, for which small fans need a supply of their own; the top speed where not given')
            ->quantity('openings', Dimension::Area, 'Cord slot, knob door, pierced media', self::NOT_NEGATIVE)
            ->count('units', ['minimum' => 1, 'maximum' => DesignEntry::MOST_UNITS], 'In the room, 1 where not given')
            ->number('load_share', self::NOT_NEGATIVE, 'Dust in every filter over its capacity for that dust')
            ->flag('charge_loss', 'Whether charged media lose part of the finest bin as they load; false where not given')
            ->flag('velocity_correction', 'false: rated values only')
            ->oneWay([['bare'], ['shape', 'fan', 'filter', 'joining']])
            ->notTogether('bare', 'shape');
    }

    public static function window(): Form
    {
        return Form::about('Clear opening of the window that an insert is set in; an ordinary one where not given')
            ->quantity('width', Dimension::Length, '')->quantity('height', Dimension::Length, '')->requires('width', 'height');
    }

    private static function bare(): Form
    {
        $speed = PartForms::speed()->schema();
        $fan = Form::about('Fans alike, side by side')
            ->count('count', ['minimum' => 1, 'maximum' => self::MOST_ALIKE], '1 where not given')
            ->count('stages', ['minimum' => 1, 'maximum' => self::MOST_ALIKE], 'Alike one behind the other, 1 where not given')
            ->key('curve', ['type' => 'array', 'minItems' => 2, 'items' => PartForms::fanPoint()->schema()], 'Points of pressure over flow')
            ->figure('free_flow', Dimension::Flow, 'Against no pressure')
            ->figure('advertised_flow', Dimension::Flow, 'Where nothing else is known; taken by real_to_advertised')
            ->number('real_to_advertised', ['exclusiveMinimum' => 0], '')
            ->figure('shut_off', Dimension::Pressure, '')
            ->number('exponent', ['exclusiveMinimum' => 0], '1.2 where neither it nor a type is given')
            ->choice('type', ['propeller', 'mixed-flow', 'centrifugal'], '')
            ->flag('at_ceiling', 'The rating stands at the ceiling of its test method: at least')
            ->figure('guard_loss', Dimension::Pressure, '', self::NOT_NEGATIVE)
            ->figure('power', Dimension::Power, '', self::NOT_NEGATIVE)
            ->figure('level', Dimension::Level, 'At 1 m', [])
            ->choice('from', PartForms::provenances(), 'rated where not given')
            ->oneWay([['curve'], ['free_flow', 'shut_off'], ['advertised_flow', 'real_to_advertised', 'shut_off']])
            ->notTogether('curve', 'free_flow')->notTogether('curve', 'advertised_flow')->notTogether('free_flow', 'advertised_flow');
        $layer = Form::about('A layer of media')
            ->figure('width', Dimension::Length, 'Actual')->figure('height', Dimension::Length, 'Actual')
            ->figure('rim', Dimension::Length, '12 mm where not given', self::NOT_NEGATIVE)
            ->figure('net_area', Dimension::Area, 'In place of width, height and rim')
            ->key('drop', ['type' => 'array', 'minItems' => 1, 'items' => PartForms::dropPoint()->schema()], 'One point, or several that are fitted')
            ->text('grade', 'A row of data/reference/grades.json')
            ->object('efficiency', PartForms::efficiency())
            ->flag('velocity_correction', 'false: rated values only')
            ->figure('rated_velocity', Dimension::Velocity, '2.5 m/s where not given')
            ->figure('capacity', Dimension::Mass, 'Of fine test dust on the net face')
            ->number('growth', ['exclusiveMinimum' => 1], '2.5 where not given')
            ->figure('dust', Dimension::Mass, 'In it now', self::NOT_NEGATIVE)
            ->flag('charge_loss', 'Whether charged media lose part of the finest bin as they load; false where not given')
            ->choice('from', PartForms::provenances(), 'rated where not given')
            ->requires('drop')
            ->oneWay([['width', 'height'], ['net_area']])
            ->oneWay([['grade'], ['efficiency']])
            ->notTogether('grade', 'efficiency')->notTogether('net_area', 'width')->notTogether('net_area', 'height');

        return Form::about('Fans, faces and leaks, without a shape')
            ->list('fans', $fan->schema(), 'Side by side')
            ->list('faces', Form::about('Faces alike')
                ->count('count', ['minimum' => 1, 'maximum' => self::MOST_ALIKE], '1 where not given')
                ->list('layers', $layer->schema(), 'One behind the other, the first that the air meets first')
                ->requires('layers')->schema(), '')
            ->figure('leak_area', Dimension::Area, 'Of all leaks together, 0 where not given', self::NOT_NEGATIVE)
            ->choice('direction', ['pull', 'push'], 'pull where not given')
            ->number('pushing_factor', ['exclusiveMinimum' => 0, 'maximum' => 1], 'On every flow of the fans when they push, 1 where not given')
            ->number('throttle', ['exclusiveMinimum' => 0, 'maximum' => 1], 'Narrowest opening over blade circle, 1 where not given')
            ->list('speeds', $speed, 'Of all fans together; one at their full speed where not given')
            ->number('density_kg_m3', ['minimum' => 0.3, 'maximum' => 2.0], 'In place of the document’s air')
            ->quantity('altitude', Dimension::Length, 'In place of the document’s air', [])
            ->quantity('temperature', Dimension::Temperature, 'In place of the document’s air', [])
            ->requires('fans', 'faces')
            ->notTogether('density_kg_m3', 'altitude')->notTogether('density_kg_m3', 'temperature');
    }
}
