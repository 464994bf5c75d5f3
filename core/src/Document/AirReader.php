<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\Air;
use Jornel\Core\Part\Record;

/** Reads the state of the air. */
final class AirReader
{
    public static function read(?Record $record): Air
    {
        if ($record === null) {
            return Air::reference();
        }
        $viscosity = $record->optional('viscosity_pa_s', 0.0)->si ?? Air::REFERENCE_VISCOSITY;
        $density = $record->optional('density_kg_m3', 0.0);
        $altitude = $record->optional('altitude');
        $temperature = $record->optional('temperature');
        if ($density !== null || ($altitude === null && $temperature === null)) {
            return Air::of($density->si ?? Air::REFERENCE_DENSITY, $viscosity);
        }

        return Air::of(Air::at($altitude->si ?? 0.0, $temperature->si ?? 293.15)->density, $viscosity);
    }

    /** Air told beside the unit itself, in place of the document's. */
    public static function ofUnit(Record $bare, Air $else): Air
    {
        return $bare->has('density_kg_m3') || $bare->has('altitude') || $bare->has('temperature') ? self::read($bare) : $else;
    }
}
