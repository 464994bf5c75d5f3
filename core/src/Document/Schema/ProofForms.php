<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Schema;

use Jornel\Core\Proof\Decay\Weights;
use Jornel\Core\Proof\Fit\EvidenceKind;
use Jornel\Core\Proof\Tissue\Finding;
use Jornel\Core\Proof\Traverse\Grid;
use Jornel\Core\Quantity\Dimension;

/** Forms of evidence of what a unit does. */
final class ProofForms
{
    /** Runs of a decay test, readings of one run, readings of a traverse or of a level. */
    private const MOST_RUNS = 100;

    private const MOST_READINGS = 1_000_000;

    private const MOST_ROWS = 40;

    private const MOST_LEVELS = 1000;

    private const MOST_EVIDENCE = 200;

    /** Keys of a traverse that evidence shares. */
    private const LEVEL = ['type' => 'number', 'minimum' => -50, 'maximum' => 200];

    public static function decay(): Form
    {
        return self::decayKeys(Form::about('A decay test: how fast a room clears with the unit and without it'))->requires('room', 'runs');
    }

    public static function traverse(): Form
    {
        return self::traverseKeys(Form::about('Air speeds over an outlet'))->requires('outlet', 'grid', 'readings_fpm');
    }

    public static function level(): Form
    {
        return self::levelKeys(Form::about('Levels with the unit on and off, out of its jet'))
            ->number('wanted_m', ['exclusiveMinimum' => 0, 'maximum' => 1000], 'Distance for which the level is wanted; that of the readings where not given')
            ->requires('on_dba', 'off_dba', 'distance_m');
    }

    public static function tissue(): Form
    {
        return self::ofUnit(self::tissueKeys(Form::about('What a strip of tissue did at the points of a unit')))
            ->text('speed', 'At which it ran, by its name; the fastest where not given')
            ->requires('unit');
    }

    public static function fit(): Form
    {
        return self::ofUnit(Form::about('All evidence of a unit, fitted together'))
            ->list('evidence', self::evidence()->schema(), '', 0, self::MOST_EVIDENCE)
            ->requires('unit', 'evidence');
    }

    private static function ofUnit(Form $form): Form
    {
        return $form
            ->object('unit', UnitForms::unit())
            ->object('air', AirForm::form())
            ->text('pollutant', 'Whose clean air is told, a row of data/reference/pollutants.json; wildfire-pm25 where not given');
    }

    private static function evidence(): Form
    {
        $form = Form::about('One thing that was measured')
            ->choice('kind', [...array_map(fn (EvidenceKind $kind): string => $kind->value, EvidenceKind::cases())], '')
            ->text('speed', 'At which it was measured, by its name; the fastest where not given');
        $form = self::tissueKeys(self::levelKeys(self::traverseKeys(self::decayKeys($form))));
        foreach (['clean_air_m3_s' => 'Of a decay test, in place of its runs', 'flow_m3_s' => 'Of a traverse, in place of its readings'] as $key => $about) {
            $form = $form->key($key, self::interval()->schema(), $about);
        }

        return $form
            ->list('watts', ['type' => 'number', 'exclusiveMinimum' => 0, 'maximum' => 100000], 'At the plug', 1, self::MOST_LEVELS)
            ->number('within_db', ['exclusiveMinimum' => 0, 'maximum' => 30], 'How far a level may be off; 3 where not given, as of a phone')
            ->requires('kind');
    }

    private static function decayKeys(Form $form): Form
    {
        $numbers = ['type' => 'array', 'items' => ['type' => 'number'], 'minItems' => 1, 'maxItems' => self::MOST_READINGS];
        $run = Form::about('One run: its readings, or a file with them')
            ->text('name', 'Each once')
            ->flag('unit_on', 'Whether the unit ran')
            ->key('time_min', $numbers, 'Of each reading')
            ->key('pm25_ug_m3', $numbers, 'As many as times')
            ->text('csv', 'A meter’s log, beside the document or by its whole path; minutes count from its first reading')
            ->number('from_min', ['minimum' => -1e9, 'maximum' => 1e9], 'Where the stretch that is used begins; found where not given')
            ->number('to_min', ['minimum' => -1e9, 'maximum' => 1e9], 'Where it ends; found where not given')
            ->requires('name', 'unit_on')
            ->oneWay([['time_min', 'pm25_ug_m3'], ['csv']])
            ->notTogether('csv', 'time_min');

        return $form
            ->object('room', Form::about('That clears')->quantity('volume', Dimension::Volume, 'Of its air')->requires('volume'))
            ->choice('weights', array_map(fn (Weights $weights): string => $weights->value, Weights::cases()), 'none: all readings count alike; meter, where not given: as sure as a low-cost meter is')
            ->list('runs', $run->schema(), '', 1, self::MOST_RUNS);
    }

    private static function traverseKeys(Form $form): Form
    {
        $number = ['type' => 'number', 'minimum' => -100000, 'maximum' => 100000];

        return $form
            ->object('outlet', Form::about('What the air comes out of, or the end of a wind tunnel set on it')
                ->quantity('width', Dimension::Length, '')->quantity('height', Dimension::Length, '')
                ->quantity('diameter', Dimension::Length, 'Of a round one, in place of both')
                ->oneWay([['width', 'height'], ['diameter']])->notTogether('width', 'diameter'))
            ->choice('grid', array_map(fn (Grid $grid): string => $grid->value, Grid::cases()), 'Where the readings were taken')
            ->list('readings_fpm', ['type' => 'array', 'items' => $number, 'minItems' => 1, 'maxItems' => Grid::MOST], 'Of a rectangle a row for each height from below, left to right; of a circle one for each diameter. Air that flows backwards is negative', 1, self::MOST_ROWS)
            ->number('meter_percent', ['minimum' => 0, 'maximum' => 100], 'How far the meter may be off; 5 where not given')
            ->number('area_percent', ['minimum' => 0, 'maximum' => 100], 'How far the area may be off; 0 where not given');
    }

    private static function levelKeys(Form $form): Form
    {
        return $form
            ->list('on_dba', self::LEVEL, 'With the unit on', 1, self::MOST_LEVELS)
            ->list('off_dba', self::LEVEL, 'With it off', 1, self::MOST_LEVELS)
            ->number('distance_m', ['exclusiveMinimum' => 0, 'maximum' => 1000], 'From the unit, of all readings');
    }

    private static function tissueKeys(Form $form): Form
    {
        return $form->key('answers', ['type' => 'object', 'additionalProperties' => ['enum' => array_map(fn (Finding $finding): string => $finding->value, Finding::cases())], 'maxProperties' => 1000], 'What it did, by point: drawn in, still or blown out; the points are told in the answer');
    }

    private static function interval(): Form
    {
        return Form::about('With its 95 % interval')
            ->number('value', ['exclusiveMinimum' => 0], '')->number('low', ['minimum' => 0], '')->number('high', ['exclusiveMinimum' => 0], '')
            ->requires('value', 'low', 'high');
    }
}
