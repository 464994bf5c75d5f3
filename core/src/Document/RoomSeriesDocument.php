<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Document\Schema\RoomForms;
use Jornel\Core\Part\Overlay;
use Jornel\Core\Part\Record;
use Jornel\Core\Quantity\Dimension;
use Jornel\Core\Room\RoomAir;
use Jornel\Core\Room\Series;

/** One room through time: what changes from interval to interval is told in each, the rest holds throughout. */
final class RoomSeriesDocument implements Document
{
    public static function kind(): string
    {
        return 'room-series';
    }

    public static function form(): Form
    {
        $interval = RoomForms::withCleanAir(RoomForms::withAir(Form::about('An interval; what it tells goes before what the room tells')
            ->quantity('time', Dimension::Time, 'How long it lasts')
            ->count('repeat', ['minimum' => 1], 'So many times; 1 where not given')));

        return RoomForms::withCleanAir(Form::about('One well-mixed room through time, with constant inputs in each interval')
            ->object('room', RoomForms::room()))
            ->list('intervals', $interval->requires('time')->notTogether('clean_air', 'clean_air_m3_s_by_bin')->schema(), '')
            ->list('pollutants', RoomForms::pollutant(), 'Of one’s own', 0)
            ->requires('room', 'intervals')
            ->notTogether('clean_air', 'clean_air_m3_s_by_bin');
    }

    public static function answer(Record $document, DataFiles $data): array
    {
        $reader = RoomReader::of($document, $data);
        $roomRecord = $document->child('room');
        $room = $reader->room($roomRecord);
        $pollutant = $room->pollutant();
        $clean = RoomReader::cleanAir($document);
        $intervals = [];
        $times = [];
        $told = $document->records('intervals');
        $repeats = Repeats::of($told);
        foreach ($told as $number => $interval) {
            $own = $reader->enclosure(new Record(Overlay::of($roomRecord->data(), array_diff_key($interval->data(), ['from' => 1])), $interval->path('')), $room->volume());
            $air = RoomAir::of($own, $interval->has('clean_air') || isset($interval->data()['clean_air_m3_s_by_bin']) ? RoomReader::cleanAir($interval) : $clean);
            $time = $interval->figure('time', 0.0)->si;
            for ($i = 0; $i < $repeats[$number]; $i++) {
                $times[] = ($times === [] ? 0.0 : $times[count($times) - 1]) + $time;
                $intervals[] = [$time, $air, RoomAir::split($pollutant, $own->outdoor() ?? 0.0), RoomAir::split($pollutant, $own->source())];
            }
        }
        $start = $roomRecord->optional('indoor', -1e-12)->si ?? $room->outdoor() ?? 0.0;
        $series = Series::of(RoomAir::split($pollutant, $start), $intervals);

        return [
            'room' => RoomAnswer::size($room),
            'start_ug_m3' => $start,
            'intervals' => array_map(fn (float $time, int $number): array => [
                'until_s' => $time,
                'ug_m3' => $series->end($number)->sum(),
                'mean_ug_m3' => $series->mean($number)->sum(),
                'bins_ug_m3' => (array) $series->end($number),
            ], $times, array_keys($times)),
        ];
    }
}
