<?php

declare(strict_types=1);

namespace Jornel\Core\Document\Proof;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Record;
use Jornel\Core\Proof\Decay\CleanAirByDecay;
use Jornel\Core\Proof\Decay\DecayRun;
use Jornel\Core\Proof\Decay\ParticleSeries;
use Jornel\Core\Proof\Decay\RateChange;
use Jornel\Core\Proof\Decay\RefusedRun;
use Jornel\Core\Proof\Decay\Weights;
use Jornel\Core\Proof\Log\InvalidLog;
use Jornel\Core\Proof\Log\LogNote;
use Jornel\Core\Proof\Log\ReadLog;
use Jornel\Core\Quantity\Interval;

/** Reads the runs of a decay test and judges each. */
final readonly class DecayReader
{
    private const MINUTE = 60.0;

    private const HOUR = 3600.0;

    /** Shares whose clearing is told. */
    private const SHARES = [90, 99];

    /** @param  list<array{string, bool, DecayRun|RefusedRun, list<LogNote>, float}>  $runs  name, whether the unit ran, result, notes of its log, time of the first reading, s */
    private function __construct(private float $volume, private array $runs)
    {
    }

    public static function read(Record $record): self
    {
        $weights = $record->choice('weights', Weights::Meter);
        $runs = [];
        $names = [];
        foreach ($record->records('runs') as $run) {
            $name = $run->text('name');
            if (isset($names[$name])) {
                throw InvalidEvidence::name($run->path('name'));
            }
            $names[$name] = true;
            $runs[] = [$name, $run->flag('unit_on'), ...self::run($run, $weights)];
        }

        return new self($record->child('room')->figure('volume', 0.0)->si, $runs);
    }

    /** Clean air, m3/s; null without a run with the unit and one without it that can be used. */
    public function cleanAir(): ?Interval
    {
        $rates = fn (bool $isOn): array => array_values(array_filter(array_map(
            fn (array $run): ?Interval => $run[1] === $isOn && $run[2] instanceof DecayRun ? $run[2]->rate() : null, $this->runs,
        )));
        [$on, $off] = [$rates(true), $rates(false)];

        return $on === [] || $off === [] ? null : CleanAirByDecay::of($this->volume, $on, $off);
    }

    /** Why the first run that is refused is. */
    public function refusal(): ?string
    {
        foreach ($this->runs as [, , $result]) {
            if ($result instanceof RefusedRun) {
                return $result->reason;
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    public function told(): array
    {
        $clean = $this->cleanAir();

        return ['runs' => array_map(fn (array $run): array => self::toldRun(...$run), $this->runs)]
            + ($clean === null ? [] : ['clean_air_m3_s' => $clean->toArray()]);
    }

    /** @return array{DecayRun|RefusedRun, list<LogNote>, float} */
    private static function run(Record $run, Weights $weights): array
    {
        [$series, $notes, $began] = isset($run->data()['csv']) ? self::logged($run) : self::typed($run);
        $at = function (string $key) use ($run, $began): ?float {
            $minute = $run->optional($key)?->si;

            return $minute === null ? null : $minute * self::MINUTE - $began;
        };
        [$from, $to] = [$at('from_min'), $at('to_min')];
        if ($from !== null && $to !== null && $to <= $from) {
            throw InvalidEvidence::ends($run->path('to_min'));
        }

        return [DecayRun::of($series, $weights, $from, $to), $notes, $began];
    }

    /** @return array{ParticleSeries, list<LogNote>, float} */
    private static function typed(Record $run): array
    {
        $times = $run->numbers('time_min');
        $values = $run->numbers('pm25_ug_m3');
        if (count($times) !== count($values)) {
            throw InvalidEvidence::lengths($run->path('pm25_ug_m3'), count($times), count($values));
        }
        if ($times !== self::sorted($times)) {
            asort($times);
            $values = array_map(fn (int $at): float => $values[$at], array_keys($times));
            $times = array_values($times);
        }
        $began = ($times[0] ?? throw BadRecord::missing($run->path('time_min'))) * self::MINUTE;

        return [new ParticleSeries(array_map(fn (float $minute): float => $minute * self::MINUTE - $began, $times), $values), [], $began];
    }

    /** @return array{ParticleSeries, list<LogNote>, float} */
    private static function logged(Record $run): array
    {
        $text = $run->data()[NamedLogs::TEXT] ?? null;
        if (! is_string($text)) {
            throw InvalidEvidence::noFile($run->path('csv'), $run->text('csv'));
        }
        try {
            $log = ReadLog::of($text);
        } catch (InvalidLog $fault) {
            throw $fault->at($run->path($fault->field));
        }

        return [$log->series, $log->notes, 0.0];
    }

    /**
     * @param  list<float>  $times
     * @return list<float>
     */
    private static function sorted(array $times): array
    {
        sort($times);

        return $times;
    }

    /**
     * @param  list<LogNote>  $notes
     * @return array<string, mixed>
     */
    private static function toldRun(string $name, bool $isOn, DecayRun|RefusedRun $run, array $notes, float $began): array
    {
        $minute = fn (float $seconds): float => ($seconds + $began) / self::MINUTE;
        $told = $notes === [] ? [] : ['notes' => array_map(fn (LogNote $note): array => ['code' => $note->code, 'line' => $note->line, 'text' => $note->text], $notes)];
        if ($run instanceof RefusedRun) {
            return ['name' => $name, 'unit_on' => $isOn, 'refused' => ['code' => $run->code->value, 'reason' => $run->reason]
                + ($run->from === null ? [] : ['usable_from_min' => $minute($run->from)])]
                + ($run->changes === [] ? [] : ['changes' => array_map(fn (RateChange $change): array => ['at_min' => $minute($change->at), 'rate_per_hour' => $change->rate->scaled(self::HOUR)->toArray()], $run->changes)]) + $told;
        }
        $fit = $run->fit;

        return [
            'name' => $name, 'unit_on' => $isOn,
            'rate_per_hour' => $fit->rateInterval()->scaled(self::HOUR)->toArray(),
            'background_ug_m3' => $fit->backgroundInterval()->toArray(),
            'start_ug_m3' => $fit->startInterval()->toArray(),
            'minutes' => array_combine(array_map(strval(...), self::SHARES), array_map(fn (int $share): array => $fit->clearing($share / 100.0)->scaled(1.0 / self::MINUTE)->toArray(), self::SHARES)),
            'from_min' => $minute($run->stretch->from), 'to_min' => $minute($run->stretch->to),
            'readings' => $fit->count,
            'unevenness' => $run->unevenness,
        ] + $told;
    }
}
