<?php

namespace App\Meters;

use App\Evidence\InvalidSurvey;
use Closure;
use Illuminate\Support\Facades\Cache;

/** Turns at asking meters: a programme asks few at once, so that its slow ones do not keep those of others waiting. */
final class MeterTurns
{
    /** After so many seconds a turn is free again, whatever became of whoever took it. */
    private const LONGEST = 10;

    /**
     * @param  Closure(): MeterReading  $ask
     *
     * @throws MeterSilent where all turns of the programme are taken, or as it is asked
     * @throws InvalidSurvey where its address may not be asked
     */
    public static function take(int $programme, Closure $ask): MeterReading
    {
        for ($turn = 0; $turn < config()->integer('jornel.meters_at_once'); $turn++) {
            $lock = Cache::lock("meters of {$programme}, turn {$turn}", self::LONGEST);
            if ($lock->get()) {
                try {
                    return $ask();
                } finally {
                    $lock->release();
                }
            }
        }

        throw new MeterSilent('Other meters of this programme are being asked just now. Ask again in a moment.');
    }
}
