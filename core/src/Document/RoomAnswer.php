<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\BinShares;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Air\Pollutants;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Part\Record;
use Jornel\Core\Room\Clearance;
use Jornel\Core\Room\RoomAir;
use Jornel\Core\Room\Sound;
use Jornel\Core\Room\Space;
use Jornel\Core\Room\Target\Judgement;
use Jornel\Core\Room\Target\Target;
use Jornel\Core\Room\Target\Targets;

/** What some units at one speed do in a room. */
final readonly class RoomAnswer
{
    private const SHARES = ['90' => 0.90, '99' => 0.99];

    /** @param  list<string>  $goals targets besides those of the register */
    public function __construct(
        private Targets $targets,
        private Pollutants $pollutants,
        private Space $room,
        private Record $record,
        private int $units,
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

    /** @return array<string, mixed> */
    public function at(Performance $performance): array
    {
        $clean = $performance->cleanAir->scaled($this->units);
        $air = RoomAir::of($this->room, $clean);
        $alone = Clearance::purifierAlone($this->room, $clean);

        return [
            'air_changes_per_hour' => $this->each(fn (Pollutant $pollutant): float => 3600.0 * $pollutant->weigh($clean) / $this->room->volume()),
            'minutes_to_remove' => array_map(fn (float $share): array => $this->minutes($air->losses, $share), self::SHARES),
            'minutes_to_remove_by_purifier_alone' => array_map(fn (float $share): array => $this->minutes($alone, $share), self::SHARES),
            'verdicts' => $this->verdicts($performance->cleanAir),
        ] + $this->concentrations($air) + $this->level($performance);
    }

    /**
     * @template T of float|null
     *
     * @param  callable(Pollutant): T  $figure
     * @return array<string, T>
     */
    public static function byPollutant(Pollutants $pollutants, callable $figure): array
    {
        $figures = [];
        foreach ($pollutants->all as $id => $pollutant) {
            $figures[str_replace('-', '_', $id)] = $figure($pollutant);
        }

        return $figures;
    }

    /**
     * @param  BinShares  $rates  1/s
     * @return array<string, float|null> null where it never goes
     */
    private function minutes(BinShares $rates, float $share): array
    {
        return array_map(
            fn (float $minutes): ?float => is_infinite($minutes) ? null : $minutes,
            $this->each(fn (Pollutant $pollutant): float => Clearance::time($pollutant, $rates, $share) / 60.0),
        );
    }

    /** @return list<array<string, mixed>> */
    private function verdicts(BinShares $perUnit): array
    {
        $own = array_map(fn (string $id): Target => $this->targets->get($id), $this->goals);

        return array_map(function (Target $target) use ($perUnit): array {
            $judgement = Judgement::of($target, $this->room, $perUnit, $this->units);

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
                'units_needed' => $judgement->needed(),
            ];
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

    /** @return array<string, mixed> at a seat, where its distance is known */
    private function level(Performance $performance): array
    {
        $seat = SeatReader::of($this->record, $this->room);
        if ($seat === null || is_nan($performance->level)) {
            return [];
        }
        $level = $seat->level($performance->level, $this->units);
        $background = $this->record->optional('background')?->si;

        return ['level_at_seat_dba' => $level] + ($background === null ? [] : ['level_with_background_dba' => Sound::together([$level, $background])]);
    }

    /**
     * @param  callable(Pollutant): float  $figure
     * @return array<string, float>
     */
    private function each(callable $figure): array
    {
        return self::byPollutant($this->pollutants, $figure);
    }
}
