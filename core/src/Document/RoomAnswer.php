<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Air\Pollutants;
use Jornel\Core\Airflow\Band;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Airflow\UncertainOutput;
use Jornel\Core\Part\Record;
use Jornel\Core\Room\Clearance;
use Jornel\Core\Room\RoomAir;
use Jornel\Core\Room\Space;
use Jornel\Core\Room\SuppliedSpace;
use Jornel\Core\Room\Target\Judgement;
use Jornel\Core\Room\Target\Likelihoods;
use Jornel\Core\Room\Target\Target;
use Jornel\Core\Room\Target\Targets;
use Jornel\Core\Sound\Sound;

/** What purifiers do in a room. */
final readonly class RoomAnswer
{
    private const SHARES = ['90' => 0.90, '99' => 0.99];

    /** @param  list<string>  $goals targets besides those of the register */
    public function __construct(
        private Targets $targets,
        private Likelihoods $likelihoods,
        private Pollutants $pollutants,
        private Space $room,
        private Record $record,
        private array $goals,
    ) {
    }

    /** @return array<string, mixed> */
    public static function size(Space $room): array
    {
        $air = $room->ventilation();

        return array_filter([
            'volume_m3' => $room->volume(),
            'floor_area_m2' => $room->floorArea(),
            'height_m' => $room->ceiling(),
            'pollutant' => $room->pollutant()->id,
            'infiltration_per_hour' => $air->infiltration,
            'outdoor_air_m3_s' => $air->outdoor($room->volume()),
        ], fn (mixed $value): bool => $value !== null);
    }

    /**
     * @param  UncertainOutput  $output  of all that stands there
     * @param  list<float>  $levels  of each at 1 m, dBA; not a number where it is not known
     * @param  UncertainOutput|null  $one  output of one unit where all are alike, of which so many more may be taken
     * @return array<string, mixed>
     */
    public function at(UncertainOutput $output, array $levels, ?UncertainOutput $one = null): array
    {
        $told = $output->told;
        $room = SuppliedSpace::of($this->room, $told);
        $air = RoomAir::of($room, $told->clean);
        $alone = Clearance::purifierAlone($this->room, $told->clean)->plus(PerBin::same($told->intake / $this->room->volume()));

        return [
            'air_changes_per_hour' => $this->each(fn (Pollutant $pollutant): float => 3600.0 * ($pollutant->weigh($told->clean) + $told->intake) / $this->room->volume()),
            'minutes_to_remove' => array_map(fn (float $share): array => $this->minutes($air->losses, $share), self::SHARES),
            'minutes_to_remove_range' => array_map(fn (float $share): array => $this->ranges($room, $output, $share), self::SHARES),
            'minutes_to_remove_by_purifier_alone' => array_map(fn (float $share): array => $this->minutes($alone, $share), self::SHARES),
            'verdicts' => $this->verdicts($output, $one),
        ]
            + ($told->bringsAirIn() ? ['intake_m3_s' => $told->intake, 'leaked_in_m3_s' => $told->leakedIn] : [])
            + $this->concentrations($air) + $this->level($levels);
    }

    /** @return array<string, Pollutant> by their id as a key of an answer */
    public static function keyed(Pollutants $pollutants): array
    {
        return array_combine(array_map(fn (string $id): string => str_replace('-', '_', $id), array_keys($pollutants->all)), array_values($pollutants->all));
    }

    /**
     * @template T of float|null
     *
     * @param  callable(Pollutant): T  $figure
     * @return array<string, T>
     */
    public static function byPollutant(Pollutants $pollutants, callable $figure): array
    {
        return array_map($figure, self::keyed($pollutants));
    }

    /**
     * @param  PerBin  $rates  1/s
     * @return array<string, float|null> null where it never goes
     */
    private function minutes(PerBin $rates, float $share): array
    {
        return $this->each(fn (Pollutant $pollutant): ?float => self::inMinutes(Clearance::time($pollutant, $rates, $share)));
    }

    /**
     * With the 90 % interval of the clean air and the range of the mixing.
     *
     * @return array<string, array{low: float|null, high: float|null}> null where it never goes
     */
    private function ranges(Space $room, UncertainOutput $output, float $share): array
    {
        return array_map(function (Pollutant $pollutant) use ($room, $output, $share): array {
            $told = $pollutant->weigh($output->told->clean);
            $band = Band::ofDistribution($output->distribution(fn (Output $one): float => $pollutant->weigh($one->clean)));
            [$low, $high] = Clearance::range($room, $pollutant, $output->told->clean, $told > 0.0 ? $band->low / $told : 1.0, $told > 0.0 ? $band->high / $told : 1.0, $share);

            return ['low' => self::inMinutes($low), 'high' => self::inMinutes($high)];
        }, self::keyed($this->pollutants));
    }

    private static function inMinutes(float $seconds): ?float
    {
        return is_infinite($seconds) ? null : $seconds / 60.0;
    }

    /** @return list<array<string, mixed>> */
    private function verdicts(UncertainOutput $output, ?UncertainOutput $one): array
    {
        $own = array_map(fn (string $id): Target => $this->targets->get($id), $this->goals);

        return array_map(function (Target $target) use ($output, $one): array {
            $judgement = Judgement::of($target, $this->room, $output->told);
            $chance = $judgement->chance($output);

            return [
                'target' => $target->id(),
                'name' => $target->name(),
                'source' => $target->source(),
                'judges' => $judgement->judges->id,
                'asks_m3_s' => $judgement->asks,
                'purifier_m3_s' => $judgement->purifier,
                'building_m3_s' => $judgement->building,
                'gets_m3_s' => $judgement->gets(),
                'short_m3_s' => $judgement->asks === null ? null : max(0.0, $judgement->asks - $judgement->gets()),
                'reached' => $judgement->isReached(),
                'chance' => $chance,
                'verdict' => $chance === null ? null : $this->likelihoods->of($chance)->id,
            ] + ($one === null ? [] : ['units_needed' => Judgement::needed($target, $this->room, Output::none(), $one->told)]);
        }, [...array_values($this->targets->all), ...$own]);
    }

    /** @return array<string, mixed> of the room's pollutant, where something is known of outdoors, the start or a source */
    private function concentrations(RoomAir $air): array
    {
        $start = $this->record->optional('indoor', -1e-12)?->si;
        if ($this->room->outdoor() === null && $start === null && $this->room->source() === 0.0) {
            return [];
        }
        $pollutant = $this->room->pollutant();
        $outdoor = RoomAir::split($pollutant, $this->room->outdoor() ?? 0.0);
        $source = RoomAir::split($pollutant, $this->room->source());
        $begin = RoomAir::split($pollutant, $start ?? $this->room->outdoor() ?? 0.0);
        $steady = $air->steady($outdoor, $source);
        $times = isset($this->record->data()['times_min']) ? $this->record->numbers('times_min') : [10.0, 30.0, 60.0, 120.0];
        $seconds = fn (float $minutes): float => 60.0 * $minutes;

        return [
            'steady_ug_m3' => is_infinite($steady->sum()) ? null : $steady->sum(),
            'timed' => array_map(fn (float $minutes): array => [
                'min' => $minutes,
                'ug_m3' => $air->after($begin, $outdoor, $source, $seconds($minutes))->sum(),
                'mean_ug_m3' => $air->mean($begin, $outdoor, $source, $seconds($minutes))->sum(),
            ], $times),
        ];
    }

    /**
     * At a seat, where its distance is known.
     *
     * @param  list<float>  $levels
     * @return array<string, mixed>
     */
    private function level(array $levels): array
    {
        $seat = SeatReader::of($this->record, $this->room);
        $heard = array_values(array_filter($levels, fn (float $level): bool => ! is_nan($level)));
        if ($seat === null || $heard === []) {
            return [];
        }
        $level = $seat->together($heard);
        $background = $this->record->optional('background')?->si;

        return ['level_at_seat_dba' => $level] + ($background === null ? [] : ['level_with_background_dba' => Sound::together([$level, $background])]);
    }

    /**
     * @template T of float|null
     *
     * @param  callable(Pollutant): T  $figure
     * @return array<string, T>
     */
    private function each(callable $figure): array
    {
        return self::byPollutant($this->pollutants, $figure);
    }
}
