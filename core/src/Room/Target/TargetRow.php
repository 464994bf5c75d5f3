<?php

declare(strict_types=1);

namespace Jornel\Core\Room\Target;

use Jornel\Core\Air\Pollutants;
use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Record;

/** One row of the table of targets, which makes one target or several. */
final class TargetRow
{
    /**
     * @param  array<string, mixed>  $row
     * @return non-empty-list<Target>
     *
     * @throws BadRecord
     */
    public static function read(array $row, Pollutants $pollutants): array
    {
        $record = new Record($row + ['from' => 'assumed']);
        $id = $record->text('id');
        $source = $record->text('source');

        return match ($record->text('rule')) {
            'air changes' => self::airChanges($record, $source),
            'floor area' => [new FloorArea(
                $id,
                $record->text('name'),
                $source,
                $pollutants->get($record->text('judges')),
                $record->number('cfm_per_ft2', 0.0)->si,
                FloorAreaCeiling::from($record->text('ceiling')),
            )],
            'per person' => [new PerPerson($id, $record->text('name'), $source, $pollutants->get($record->text('judges')))],
            'concentration' => self::concentrations($record, $source),
            'clear in time' => [new ClearInTime(
                $id, $record->text('name'), $source, $record->number('share', 0.0)->si, $record->figure('time', 0.0)->si,
            )],
            default => throw BadRecord::missing('rule'),
        };
    }

    /** @return non-empty-list<Target> */
    private static function airChanges(Record $record, string $source): array
    {
        $numbers = $record->numbers('numbers');
        $sources = $record->child('sources')->data();
        $targets = array_map(function (float $number) use ($sources, $source): Target {
            $own = $sources[sprintf('%g', $number)] ?? $source;

            return new AirChanges($number, is_string($own) ? $own : $source);
        }, $numbers);

        return $targets === [] ? throw BadRecord::missing('numbers') : $targets;
    }

    /** @return non-empty-list<Target> */
    private static function concentrations(Record $record, string $source): array
    {
        $targets = array_map(
            fn (float $level): Target => new Concentration(sprintf('%s-%g', $record->text('id'), $level), sprintf('Hold %g µg/m³ or less', $level), $source, $level),
            $record->numbers('levels_ug_m3'),
        );

        return $targets === [] ? throw BadRecord::missing('levels_ug_m3') : $targets;
    }
}
