<?php

namespace App\Meters;

use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Http;
use Jornel\Core\Quantity\UnitOfMeasure;
use Throwable;

/** Any sensor that answers JSON over HTTP: the value stands in a field of it. */
final readonly class HttpMeter implements Meter
{
    /** Seconds that are waited, and letters that are read. */
    private const PATIENCE = 4;

    private const LONGEST = 65536;

    public function __construct(private string $address, private string $field, private UnitOfMeasure $unit, private bool $isInternal)
    {
    }

    public function read(): MeterReading
    {
        $pinned = MeterAddress::of($this->address, $this->isInternal)->pinned();
        try {
            // Where it was looked up is where it is asked: the name may lead elsewhere a moment later.
            $answer = Http::withOptions(['allow_redirects' => false, 'curl' => [CURLOPT_RESOLVE => $pinned, CURLOPT_MAXFILESIZE => self::LONGEST]])->timeout(self::PATIENCE)->connectTimeout(self::PATIENCE)->acceptJson()->get($this->address);
        } catch (Throwable) {
            throw new MeterSilent('The meter does not answer at its address.');
        }
        if (! $answer->ok()) {
            throw new MeterSilent("The meter answers with status {$answer->status()}.");
        }
        $json = json_decode(substr($answer->body(), 0, self::LONGEST), true);
        $value = is_array($json) ? Arr::get($json, $this->field) : null;
        if (! is_numeric($value) || ! is_finite((float) $value)) {
            throw new MeterSilent("Its answer has no number at “{$this->field}”.");
        }

        return new MeterReading((float) $value, $this->unit);
    }
}
