<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Air\Pollutants;
use Jornel\Core\Airflow\Band;
use Jornel\Core\Airflow\Explanation;
use Jornel\Core\Airflow\LeakFlow;
use Jornel\Core\Airflow\Output;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Airflow\Propagation;
use Jornel\Core\Airflow\Uncertainty;
use Jornel\Core\Caution\Caution;
use Jornel\Core\Caution\Facts;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Schema\AirForm;
use Jornel\Core\Document\Schema\FindForms;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Document\Schema\PlacementForms;
use Jornel\Core\Document\Schema\RoomForms;
use Jornel\Core\Document\Schema\UnitForms;
use Jornel\Core\Guide\Work;
use Jornel\Core\Kit\FilterLife;
use Jornel\Core\Kit\RunningCost;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Part\Record;
use Jornel\Core\Room\Space;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Measurements;
use Jornel\Core\Sound\Sound;

/**
 * What a unit does: air, perhaps a room, and a unit, by shape and parts or bare; answered for every speed.
 */
final readonly class EvaluationDocument implements Document
{
    private function __construct(private DataFiles $data, private Record $record, private Pollutants $pollutants)
    {
    }

    public static function kind(): string
    {
        return 'evaluate';
    }

    public static function form(): Form
    {
        return Form::about('A unit, or several placements of units and purifiers that were bought, the air they move, and perhaps the room they stand in')
            ->object('air', AirForm::form())
            ->object('room', RoomForms::room()
                ->list('times_min', ['type' => 'number', 'exclusiveMinimum' => 0], 'At which the concentration is asked; 10, 30, 60, 120 where not given', 0))
            ->object('unit', UnitForms::unit())
            ->list('placements', PlacementForms::placement()->schema(), 'In place of a unit: all that stands in the room')
            ->list('pollutants', RoomForms::pollutant(), 'Of one’s own', 0)
            ->list('goals', ['type' => 'string'], 'Targets besides those of the register: air-changes-7, hold-12', 0)
            ->object('economy', FindForms::economy())
            ->key('band', ['type' => ['boolean', 'object'], 'properties' => [
                'draws' => ['type' => 'integer', 'minimum' => 20, 'maximum' => 20000], 'seed' => ['type' => 'integer'],
            ], 'additionalProperties' => false], 'Whether to tell the 90 % range of each figure')
            ->flag('explain', 'Whether to show each figure as formula, figures put in, result and where they came from')
            ->oneWay([['unit'], ['placements']])
            ->notTogether('unit', 'placements');
    }

    public static function answer(Record $document, DataFiles $data): array
    {
        return (new self($data, $document, RoomReader::pollutants($document, $data)))->evaluated();
    }

    /** @return array<string, mixed> */
    private function evaluated(): array
    {
        $roomRecord = $this->record->childOr('room');
        $room = $roomRecord === null ? null : RoomReader::of($this->record, $this->data)->room($roomRecord);
        $inRoom = $room === null ? null : new RoomAnswer($this->data->targets(), $this->data->likelihoods(), $this->pollutants, $room, $roomRecord, $this->goals());
        $air = AirReader::read($this->record->childOr('air'));

        return isset($this->record->data()['placements'])
            ? $this->placed(PlacementReader::all($this->record, $this->data, $air), $room, $inRoom)
            : $this->ofUnit(UnitReader::read($this->record->child('unit'), $this->data, $air), $room, $inRoom);
    }

    /** @return array<string, mixed> */
    private function ofUnit(UnitReader $read, ?Space $room, ?RoomAnswer $inRoom): array
    {
        $bands = $this->bands($read);

        return [
            'speeds' => array_map(
                fn (Performance $performance, int $number): array => $this->speed($performance, $read)
                    + ($inRoom === null ? [] : ['room' => $this->inRoom($inRoom, $read, $performance, $number)])
                    + ($this->record->flagOr('explain', false) ? ['explanation' => Explanation::rows($performance, $read->unit, array_values($this->pollutants->all))] : [])
                    + ($bands[$number] ?? []),
                $performances = $read->unit->performances(),
                array_keys($performances),
            ),
        ]
            + ($read->unit->notes === [] ? [] : ['notes' => $read->unit->notes])
            + ($room === null ? [] : ['room' => RoomAnswer::size($room)])
            + ($read->design === null ? [] : ['unit' => DesignAnswer::of($read->design), 'cautions' => $this->cautions($read->design, $room, $performances)])
            + $this->cost($read, $performances);
    }

    /** @return array<string, mixed> */
    private function inRoom(RoomAnswer $room, UnitReader $read, Performance $performance, int $number): array
    {
        $one = Propagation::through($read->unit, $number, $this->data->tolerances())->output();

        return $room->at($one->times($read->count), array_fill(0, $read->count, $performance->level), $one);
    }

    /**
     * @param  list<PlacementReader>  $placements
     * @return array<string, mixed>
     */
    private function placed(array $placements, ?Space $room, ?RoomAnswer $inRoom): array
    {
        $all = PlacementReader::together($placements);
        $heard = array_values(array_filter($all->levels, fn (float $level): bool => ! is_nan($level)));
        $clean = fn (PerBin $bins): array => $bins->toArray() + $this->byPollutant(fn (Pollutant $pollutant): float => $pollutant->weigh($bins));
        $known = fn (string $key, float $value): array => is_nan($value) ? [] : [$key => $value];

        return [
            'placements' => array_map(function (PlacementReader $one) use ($clean, $known): array {
                $output = $one->output->told->times((float) $one->count);

                return ['name' => $one->name(), 'count' => $one->count]
                    + ($one->performance === null ? [] : ['speed' => $one->performance->speed->name])
                    + ['clean_air_m3_s' => $clean($output->clean)]
                    + ($output->bringsAirIn() ? ['intake_m3_s' => $output->intake, 'leaked_in_m3_s' => $output->leakedIn, 'intake_caught_m3_s' => $output->caught->toArray()] : [])
                    + ['power_w' => $one->count * $one->watts()]
                    + $known('level_dba', $one->level())
                    + ($one->performance === null || $one->read === null ? [] : ['bypass_share' => $one->performance->balance->bypassShare(), 'warnings' => Warnings::of($one->performance, $one->read->unit, $one->read->design)])
                    + ($one->read?->design === null ? [] : ['unit' => DesignAnswer::of($one->read->design)]);
            }, $placements),
            'total' => [
                'clean_air_m3_s' => $clean($all->output->told->clean),
                'clean_air_range_m3_s' => array_map(
                    fn (Pollutant $pollutant): array => (function (Band $band): array {
                        return ['low' => $band->low, 'high' => $band->high];
                    })(Band::ofDistribution($all->output->distribution(fn (Output $one): float => $pollutant->weigh($one->clean)))),
                    RoomAnswer::keyed($this->pollutants),
                ),
                'power_w' => $all->watts,
            ] + ($heard === [] ? [] : ['level_dba' => Sound::together($heard)]),
        ]
            + ($inRoom === null || $room === null ? [] : ['room' => RoomAnswer::size($room) + $inRoom->at($all->output, $all->levels)])
            + $this->costOf($placements);
    }

    /**
     * @param  list<PlacementReader>  $placements
     * @return array<string, mixed>
     */
    private function costOf(array $placements): array
    {
        $economy = $this->record->childOr('economy');
        if ($economy === null) {
            return [];
        }
        $terms = EconomyReader::read($economy);
        $costs = array_values(array_filter(array_map(fn (PlacementReader $one): ?RunningCost => $one->cost($this->data, $terms), $placements)));

        return $costs === [] ? [] : ['cost' => self::money(array_reduce(array_slice($costs, 1), fn (RunningCost $all, RunningCost $one): RunningCost => $all->plus($one), $costs[0]))];
    }

    /** @return array<string, mixed> */
    private static function money(RunningCost $cost): array
    {
        return [
            'first' => (string) $cost->first, 'change' => (string) $cost->change,
            'energy_kwh' => $cost->energy, 'energy' => (string) $cost->energyCost, 'total' => (string) $cost->total, 'per_year' => (string) $cost->perYear(),
        ];
    }

    /** @return array<string, mixed> */
    private function speed(Performance $performance, UnitReader $read): array
    {
        $balance = $performance->balance;
        $known = fn (string $key, float $value): array => is_nan($value) ? [] : [$key => $value];

        return [
            'name' => $performance->speed->name,
            'pressure_pa' => $balance->pressure,
            'fan_flow_m3_s' => $balance->fanFlow,
            'filter_flow_m3_s' => $balance->filterFlow,
            'leak_flow_m3_s' => $balance->leakFlow,
            'bypass_share' => $balance->bypassShare(),
            'free_flow_share' => $performance->freeShare(),
            'restriction' => $performance->restriction()->value,
            'faces' => self::faces($performance),
            'leaks' => array_map(fn (LeakFlow $leak): array => ['kind' => $leak->leak->kind->value, 'name' => $leak->leak->name, 'area_m2' => $leak->leak->area, 'flow_m3_s' => $leak->flow], $performance->leaks),
            'clean_air_m3_s' => $performance->cleanAir->toArray() + $this->byPollutant(fn (Pollutant $pollutant): float => $performance->clean($pollutant)),
            'system_efficiency' => $this->byPollutant(fn (Pollutant $pollutant): ?float => $performance->systemEfficiency($pollutant)),
        ]
            + $known('power_w', $performance->watts)
            + (is_nan($performance->watts) ? [] : ['watts_per_clean_air_m3_s' => $this->byPollutant(fn (Pollutant $pollutant): ?float => $performance->wattsPerCleanAir($pollutant))])
            + $known('level_dba', $performance->level)
            + ['warnings' => Warnings::of($performance, $read->unit, $read->design)];
    }

    /**
     * One entry for each kind of face, in the order given.
     *
     * @return list<array<string, mixed>>
     */
    private static function faces(Performance $performance): array
    {
        $faces = [];
        foreach ($performance->faces as $face) {
            $faces[$face->kind] = [
                'count' => ($faces[$face->kind]['count'] ?? 0) + 1,
                'flow_m3_s' => $face->flow,
                'velocity_m_s' => $face->velocity,
                'within_rating' => $face->isWithinRating(),
                'efficiency' => $face->efficiency->toArray(),
            ];
        }

        return array_values($faces);
    }

    /** @return array<int, array<string, mixed>> by number of the speed */
    private function bands(UnitReader $read): array
    {
        $asked = $this->record->data()['band'] ?? false;
        if ($asked === false) {
            return [];
        }
        $asked = is_array($asked) ? $asked : [];
        $draws = is_int($asked['draws'] ?? null) ? $asked['draws'] : Uncertainty::DRAWS;
        $uncertainty = is_int($asked['seed'] ?? null)
            ? Uncertainty::of($read->unit->from, $this->data->tolerances(), $draws, $asked['seed'])
            : Uncertainty::of($read->unit->from, $this->data->tolerances(), $draws);
        $shown = fn (Band $band): array => ['low' => $band->low, 'high' => $band->high];
        $bands = [];
        foreach (array_keys($read->unit->speeds) as $number) {
            $found = $uncertainty->bands($read->unit, $number, fn (Performance $performance): array => [
                'pressure_pa' => $performance->balance->pressure,
                'filter_flow_m3_s' => $performance->balance->filterFlow,
                'bypass_share' => $performance->balance->bypassShare() ?? 0.0,
            ] + $this->byPollutant(fn (Pollutant $pollutant): float => $performance->clean($pollutant)));
            $own = array_intersect_key($found, ['pressure_pa' => 1, 'filter_flow_m3_s' => 1, 'bypass_share' => 1]);
            $bands[$number] = ['band' => ['covers' => Band::COVERS, 'draws' => $draws] + array_map($shown, $own) + ['clean_air_m3_s' => array_map($shown, array_diff_key($found, $own))]];
        }

        return $bands;
    }

    /**
     * @param  non-empty-list<Performance>  $performances
     * @return array<string, mixed>
     */
    private function cost(UnitReader $read, array $performances): array
    {
        $economy = $this->record->childOr('economy');
        if ($economy === null || $read->design === null) {
            return [];
        }
        $terms = EconomyReader::read($economy);
        $design = $read->design;

        return ['cost' => array_map(function (Performance $performance) use ($design, $read, $terms): array {
            $runs = $design->running($performance->speed->name);
            $list = ShoppingList::for($runs, $runs->assemble(), $read->count, $this->data->catalogue());
            $cost = RunningCost::of($list, $read->count * $performance->watts, $terms, FilterLife::inSmoke()->changes($performance->cleanAir, $design, $terms));

            return [
                'speed' => $performance->speed->name,
                ...self::money($cost),
                'per_clean_air_m3_s' => $this->byPollutant(fn (Pollutant $pollutant): ?float => $cost->perCleanAir($read->count * $performance->clean($pollutant))),
            ];
        }, $performances)];
    }

    /**
     * Those that apply at the loudest speed.
     *
     * @param  non-empty-list<Performance>  $performances
     * @return list<array{id: string, title: string, text: string}>
     */
    private function cautions(Design $design, ?Space $room, array $performances): array
    {
        $burns = $this->record->childOr('room')?->flagOr('fuel_burning', false) ?? false;
        $work = Work::of($design);
        $facts = Facts::of($room, $burns, $design, $design->assemble(), $performances[count($performances) - 1], Measurements::of($design), $work->tools(), $work->skills());

        return array_map(
            fn (Caution $caution): array => ['id' => $caution->id, 'title' => $caution->title, 'text' => $caution->text],
            $this->data->cautions()->for($facts),
        );
    }

    /** @return list<string> */
    private function goals(): array
    {
        return isset($this->record->data()['goals']) ? $this->record->texts('goals') : [];
    }

    /**
     * @template T of float|null
     *
     * @param  callable(Pollutant): T  $figure
     * @return array<string, T>
     */
    private function byPollutant(callable $figure): array
    {
        return RoomAnswer::byPollutant($this->pollutants, $figure);
    }
}
