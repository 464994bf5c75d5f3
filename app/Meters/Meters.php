<?php

namespace App\Meters;

use App\Evidence\InvalidSurvey;
use App\Models\Meter as Record;
use Jornel\Core\Quantity\UnitOfMeasure;

/** The meter behind a record: a new driver is its class and one line here. */
final class Meters
{
    /**
     * What a meter tells now; its programme waits for its turn, and nobody for the programme.
     *
     * @throws MeterSilent
     */
    public static function read(Record $record): MeterReading
    {
        try {
            return MeterTurns::take($record->programme_id, fn (): MeterReading => self::of($record)->read());
        } catch (InvalidSurvey $refused) {
            // Its name leads elsewhere by now, or what was allowed is so no more.
            throw new MeterSilent($refused->getMessage());
        }
    }

    private static function of(Record $record): Meter
    {
        $unit = UnitOfMeasure::tryFrom($record->unit) ?? $record->tells->units()[0];

        return match ($record->driver) {
            'stand-in' => new HttpMeter(MeterAddress::ofOperator(config()->string('jornel.meters').$record->address), $record->field, $unit),
            'folder' => new FolderMeter($record->folder(), $record->field, $unit),
            default => new HttpMeter(MeterAddress::of($record->address), $record->field, $unit),
        };
    }
}
