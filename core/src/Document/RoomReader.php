<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Air\Bin;
use Jornel\Core\Air\PerBin;
use Jornel\Core\Air\Pollutant;
use Jornel\Core\Air\Pollutants;
use Jornel\Core\Data\DataFiles;
use Jornel\Core\Geometry\PlanePoint;
use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Grade;
use Jornel\Core\Part\Record;
use Jornel\Core\Plan\Outline;
use Jornel\Core\Room\Enclosure;
use Jornel\Core\Room\Reckoning;
use Jornel\Core\Room\Ventilation;

/** Reads a room: its size, its people, what moves and settles in its air. */
final readonly class RoomReader
{
    /** How far the weights of a pollutant may be from 1 in all. */
    private const ROUNDING = 1e-6;

    /** @param  array<string, Grade>  $grades */
    private function __construct(private Pollutants $pollutants, private array $grades, private DataFiles $data)
    {
    }

    public static function of(Record $document, DataFiles $data): self
    {
        return new self(self::pollutants($document, $data), $data->grades(), $data);
    }

    /** The register with the document's own pollutants. */
    public static function pollutants(Record $document, DataFiles $data): Pollutants
    {
        $own = isset($document->data()['pollutants']) ? array_map(self::own(...), $document->records('pollutants')) : [];

        return $data->pollutants()->with(...$own);
    }

    public function room(Record $room): Enclosure
    {
        $outline = isset($room->data()['outline']) ? $this->outline($room) : null;
        [$length, $width, $height] = [$room->optional('length', 0.0)?->si, $room->optional('width', 0.0)?->si, $room->optional('height', 0.0)?->si];
        $area = $room->optional('floor_area', 0.0)->si ?? $outline?->area() ?? ($length !== null && $width !== null ? $length * $width : null);
        $ceiling = $outline?->meanHeight() ?? $height;
        $volume = $room->optional('volume', 0.0)->si ?? $outline?->volume() ?? ($area !== null && $ceiling !== null ? $area * $ceiling - self::builtIns($room) : null);

        return $this->enclosure(
            $room,
            $volume === null || $volume > 0.0 ? $volume ?? $room->figure('volume', 0.0)->si : throw BadRecord::tooSmall($room->path('built_ins'), $volume, 0.0),
            $area,
            $ceiling,
        );
    }

    /** A room of which only the air matters. */
    public function enclosure(Record $room, float $volume, ?float $area = null, ?float $ceiling = null): Enclosure
    {
        $people = $room->optional('people', -1.0);
        $deposition = $room->childOr('deposition_per_hour');

        return new Enclosure(
            $volume,
            $this->pollutants->get($room->textOr('pollutant', 'cadr-smoke')),
            $area,
            $ceiling,
            $people === null ? null : (int) $people->si,
            isset($room->data()['use']) ? $this->data->occupancies()->get($room->text('use')) : null,
            $this->ventilation($room),
            $deposition === null ? null : self::bins($deposition),
            $room->optional('mixing', 0.0)?->si,
            $room->optional('outdoor', -1e-12)?->si,
            $room->optional('source', -1e-12)->si ?? 0.0,
        );
    }

    public function ventilation(Record $room): Ventilation
    {
        [$supply, $supplied] = $this->moved($room->childOr('supply'));
        [$balanced, $balancedClean] = $this->moved($room->childOr('balanced'));
        [$central, $centralClean] = $this->moved($room->childOr('central'));

        return new Ventilation(
            $room->optional('infiltration_per_hour', -1e-12)->si ?? Ventilation::ORDINARY,
            $room->optional('exhaust', -1e-12)->si ?? 0.0,
            $supply, $supplied, $balanced, $balancedClean, $central, $centralClean,
            $room->optional('penetration', -1e-12)->si ?? Ventilation::PENETRATION,
            Reckoning::from($room->textOr('reckoning', Reckoning::Quadrature->value)),
        );
    }

    /** Clean air of all units, for every bin alike or for each. */
    public static function cleanAir(Record $record): PerBin
    {
        $byBin = $record->childOr('clean_air_m3_s_by_bin');

        return $byBin === null ? PerBin::same($record->optional('clean_air', -1e-12)->si ?? 0.0) : self::bins($byBin);
    }

    public static function bins(Record $record): PerBin
    {
        return PerBin::each(fn (Bin $bin): float => $record->number($bin->value, -1e-12)->si);
    }

    private function outline(Record $room): Outline
    {
        $corners = $room->records('outline');
        $level = $room->optional('height', 0.0)?->si;

        return Outline::of(
            array_map(fn (Record $corner): PlanePoint => new PlanePoint($corner->figure('x')->si, $corner->figure('y')->si), $corners),
            array_map(fn (Record $corner): float => $corner->optional('height', 0.0)->si ?? $level ?? $corner->figure('height', 0.0)->si, $corners),
            self::builtIns($room),
        );
    }

    /** @return float m3 */
    private static function builtIns(Record $room): float
    {
        $things = isset($room->data()['built_ins']) ? $room->records('built_ins') : [];

        return array_sum(array_map(
            fn (Record $thing): float => $thing->optional('volume', 0.0)->si ?? $thing->figure('length', 0.0)->si * $thing->figure('width', 0.0)->si * $thing->figure('height', 0.0)->si,
            $things,
        ));
    }

    /** @return array{float, PerBin} flow m3/s, efficiency of its filter */
    private function moved(?Record $record): array
    {
        if ($record === null) {
            return [0.0, PerBin::same(0.0)];
        }
        $flow = $record->figure('flow', -1e-12)->si;
        if (isset($record->data()['grade'])) {
            $id = $record->text('grade');

            return [$flow, ($this->grades[$id] ?? throw BadRecord::unknownGrade($record->path('grade'), $id))->efficiency];
        }
        $efficiency = $record->childOr('efficiency');

        return [$flow, $efficiency === null ? PerBin::same(0.0) : self::bins($efficiency)];
    }

    private static function own(Record $record): Pollutant
    {
        $weights = $record->numbers('weights');
        if (count($weights) !== 3 || abs(array_sum($weights) - 1.0) > self::ROUNDING) {
            throw BadRecord::weights($record->path('weights'));
        }

        $name = $record->textOr('name', $record->text('id'));

        return new Pollutant($record->text('id'), $name, $name, PerBin::of([$weights[0], $weights[1], $weights[2]]), 'your own', null, $record->optional('capacity_factor', 0.0)->si ?? 1.0);
    }
}
