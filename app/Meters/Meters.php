<?php

namespace App\Meters;

use App\Models\Meter as Record;
use Jornel\Core\Quantity\UnitOfMeasure;

/** The meter behind a record: a new driver is its class and one line here. */
final class Meters
{
    public static function of(Record $record): Meter
    {
        $unit = UnitOfMeasure::tryFrom($record->unit) ?? $record->tells->units()[0];

        return match ($record->driver) {
            'stand-in' => new HttpMeter(config()->string('jornel.meters').$record->address, $record->field, $unit, true),
            'folder' => new FolderMeter($record->address, $record->field, $unit),
            default => new HttpMeter($record->address, $record->field, $unit, $record->is_internal),
        };
    }
}
