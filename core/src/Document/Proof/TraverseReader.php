<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Proof;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Record;
use Jornel\Core\Proof\Traverse\Aperture;
use Jornel\Core\Proof\Traverse\Grid;
use Jornel\Core\Proof\Traverse\Traverse;
use Jornel\Core\Quantity\UnitOfMeasure;

/** Reads the air speeds over an outlet. */
final class TraverseReader
{
    /** How far a cheap vane meter may be off, per cent (common practice, no source). */
    private const METER = 5.0;

    public static function read(Record $record): Traverse
    {
        $outlet = $record->child('outlet');
        $diameter = $outlet->optional('diameter', 0.0)?->si;
        $rows = [];
        foreach ($record->list('readings_fpm') as $number => $row) {
            $rows[] = array_map(
                fn (mixed $value): float => is_int($value) || is_float($value) ? UnitOfMeasure::FootPerMinute->toSi((float) $value) : throw BadRecord::notANumber($record->path("readings_fpm.{$number}")),
                is_array($row) ? array_values($row) : throw BadRecord::missing($record->path("readings_fpm.{$number}")),
            );
        }

        return Traverse::of(
            $diameter === null ? Aperture::rectangle($outlet->figure('width', 0.0)->si, $outlet->figure('height', 0.0)->si) : Aperture::round($diameter),
            Grid::from($record->text('grid')), $rows,
            ($record->optional('meter_percent', -1e-12)->si ?? self::METER) / 100.0,
            ($record->optional('area_percent', -1e-12)->si ?? 0.0) / 100.0,
            $record->path('readings_fpm'),
        );
    }
}
