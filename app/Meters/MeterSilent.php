<?php

namespace App\Meters;

use RuntimeException;

/** A meter that told nothing, and why. */
final class MeterSilent extends RuntimeException
{
}
