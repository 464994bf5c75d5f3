<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Log;

/** Reads the lines of a log one by one, and counts those that hold no reading. */
final class LineReader
{
    /** Letters of `2026-11-28 14:03:`, after which the seconds stand. */
    private const MINUTE = 17;

    /** Lines that might have held a reading of the sensor that is meant. */
    public int $lines = 0;

    public int $bad = 0;

    public ?int $firstBad = null;

    public string $badText = '';

    public int $negative = 0;

    public ?int $firstNegative = null;

    /** @var list<int> number of the line of each reading, from 1 */
    public array $places = [];

    public function __construct(
        private readonly LogTable $table,
        private readonly ClockGuess $clock,
        private readonly LogColumn $value,
        private readonly ?LogColumn $ofSensor,
        private readonly ?string $sensor,
    ) {
    }

    /**
     * @param  non-empty-list<string>  $lines
     * @return array{list<float>, list<float>} times by the clock, s, and readings
     *
     * @throws InvalidLog where a reading is none that a meter can tell
     */
    public function read(array $lines): array
    {
        [$times, $values] = [[], []];
        $clock = $this->clock->clock;
        $date = $this->clock->date?->place;
        $isCount = $clock->unit() !== null;
        [$hasComma, $hasQuotes, $delimiter] = [$this->table->hasDecimalComma, $this->table->hasQuotes, $this->table->delimiter];
        [$timeAt, $valueAt, $factor] = [$this->clock->time->place, $this->value->place, $this->value->factor];
        [$minute, $began] = ['', 0.0];
        for ($i = $this->table->first, $count = count($lines); $i < $count; $i++) {
            $line = $lines[$i];
            if ($line === '' || trim($line) === '') {
                continue;
            }
            $fields = $hasQuotes || $delimiter === ' ' ? LogTable::split($line, $delimiter, $hasQuotes) : explode($delimiter, $line);
            if ($this->ofSensor !== null && trim($fields[$this->ofSensor->place] ?? '') !== $this->sensor) {
                continue;
            }
            $this->lines++;
            $entry = trim($fields[$timeAt] ?? '');
            $entry = $date === null ? $entry : trim($fields[$date] ?? '').' '.$entry;
            $second = substr($entry, self::MINUTE);
            if (substr($entry, 0, self::MINUTE) === $minute && ctype_digit($second) && $second < '60') {
                $time = $began + (int) $second;
            } else {
                $time = $clock->read($isCount && $hasComma ? strtr($entry, ',', '.') : $entry);
                // A log of one reading a second has sixty lines of the same minute.
                if ($time !== null && ! $isCount && strlen($second) === 2 && ctype_digit($second)) {
                    [$minute, $began] = [substr($entry, 0, self::MINUTE), $time - (int) $second];
                }
            }
            $number = trim($fields[$valueAt] ?? '');
            $number = $hasComma || ! is_numeric($number) ? LogTable::number($number, $hasComma) : (float) $number;
            if ($time === null || $number === null) {
                $this->notRead($i, $line);

                continue;
            }
            if ($number < 0.0) {
                $this->negative++;
                $this->firstNegative ??= $i + 1;
            }
            $number *= $factor;
            if (! LogLimits::isPlausible($number)) {
                throw InvalidLog::of('out-of-range', line: $i + 1, entry: mb_strimwidth(trim($fields[$valueAt] ?? ''), 0, 60, '…'));
            }
            $times[] = $time;
            $values[] = $number;
            $this->places[] = $i + 1;
        }

        return [$times, $values];
    }

    private function notRead(int $place, string $line): void
    {
        $this->bad++;
        if ($this->firstBad === null) {
            $this->firstBad = $place + 1;
            $this->badText = mb_strimwidth(trim($line), 0, 60, '…');
        }
    }
}
