<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Schema;

use Jornel\Core\Nest\Grain;
use Jornel\Core\Quantity\Dimension;

/** Forms of what is asked of a kit: units or parts, sheets at hand, what can be bought. */
final class KitForms
{
    private const NOT_NEGATIVE = ['minimum' => 0];

    /** Corners of an outline, holes of a part, kinds of sheets. */
    private const MOST_CORNERS = 400;

    private const MOST_HOLES = 200;

    public const MOST_ROWS = 500;

    public const MOST_ALIKE = 1000;

    /** @return array<string, mixed> */
    public static function order(): array
    {
        return Form::about('So many units of a design')
            ->object('unit', UnitForms::unit())
            ->count('count', ['minimum' => 1, 'maximum' => self::MOST_ALIKE], '1 where not given')
            ->requires('unit')->schema();
    }

    /** @return array<string, mixed> */
    public static function cut(): array
    {
        $holes = fn (string $unit): array => ['type' => 'array', 'maxItems' => self::MOST_HOLES, 'items' => ['anyOf' => [
            self::outline(),
            ['type' => 'object', 'properties' => ['x' => ['type' => 'number'], 'y' => ['type' => 'number'], 'radius' => ['type' => 'number', 'exclusiveMinimum' => 0]], 'required' => ['x', 'y', 'radius'], 'additionalProperties' => false],
        ]], 'description' => "Corners, or middle and radius of a round one, all in {$unit}"];

        $folds = ['type' => 'array', 'maxItems' => self::MOST_HOLES, 'items' => ['type' => 'array', 'minItems' => 2, 'maxItems' => 2, 'items' => self::corner()]];

        return Form::about('A part to cut, as the answer tells it')
            ->text('label', 'By which it is told in the answer; each once')
            ->key('name', ['type' => 'string'])
            ->count('count', ['minimum' => 1, 'maximum' => self::MOST_ALIKE], '1 where not given')
            ->key('material', ['type' => 'string'], 'Of the sheets that it may be cut from; any where empty or not given')
            ->key('outline_mm', self::outline(), 'Corners one after the other about its own origin')
            ->key('outline_in', self::outline(), 'The same in inches')
            ->key('holes_mm', $holes('millimetres'))
            ->key('holes_in', $holes('inches'))
            ->flag('may_rotate', 'false: its flutes run along its x, so it is not turned against those of the sheet; true where not given')
            ->flag('cut_into', 'Whether it is cut into something that stays whole, and so lies on no sheet; false where not given')
            ->key('folds_mm', $folds, 'Lines to fold along, each by its two ends')
            ->key('folds_in', $folds, 'The same in inches')
            ->quantity('tolerance', Dimension::Length, 'How far a cut may be off, that of a knife where not given', self::NOT_NEGATIVE)
            ->requires('label')
            ->oneWay([['outline_mm'], ['outline_in']])
            ->notTogether('outline_mm', 'outline_in')->notTogether('holes_mm', 'holes_in')->notTogether('folds_mm', 'folds_in')
            ->schema();
    }

    /** @return array<string, mixed> */
    public static function sheet(): array
    {
        $zones = ['type' => 'array', 'maxItems' => self::MOST_HOLES, 'items' => self::outline()];

        return Form::about('Sheets at hand, all alike')
            ->text('id', 'Each once')
            ->quantity('width', Dimension::Length, '')
            ->quantity('height', Dimension::Length, '')
            ->count('count', ['minimum' => 1, 'maximum' => self::MOST_ALIKE], '1 where not given')
            ->choice('grain', array_column(Grain::cases(), 'value'), 'Which way its flutes run: along its width, across, or none; none where not given')
            ->text('material', 'What it is; good for every part where not given')
            ->key('forbidden', $zones, 'Zones that no part may touch, such as folds and print: corners in millimetres')
            ->key('forbidden_mm', $zones, 'The same')
            ->key('forbidden_in', $zones, 'The same in inches')
            ->requires('id', 'width', 'height')
            ->notTogether('forbidden', 'forbidden_mm')->notTogether('forbidden', 'forbidden_in')->notTogether('forbidden_mm', 'forbidden_in')
            ->schema();
    }

    /** @return array<string, mixed> */
    public static function bought(): array
    {
        return Form::about('Sheets that can be bought, as many as are wanted')
            ->text('material', 'Of the catalogue by id, or one of your own with its size')
            ->quantity('width', Dimension::Length, 'The catalogue’s where not given')
            ->quantity('height', Dimension::Length, '')
            ->choice('grain', array_column(Grain::cases(), 'value'), 'The catalogue’s where not given, else none')
            ->number('price', self::NOT_NEGATIVE, 'Of one; the catalogue’s packs where not given')
            ->requires('material')
            ->schema();
    }

    /** @return array<string, mixed> */
    public static function pinned(): array
    {
        return Form::about('A part laid down by hand: it stays where it is')
            ->text('label', '')
            ->count('number', ['minimum' => 1], 'Which of those alike, 1 where not given')
            ->text('sheet', '')
            ->count('sheet_number', ['minimum' => 1], 'Which of those alike, 1 where not given')
            ->number('x_mm', [], 'Where its own origin lies')
            ->number('y_mm', [], '')
            ->number('rotation_deg', [], 'Anticlockwise about its origin: a quarter turn or several; 0 where not given')
            ->requires('label', 'sheet', 'x_mm', 'y_mm')
            ->schema();
    }

    /** @return array<string, mixed> */
    private static function outline(): array
    {
        return ['type' => 'array', 'minItems' => 3, 'maxItems' => self::MOST_CORNERS, 'items' => self::corner()];
    }

    /** @return array<string, mixed> */
    private static function corner(): array
    {
        return ['type' => 'array', 'minItems' => 2, 'maxItems' => 2, 'items' => ['type' => 'number']];
    }
}
