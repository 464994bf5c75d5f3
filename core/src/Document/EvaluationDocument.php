<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\Air;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Airflow\FaceFlow;
use Jornel\Core\Airflow\Performance;
use Jornel\Core\DataFiles;
use Jornel\Core\Invalid;
use Jornel\Core\InvalidEntries;
use Jornel\Core\Part\Record;
use Jornel\Core\Room\Clearance;
use Jornel\Core\Room\Enclosure;
use Jornel\Core\Room\Room;
use Jornel\Core\Room\Space;
use Jornel\Core\Room\Target\Target;
use Jornel\Core\Shape\DesignEntry;

/**
 * The document of `jornel evaluate`: air, perhaps a room, and a unit, by shape and parts or bare; answered with figures
 * in SI units. Its form is `formats/evaluate.schema.json`.
 */
final readonly class EvaluationDocument
{
    private const SHARES = ['90' => 0.90, '99' => 0.99];

    private function __construct(private DataFiles $data, private Record $record)
    {
    }

    /**
     * @param  array<string, mixed>  $document  already of the right form
     * @return array<string, mixed>
     *
     * @throws Invalid when one value is at fault
     * @throws InvalidEntries when several are
     */
    public static function answer(array $document, DataFiles $data): array
    {
        return (new self($data, new Record($document + ['from' => 'rated'])))->evaluated();
    }

    /** @return array<string, mixed> */
    private function evaluated(): array
    {
        $room = isset($this->record->data()['room']) ? $this->room($this->record->child('room')) : null;
        $performances = $this->performances($this->record->child('unit'), $this->air());

        return [
            'speeds' => array_map(fn (Performance $performance): array => $this->speed($performance, $room), $performances),
        ] + ($room === null ? [] : ['room' => ['volume_m3' => $room->volume(), 'pollutant' => $room->pollutant()->id, 'infiltration_per_hour' => $room->infiltration()]]);
    }

    /** @return non-empty-list<Performance> */
    private function performances(Record $unit, Air $air): array
    {
        if (isset($unit->data()['bare'])) {
            return BareUnit::read($unit->child('bare'), $this->data->grades())->performances($air);
        }
        $design = DesignEntry::read($unit->data() + ['corners' => 'shroud', 'units' => 1], $this->data->catalogue())->design;

        return Performance::ofAllSpeeds($design, $design->assemble(), $air);
    }

    private function air(): Air
    {
        if (! isset($this->record->data()['air'])) {
            return Air::reference();
        }
        $air = $this->record->child('air');
        $viscosity = $air->optional('viscosity_pa_s', 0.0)->si ?? Air::REFERENCE_VISCOSITY;
        $density = $air->optional('density_kg_m3', 0.0);
        if ($density !== null) {
            return Air::of($density->si, $viscosity);
        }
        $altitude = $air->optional('altitude')->si ?? 0.0;
        $celsius = $air->optional('temperature_c')->si ?? 20.0;

        return isset($air->data()['altitude_m']) || isset($air->data()['altitude_ft']) || isset($air->data()['temperature_c'])
            ? Air::of(Air::at($altitude, $celsius + 273.15)->density, $viscosity)
            : Air::of(Air::REFERENCE_DENSITY, $viscosity);
    }

    private function room(Record $room): Space
    {
        $length = $room->optional('length', 0.0);
        $width = $room->optional('width', 0.0);
        $ceiling = $room->optional('height', 0.0)?->si;
        $area = $room->optional('floor_area', 0.0)->si ?? ($length !== null && $width !== null ? $length->si * $width->si : null);
        $volume = $room->optional('volume', 0.0)->si ?? ($area !== null && $ceiling !== null ? $area * $ceiling : null);

        return new Enclosure(
            $volume ?? $room->figure('volume', 0.0)->si,
            $area,
            $ceiling,
            isset($room->data()['people']) ? (int) $room->number('people', -1.0)->si : null,
            isset($room->data()['use']) ? $this->data->occupancies()->get($room->text('use')) : null,
            $this->data->pollutants()->get(isset($room->data()['pollutant']) ? $room->text('pollutant') : 'cadr-smoke'),
            $room->optional('infiltration_per_hour', -1e-12)->si ?? Room::ORDINARY_INFILTRATION,
        );
    }

    /** @return array<string, mixed> */
    private function speed(Performance $performance, ?Space $room): array
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
            'faces' => $this->faces($performance),
            'clean_air_m3_s' => [
                'e1' => $performance->cleanAir->e1, 'e2' => $performance->cleanAir->e2, 'e3' => $performance->cleanAir->e3,
            ] + $this->byPollutant(fn (Pollutant $pollutant): float => $performance->clean($pollutant)),
        ] + $known('power_w', $performance->speed->watts) + $known('level_dba', $performance->speed->level)
            + ($room === null ? [] : ['room' => $this->inRoom($performance, $room)]);
    }

    /**
     * One entry for each kind of face, in the order given.
     *
     * @return list<array<string, mixed>>
     */
    private function faces(Performance $performance): array
    {
        $faces = [];
        foreach ($performance->faces as $face) {
            $kind = (string) preg_replace('/-\d+$/', '', $face->id);
            $faces[$kind] ??= ['count' => 0] + $this->face($face);
            $faces[$kind]['count']++;
        }

        return array_values($faces);
    }

    /** @return array<string, mixed> */
    private function face(FaceFlow $face): array
    {
        return [
            'flow_m3_s' => $face->flow,
            'velocity_m_s' => $face->velocity,
            'within_rating' => $face->hardestVelocity <= $face->ratedVelocity,
            'efficiency' => ['e1' => $face->efficiency->e1, 'e2' => $face->efficiency->e2, 'e3' => $face->efficiency->e3],
        ];
    }

    /** @return array<string, mixed> */
    private function inRoom(Performance $performance, Space $room): array
    {
        $rates = Clearance::rates($room, $performance->cleanAir);

        return [
            'air_changes_per_hour' => $this->byPollutant(fn (Pollutant $pollutant): float => 3600.0 * $performance->clean($pollutant) / $room->volume()),
            'minutes_to_remove' => array_map(
                fn (float $share): array => $this->byPollutant(fn (Pollutant $pollutant): float => Clearance::time($pollutant, $rates, $share) / 60.0),
                self::SHARES,
            ),
            'verdicts' => array_values(array_map(fn (Target $target): array => $this->verdict($target, $performance, $room), $this->data->targets()->all)),
        ];
    }

    /** @return array<string, mixed> */
    private function verdict(Target $target, Performance $performance, Space $room): array
    {
        $asks = $target->asks($room);
        $gets = $performance->clean($target->judges($room));

        return [
            'target' => $target->id(),
            'judges' => $target->judges($room)->id,
            'asks_m3_s' => $asks,
            'gets_m3_s' => $gets,
            'reached' => $asks === null ? null : $gets >= $asks * (1.0 - 1e-9),
            'units_needed' => $asks === null ? null : max(1, (int) ceil($asks / $gets - 1e-9)),
        ];
    }

    /**
     * @param  callable(Pollutant): float  $figure
     * @return array<string, float>
     */
    private function byPollutant(callable $figure): array
    {
        $figures = [];
        foreach ($this->data->pollutants()->all as $id => $pollutant) {
            $figures[str_replace('-', '_', $id)] = $figure($pollutant);
        }

        return $figures;
    }
}
