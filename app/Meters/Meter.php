<?php

namespace App\Meters;

/** A meter that can be asked now. A real driver implements this one call. */
interface Meter
{
    /**
     * @return MeterReading in the unit that the meter tells
     *
     * @throws MeterSilent where it tells nothing, with why
     */
    public function read(): MeterReading;
}
