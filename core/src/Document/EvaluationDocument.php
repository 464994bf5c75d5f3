<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\BinShares;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Air\Pollutants;
use Jornel\Core\Airflow\Band;
use Jornel\Core\Airflow\Explanation;
use Jornel\Core\Airflow\LeakFlow;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\Airflow\Uncertainty;
use Jornel\Core\Caution\Caution;
use Jornel\Core\Caution\Facts;
use Jornel\Core\DataFiles;
use Jornel\Core\Document\Schema\AirForm;
use Jornel\Core\Document\Schema\FindForms;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Document\Schema\RoomForms;
use Jornel\Core\Document\Schema\UnitForms;
use Jornel\Core\Kit\RunningCost;
use Jornel\Core\Kit\ShoppingList;
use Jornel\Core\Part\Record;
use Jornel\Core\Room\Space;
use Jornel\Core\Shape\Design;
use Jornel\Core\Shape\Measurements;

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
        return Form::about('A unit, the air it moves, and perhaps the room it stands in')
            ->object('air', AirForm::form())
            ->object('room', RoomForms::room()
                ->list('times_min', ['type' => 'number', 'exclusiveMinimum' => 0], 'At which the concentration is asked; 10, 30, 60, 120 where not given', 0))
            ->object('unit', UnitForms::unit())
            ->list('pollutants', RoomForms::pollutant(), 'Of one’s own', 0)
            ->list('goals', ['type' => 'string'], 'Targets besides those of the register: air-changes-7, hold-12', 0)
            ->object('economy', FindForms::economy())
            ->key('band', ['type' => ['boolean', 'object'], 'properties' => [
                'draws' => ['type' => 'integer', 'minimum' => 20, 'maximum' => 20000], 'seed' => ['type' => 'integer'],
            ], 'additionalProperties' => false], 'Whether to say where each figure lies nine times in ten')
            ->flag('explain', 'Whether to show each figure as formula, figures put in, result and where they came from')
            ->requires('unit');
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
        $read = UnitReader::read($this->record->child('unit'), $this->data, AirReader::read($this->record->childOr('air')));
        $inRoom = $room === null ? null : new RoomAnswer($this->data->targets(), $this->pollutants, $room, $roomRecord, $read->count, $this->goals());
        $bands = $this->bands($read);

        return [
            'speeds' => array_map(
                fn (Performance $performance, int $number): array => $this->speed($performance, $read, $inRoom) + ($bands[$number] ?? []),
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
    private function speed(Performance $performance, UnitReader $read, ?RoomAnswer $room): array
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
            'clean_air_m3_s' => self::bins($performance->cleanAir) + $this->byPollutant(fn (Pollutant $pollutant): float => $performance->clean($pollutant)),
            'system_efficiency' => $this->byPollutant(fn (Pollutant $pollutant): ?float => $performance->systemEfficiency($pollutant)),
        ]
            + $known('power_w', $performance->watts)
            + (is_nan($performance->watts) ? [] : ['watts_per_clean_air_m3_s' => $this->byPollutant(fn (Pollutant $pollutant): ?float => $performance->wattsPerCleanAir($pollutant))])
            + $known('level_dba', $performance->level)
            + ['warnings' => Warnings::of($performance, $read->unit)]
            + ($room === null ? [] : ['room' => $room->at($performance)])
            + ($this->record->flagOr('explain', false) ? ['explanation' => Explanation::rows($performance, $read->unit, array_values($this->pollutants->all))] : []);
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
                'efficiency' => self::bins($face->efficiency),
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
        $list = ShoppingList::for($read->design, $read->design->assemble(), $read->count, $this->data->catalogue());

        return ['cost' => array_map(function (Performance $performance) use ($list, $read, $terms): array {
            $cost = RunningCost::of($list, $read->count * $performance->watts, $terms);

            return [
                'speed' => $performance->speed->name,
                'first' => (string) $cost->first, 'change' => (string) $cost->change,
                'energy_kwh' => $cost->energy, 'energy' => (string) $cost->energyCost, 'total' => (string) $cost->total, 'per_year' => (string) $cost->perYear(),
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
        $facts = Facts::of($room, $burns, $design, $design->assemble(), $performances[count($performances) - 1], Measurements::of($design));

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

    /** @return array{e1: float, e2: float, e3: float} */
    private static function bins(BinShares $bins): array
    {
        return ['e1' => $bins->e1, 'e2' => $bins->e2, 'e3' => $bins->e3];
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
