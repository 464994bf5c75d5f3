<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Record;
use Jornel\Core\Quantity\Dimension;
use Jornel\Core\Sound\Sound;

/** Levels of several units at several seats, in the open or in a room, with or without background. */
final class SoundDocument implements Document
{
    /** Sources, seats, or units alike. */
    private const MOST = 500;

    public static function kind(): string
    {
        return 'sound';
    }

    public static function form(): Form
    {
        $source = Form::about('A unit, by its level at a distance, or by a reading with it on and one with it off')
            ->text('name', '')
            ->quantity('level', Dimension::Level, 'At the distance', [])
            ->quantity('on', Dimension::Level, 'With it on', [])->quantity('off', Dimension::Level, 'With it off', [])
            ->quantity('at', Dimension::Length, '1 m where not given')
            ->number('directivity', ['exclusiveMinimum' => 0], '2 on the floor or against a wall, where not given; 1 in the open, 4 in an edge, 8 in a corner')
            ->count('count', ['minimum' => 1, 'maximum' => self::MOST], 'Of them alike; 1 where not given')
            ->oneWay([['level'], ['on', 'off']])->notTogether('level', 'on');
        $seat = Form::about('Where it is heard')
            ->text('name', '')
            ->list('distances_m', ['type' => 'number', 'exclusiveMinimum' => 0], 'To each source, in their order')
            ->requires('distances_m');

        return Form::about('Sound of units at seats')
            ->list('sources', $source->schema(), '', most: self::MOST)
            ->list('seats', $seat->schema(), '', most: self::MOST)
            ->object('room', Form::about('Where they stand; in the open where not given')
                ->quantity('length', Dimension::Length, '')->quantity('width', Dimension::Length, '')->quantity('height', Dimension::Length, '')
                ->quantity('surface', Dimension::Area, 'Of all sides, in place of the three')
                ->number('absorption', ['exclusiveMinimum' => 0, 'exclusiveMaximum' => 1], '0.15 where not given')
                ->oneWay([['length', 'width', 'height'], ['surface']]))
            ->quantity('background', Dimension::Level, 'With all units off', [])
            ->quantity('limit', Dimension::Level, 'That no seat should pass', [])
            ->requires('sources', 'seats');
    }

    public static function answer(Record $document, DataFiles $data): array
    {
        $room = $document->childOr('room');
        $constant = $room === null ? null : Sound::roomConstant(
            $room->optional('surface', 0.0)->si ?? Sound::surface($room->figure('length', 0.0)->si, $room->figure('width', 0.0)->si, $room->figure('height', 0.0)->si),
            $room->optional('absorption', 0.0)->si ?? Sound::ABSORPTION,
        );
        $background = $document->optional('background')?->si;
        $limit = $document->optional('limit')?->si;
        $sources = $document->records('sources');

        return [
            'sources' => array_map(fn (Record $source): array => [
                'level_dba' => self::level($source),
                'told' => self::level($source) === null ? 'On and off are less than 3 dB apart: it cannot be told.' : null,
            ], $sources),
            'seats' => array_map(function (Record $seat) use ($sources, $constant, $background, $limit): array {
                $levels = self::atSeat($sources, $seat, $constant);
                $units = $levels === [] ? null : Sound::together($levels);
                $all = array_values(array_filter([$units, $background], fn (?float $level): bool => $level !== null));

                return [
                    'name' => $seat->textOr('name', ''),
                    'level_dba' => $units,
                    'with_background_dba' => $all === [] ? null : Sound::together($all),
                ] + ($limit === null || $units === null ? [] : ['within_limit' => $units <= $limit + 1e-9]);
            }, $document->records('seats')),
        ];
    }

    /**
     * @param  list<Record>  $sources
     * @return list<float> dBA of those that can be told
     */
    private static function atSeat(array $sources, Record $seat, ?float $constant): array
    {
        $distances = $seat->numbers('distances_m');
        if (count($distances) !== count($sources)) {
            throw BadRecord::missing($seat->path('distances_m'));
        }
        $levels = [];
        foreach ($sources as $number => $source) {
            $level = self::level($source);
            if ($level === null) {
                continue;
            }
            $at = $source->optional('at', 0.0)->si ?? 1.0;
            $directivity = $source->optional('directivity', 0.0)->si ?? Sound::ON_FLOOR;
            $one = $constant === null
                ? Sound::free($level, $distances[$number], $at)
                : Sound::inRoom(Sound::power($level, $directivity, $at), $distances[$number], $constant, $directivity);
            $levels[] = $one + 10.0 * log10($source->optional('count', 0.0)->si ?? 1.0);
        }

        return $levels;
    }

    /** @return float|null dBA; null where it cannot be told from the background */
    private static function level(Record $source): ?float
    {
        $level = $source->optional('level')?->si;

        return $level ?? Sound::withoutBackground($source->figure('on')->si, $source->figure('off')->si);
    }
}
