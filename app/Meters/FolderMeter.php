<?php

namespace App\Meters;

use Illuminate\Support\Arr;
use Jornel\Core\Proof\Log\InvalidLog;
use Jornel\Core\Proof\Log\ReadLog;
use Jornel\Core\Quantity\UnitOfMeasure;

/** A meter whose files are dropped into a folder of its programme's under `var/meters`: the last reading of the newest file. */
final readonly class FolderMeter implements Meter
{
    /** Bytes at the end of a file that are read. */
    private const END = 200_000;

    /** @param  string  $folder  number of the programme and name of the folder: `3/hall` */
    public function __construct(private string $folder, private string $field, private UnitOfMeasure $unit)
    {
    }

    public function read(): MeterReading
    {
        $newest = $this->newest() ?? throw new MeterSilent("No file lies in var/meters/{$this->folder} yet.");
        $text = (string) file_get_contents($newest, length: self::END);
        if (str_ends_with($newest, '.json')) {
            $value = Arr::get((array) json_decode($text, true), $this->field);

            return is_numeric($value) ? new MeterReading((float) $value, $this->unit) : throw new MeterSilent("The newest file has no number at “{$this->field}”.");
        }
        try {
            $series = ReadLog::of($text)->series;
        } catch (InvalidLog $fault) {
            throw new MeterSilent("The newest file cannot be read: {$fault->getMessage()}");
        }

        return new MeterReading($series->values[$series->count() - 1], $this->unit);
    }

    /** Its whole newest file. */
    public function newest(): ?string
    {
        // A name is one folder: nothing leads out of where the meters of a programme lie.
        $files = preg_match('/^[0-9]+\/[A-Za-z0-9_-]{1,60}$/D', $this->folder) === 1 ? glob(base_path("var/meters/{$this->folder}/*.{csv,txt,json}"), GLOB_BRACE) : [];
        $files = $files === false ? [] : $files;
        usort($files, fn (string $one, string $other): int => filemtime($other) <=> filemtime($one));

        return $files[0] ?? null;
    }
}
