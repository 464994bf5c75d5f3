<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Document\Schema\Form;
use Jornel\Core\Document\Schema\RoomForms;
use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Record;
use Jornel\Core\Quantity\Dimension;
use Jornel\Core\Room\AirState;
use Jornel\Core\Room\Building;
use Jornel\Core\Room\RoomAir;
use Jornel\Core\Room\Ventilation;
use Jornel\Core\Room\Zone;

/** Several rooms through time with air moving between them. */
final readonly class BuildingDocument implements Document
{
    /** A state of so many rooms is a matrix of as many rows. */
    private const MOST_ROOMS = 60;

    private const OUTDOORS = 'outdoors';

    /** @param  list<Record>  $rooms */
    private function __construct(private Record $document, private array $rooms, private Pollutant $pollutant)
    {
    }

    public static function kind(): string
    {
        return 'building';
    }

    public static function form(): Form
    {
        $room = RoomForms::withCleanAir(Form::about('A room of the building')
            ->text('name', '')
            ->quantity('volume', Dimension::Volume, '')
            ->object('deposition_per_hour', RoomForms::bins('Settling of each bin; 0.39, 0.8, 4 where not given'))
            ->number('mixing', ['exclusiveMinimum' => 0, 'maximum' => 1], '1 where not given')
            ->quantity('indoor', Dimension::Concentration, 'At the start; that of outdoors where not given', ['minimum' => 0])
            ->quantity('source', Dimension::Emission, '', ['minimum' => 0]))
            ->requires('name', 'volume')->notTogether('clean_air', 'clean_air_m3_s_by_bin');
        $flow = Form::about('Air that goes one way; as much must leave a room as enters it')
            ->text('from_room', 'A room, or outdoors')->text('to_room', 'A room, or outdoors')
            ->quantity('flow', Dimension::Flow, '', ['minimum' => 0])
            ->requires('from_room', 'to_room', 'flow');
        $state = Form::about('A state of flow')->text('name', '')->list('flows', $flow->schema(), '', 0)
            ->key('clean_air_m3_s', ['type' => 'object', 'additionalProperties' => ['type' => 'number', 'minimum' => 0]], 'By room, in place of the room’s own in this state')
            ->requires('name', 'flows');
        $interval = Form::about('An interval in a state')
            ->text('state', '')->quantity('time', Dimension::Time, '')->count('repeat', ['minimum' => 1], '1 where not given')
            ->quantity('outdoor', Dimension::Concentration, 'Of the pollutant', ['minimum' => 0])
            ->key('source_ug_s', ['type' => 'object', 'additionalProperties' => ['type' => 'number', 'minimum' => 0]], 'By room, in place of the room’s own in this interval')
            ->requires('state', 'time');

        return Form::about('Several well-mixed rooms with flows between them, constant in each interval')
            ->text('pollutant', 'cadr-smoke where not given')
            ->list('rooms', $room->schema(), '', most: self::MOST_ROOMS)
            ->list('states', $state->schema(), '')
            ->list('intervals', $interval->schema(), '')
            ->quantity('outdoor', Dimension::Concentration, 'Where an interval does not tell', ['minimum' => 0])
            ->number('penetration', ['minimum' => 0, 'maximum' => 1], '1 where not given')
            ->list('pollutants', RoomForms::pollutant(), 'Of one’s own', 0)
            ->requires('rooms', 'states', 'intervals');
    }

    public static function answer(Record $document, DataFiles $data): array
    {
        $pollutant = RoomReader::pollutants($document, $data)->get($document->textOr('pollutant', 'cadr-smoke'), 'pollutant');

        return (new self($document, $document->records('rooms'), $pollutant))->run();
    }

    /** @return array<string, mixed> */
    private function run(): array
    {
        $states = [];
        foreach ($this->document->records('states') as $state) {
            $states[$state->text('name')] = $this->state($state);
        }
        $outdoor = $this->document->optional('outdoor', -1e-12)->si ?? 0.0;
        $start = array_map(fn (Record $room): PerBin => RoomAir::split($this->pollutant, $room->optional('indoor', -1e-12)->si ?? $outdoor), $this->rooms);
        $until = [];
        $intervals = [];
        $told = $this->document->records('intervals');
        $repeats = Repeats::of($told);
        foreach ($told as $place => $interval) {
            $time = $interval->figure('time', 0.0)->si;
            $step = [
                $time,
                $states[$interval->text('state')] ?? throw BadRecord::unknownName($interval->path('state'), $interval->text('state'), array_keys($states)),
                RoomAir::split($this->pollutant, $interval->optional('outdoor', -1e-12)->si ?? $outdoor),
                $this->sources($interval),
            ];
            for ($i = 0; $i < $repeats[$place]; $i++) {
                $until[] = ($until === [] ? 0.0 : $until[count($until) - 1]) + $time;
                $intervals[] = $step;
            }
        }
        $building = new Building;
        $answers = [];
        /** @var int $number */
        foreach ($building->run($start, $intervals, $this->document->optional('penetration', -1e-12)->si ?? Ventilation::PENETRATION) as $number => $levels) {
            $answers[] = ['until_s' => $until[$number], 'ug_m3' => array_map(fn (PerBin $level): float => $level->sum(), array_combine($this->names(), $levels))];
        }

        return ['rooms' => $this->names(), 'propagators' => $building->made(), 'intervals' => $answers];
    }

    private function state(Record $state): AirState
    {
        $clean = $state->childOr('clean_air_m3_s');
        $zones = array_map(function (Record $room) use ($clean): Zone {
            $deposition = $room->childOr('deposition_per_hour');
            $name = $room->text('name');

            return Zone::of(
                $name,
                $room->figure('volume', 0.0)->si,
                $clean !== null && isset($clean->data()[$name]) ? PerBin::same($clean->number($name, -1e-12)->si) : RoomReader::cleanAir($room),
                $deposition === null ? PerBin::of(RoomAir::DEPOSITION) : RoomReader::bins($deposition),
                $room->optional('mixing', 0.0)->si ?? 1.0,
            );
        }, $this->rooms);

        return AirState::of($zones, array_map(fn (Record $flow): array => [
            $this->node($flow, 'from_room'), $this->node($flow, 'to_room'), $flow->figure('flow', -1e-12)->si,
        ], $state->records('flows')));
    }

    /** @return int|null null for outdoors */
    private function node(Record $flow, string $end): ?int
    {
        $name = $flow->text($end);
        if ($name === self::OUTDOORS) {
            return null;
        }
        $number = array_search($name, $this->names(), true);

        return is_int($number) ? $number : throw BadRecord::unknownName($flow->path($end), $name, [...$this->names(), self::OUTDOORS]);
    }

    /** @return list<PerBin> ug/s */
    private function sources(Record $interval): array
    {
        $own = $interval->childOr('source_ug_s');

        return array_map(fn (Record $room): PerBin => RoomAir::split(
            $this->pollutant,
            $own !== null && isset($own->data()[$room->text('name')]) ? $own->number($room->text('name'), -1e-12)->si : $room->optional('source', -1e-12)->si ?? 0.0,
        ), $this->rooms);
    }

    /** @return list<string> */
    private function names(): array
    {
        return array_map(fn (Record $room): string => $room->text('name'), $this->rooms);
    }
}
