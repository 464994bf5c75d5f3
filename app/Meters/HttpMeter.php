<?php

namespace App\Meters;

use GuzzleHttp\Client;
use GuzzleHttp\RequestOptions;
use Illuminate\Support\Arr;
use Jornel\Core\Quantity\UnitOfMeasure;
use RuntimeException;
use Throwable;

/** Any sensor that answers JSON over HTTP: the value stands in a field of it. */
final readonly class HttpMeter implements Meter
{
    /** Seconds that are waited in all, and until it is reached. */
    private const PATIENCE = 2.5;

    private const TO_REACH = 1.5;

    /** Bytes that are read. */
    private const LONGEST = 65536;

    public function __construct(private MeterAddress $address, private string $field, private UnitOfMeasure $unit)
    {
    }

    public function read(): MeterReading
    {
        try {
            // No client of the framework: it puts other things for what stands between braces.
            $answer = (new Client)->request('GET', $this->address->url, [
                RequestOptions::ALLOW_REDIRECTS => false, RequestOptions::HTTP_ERRORS => false, RequestOptions::PROXY => '', RequestOptions::HEADERS => ['Accept' => 'application/json'],
                RequestOptions::TIMEOUT => self::PATIENCE, RequestOptions::CONNECT_TIMEOUT => self::TO_REACH, RequestOptions::PROGRESS => self::cutAtLongest(...),
                'curl' => [CURLOPT_RESOLVE => $this->address->pinned(), CURLOPT_PROTOCOLS => CURLPROTO_HTTP | CURLPROTO_HTTPS, CURLOPT_MAXFILESIZE => self::LONGEST],
            ]);
        } catch (Throwable) {
            throw new MeterSilent('The meter does not answer at its address.');
        }
        if ($answer->getStatusCode() !== 200) {
            throw new MeterSilent("The meter answers with status {$answer->getStatusCode()}.");
        }
        $json = json_decode((string) $answer->getBody(), true);
        $value = is_array($json) ? Arr::get($json, $this->field) : null;
        if (! is_numeric($value) || ! is_finite((float) $value)) {
            throw new MeterSilent("Its answer has no number at “{$this->field}”.");
        }

        return new MeterReading((float) $value, $this->unit);
    }

    /** An answer that does not end, whatever it says of its length. */
    private static function cutAtLongest(int|float $expected, int|float $read): void
    {
        if ($read > self::LONGEST) {
            throw new RuntimeException('The answer is too long.');
        }
    }
}
