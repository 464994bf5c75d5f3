<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Document\Schema\RoomForms;
use Jornel\Core\Part\Record;
use Jornel\Core\Quantity\Dimension;
use Jornel\Core\Room\Clearance;
use Jornel\Core\Room\NeededOutput;
use Jornel\Core\Room\RoomAir;
use Jornel\Core\Room\Space;

/** How long some clean air takes to clear a room, and how much of it a wish takes. */
final class ClearanceDocument implements Document
{
    public static function kind(): string
    {
        return 'clearance';
    }

    public static function form(): Form
    {
        return RoomForms::withCleanAir(Form::about('Times to clear a room with so much clean air, and clean air for a wish')
            ->object('room', RoomForms::room()))
            ->list('shares', ['type' => 'number', 'exclusiveMinimum' => 0, 'exclusiveMaximum' => 1], 'To be removed; 0.9, 0.99, 0.999 where not given')
            ->object('wish', Form::about('A share gone in a time, or a concentration held')
                ->number('share', ['exclusiveMinimum' => 0, 'exclusiveMaximum' => 1], '')
                ->quantity('time', Dimension::Time, '')
                ->quantity('hold', Dimension::Concentration, 'Needs the room’s outdoor concentration')
                ->oneWay([['share', 'time'], ['hold']]))
            ->list('pollutants', RoomForms::pollutant(), 'Of one’s own', 0)
            ->requires('room')
            ->notTogether('clean_air', 'clean_air_m3_s_by_bin');
    }

    public static function answer(Record $document, DataFiles $data): array
    {
        $room = RoomReader::of($document, $data)->room($document->child('room'));
        $pollutants = RoomReader::pollutants($document, $data);
        $clean = RoomReader::cleanAir($document);
        $air = RoomAir::of($room, $clean);
        $alone = Clearance::purifierAlone($room, $clean);
        $shares = isset($document->data()['shares']) ? $document->numbers('shares') : [0.9, 0.99, 0.999];
        $known = fn (float $seconds): ?float => is_infinite($seconds) ? null : $seconds / 60.0;

        return [
            'room' => RoomAnswer::size($room),
            'rates_per_hour' => $air->losses->scaled(3600.0)->toArray(),
            'air_changes_per_hour' => RoomAnswer::byPollutant($pollutants, fn (Pollutant $pollutant): float => 3600.0 * $pollutant->weigh($clean) / $room->volume()),
            'minutes_to_remove' => array_map(fn (float $share): array => [
                'share' => $share,
                'in_all' => array_map(fn (float $time): ?float => $known($time), RoomAnswer::byPollutant($pollutants, fn (Pollutant $pollutant): float => Clearance::time($pollutant, $air->losses, $share))),
                'by_purifier_alone' => array_map(fn (float $time): ?float => $known($time), RoomAnswer::byPollutant($pollutants, fn (Pollutant $pollutant): float => Clearance::time($pollutant, $alone, $share))),
            ], $shares),
        ] + self::wish($document->childOr('wish'), $room, $clean);
    }

    /** @return array<string, mixed> */
    private static function wish(?Record $wish, Space $room, PerBin $clean): array
    {
        if ($wish === null) {
            return [];
        }
        $spectrum = $clean->sum() > 0.0 ? $clean : PerBin::same(1.0);
        $hold = $wish->optional('hold', 0.0)?->si;

        return ['wish' => ['clean_air_m3_s' => $hold === null
            ? NeededOutput::toClear($room, $spectrum, $wish->number('share', 0.0)->si, $wish->figure('time', 0.0)->si)
            : NeededOutput::toHold($room, $spectrum, $hold)]];
    }
}
