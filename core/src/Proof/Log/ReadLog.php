<?php

declare(strict_types=1);

namespace Jornel\Core\Proof\Log;

use Jornel\Core\Proof\Decay\ParticleSeries;

/** A meter's log as it was read: its readings in order of time, what was guessed, and what was odd. */
final readonly class ReadLog
{
    /** Least share of lines that must be readings, and least readings in all. */
    private const LEAST_SHARE = 0.5;

    private const LEAST = 2;

    /**
     * @param  list<LogColumn>  $values  columns that hold readings
     * @param  list<string>  $sensors  names of the sensors in it; none where it names none
     * @param  float|null  $began  of the first reading, s since 1970, or since midnight by a clock without dates; null where it counts from its own beginning
     * @param  list<LogNote>  $notes
     */
    private function __construct(
        public LogTable $table,
        public ClockGuess $clock,
        public LogColumn $value,
        public array $values,
        public array $sensors,
        public ?string $sensor,
        public ParticleSeries $series,
        public ?float $began,
        public array $notes,
    ) {
    }

    /**
     * @param  string  $bytes  of the file
     *
     * @throws InvalidLog
     */
    public static function of(string $bytes, LogChoices $choices = new LogChoices): self
    {
        $lines = LogText::lines($bytes);
        $table = LogTable::of($lines);
        $clock = ClockGuess::of($table, $choices);
        $values = array_values(array_filter($table->columns, fn (LogColumn $column): bool => $column->kind->isReading() && $column->place !== $clock->time->place));
        [$value, $isGuessed] = self::value($table, $clock, $values, $choices);
        [$sensors, $ofSensor] = self::sensors($lines, $table, $clock, $value);
        $sensor = self::sensor($sensors, $choices);
        $found = new LineReader($table, $clock, $value, $ofSensor, $sensor);
        [$times, $numbers] = $found->read($lines);
        if (count($times) < self::LEAST || count($times) < self::LEAST_SHARE * $found->lines) {
            throw InvalidLog::of('few-readings', count: count($times), lines: $found->lines, line: $found->firstBad ?? $table->first + 1, entry: $found->badText);
        }
        $order = TimeOrder::of($times, $numbers, $found->places, $clock->clock);
        $order->mustBeStorable($clock->clock);
        $notes = [
            ...($table->first > 1 ? [LogNote::of('preamble', $table->first, count: $table->first)] : []),
            ...($isGuessed ? [LogNote::of('guessed-value', $table->first + 1, name: $value->name)] : []),
            ...($clock->isTold ? [] : [LogNote::of('guessed-clock', $table->first + 1, unit: $clock->clock->value)]),
            ...($sensor !== null && count($sensors) > 1 ? [LogNote::of('sensors', $table->first + 1, names: implode(', ', $sensors), name: $sensor)] : []),
            ...($found->bad > 0 ? [LogNote::of('left-out', $found->firstBad ?? 1, entry: $found->badText, count: $found->bad)] : []),
            ...($found->negative > 0 ? [LogNote::of('negative', $found->firstNegative ?? 1, count: $found->negative)] : []),
            ...$order->notes,
        ];

        return new self($table, $clock, $value, $values === [] ? [$value] : $values, $sensors, $sensor, new ParticleSeries($order->times, $order->values), $clock->clock->hasDate() || $clock->clock === Clock::TimeOfDay ? $order->began : null, $notes);
    }

    /**
     * @param  list<LogColumn>  $readings
     * @return array{LogColumn, bool} with whether it was guessed
     *
     * @throws InvalidLog
     */
    private static function value(LogTable $table, ClockGuess $clock, array $readings, LogChoices $choices): array
    {
        if ($choices->value !== null) {
            return [$table->columns[$choices->value] ?? throw InvalidLog::choice('value_column', 'unknown-column', array_map(fn (LogColumn $column): string => $column->name, $table->columns)), false];
        }
        foreach ([ColumnKind::Pm25, ColumnKind::Pm10, ColumnKind::Pm1, ColumnKind::Vapour, ColumnKind::Count] as $kind) {
            foreach ($readings as $column) {
                if ($column->kind === $kind) {
                    return [$column, $kind !== ColumnKind::Pm25 && $kind !== ColumnKind::Vapour];
                }
            }
        }
        foreach ($table->columns as $column) {
            if ($column->numeric > 0.5 && $column->place !== $clock->time->place && $column->place !== $clock->date?->place && $column->kind === ColumnKind::Other) {
                return [$column, true];
            }
        }
        throw InvalidLog::of('no-value');
    }

    /**
     * Sensors that are told apart by a column, in the order in which they come.
     *
     * @param  non-empty-list<string>  $lines
     * @return array{list<string>, LogColumn|null}
     */
    private static function sensors(array $lines, LogTable $table, ClockGuess $clock, LogColumn $value): array
    {
        foreach ($table->columns as $column) {
            if ($column->kind === ColumnKind::Sensor && ! in_array($column->place, [$clock->time->place, $value->place], true)) {
                $names = [];
                for ($i = $table->first, $count = count($lines); $i < $count; $i++) {
                    $name = $lines[$i] === '' ? '' : LogTable::split($lines[$i], $table->delimiter, $table->hasQuotes)[$column->place] ?? '';
                    if ($name !== '') {
                        $names[$name] = true;
                    }
                }

                return [array_map(strval(...), array_keys($names)), $column];
            }
        }

        return [[], null];
    }

    /**
     * @param  list<string>  $sensors
     *
     * @throws InvalidLog
     */
    private static function sensor(array $sensors, LogChoices $choices): ?string
    {
        if ($choices->sensor !== null && ! in_array($choices->sensor, $sensors, true)) {
            throw InvalidLog::choice('sensor', 'unknown-sensor', $sensors);
        }

        return $choices->sensor ?? $sensors[0] ?? null;
    }
}
