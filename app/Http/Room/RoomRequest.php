<?php

namespace App\Http\Room;

use App\Actions\Evaluate;
use App\Http\Shared\StrictRequest;
use App\Models\Person;
use Jornel\Core\Quantity\System;
use Jornel\Core\Room\RoomEntry;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'RoomRequest', required: ['room', 'goal'], properties: [
    new OA\Property(property: 'room', ref: '#/components/schemas/RoomEntries'),
    new OA\Property(property: 'goal', type: 'string', example: 'air-changes-5'),
    new OA\Property(property: 'revision', type: 'integer', description: 'The one that was changed; not for a new room'),
])]
class RoomRequest extends StrictRequest
{
    /** Of corners and furnishings. */
    private const LENGTHS = ['width', 'depth', 'height'];

    public function rules(): array
    {
        return [...$this->roomRules(), ...$this->goalRules(), 'revision' => [$this->isMethod('put') ? 'required' : 'prohibited', 'integer']];
    }

    /** @return array<string, mixed> columns of a room that the core has found right */
    public function columns(Evaluate $evaluate): array
    {
        $person = $this->user();
        $system = $person instanceof Person ? $person->measure : System::Imperial;
        $ledger = $evaluate($this->room(), $this->goal(), null, $system);
        $room = $ledger->room;
        [$length, $width] = $room->plan->sides();

        return [
            'name' => $room->name,
            'use' => $room->use->id,
            'length_m' => $length, 'length_entry' => $this->entry('length', $system),
            'width_m' => $width, 'width_entry' => $this->entry('width', $system),
            'height_m' => $room->ceiling(), 'height_entry' => $this->entry('height', $system),
            'people' => $room->people,
            'pollutant' => $room->pollutant->id,
            'noise_limit_dba' => $room->noiseLimit,
            'has_fuel_burning' => $room->hasFuelBurning,
            'outdoor_ug_m3' => $room->outdoor(),
            'leakiness' => $this->string('room.leakiness')->toString() ?: 'ordinary',
            'ventilation_entry' => $this->flow('ventilation', $system),
            'central_entry' => $this->flow('central', $system),
            'central_grade' => $this->string('room.central_grade')->toString(),
            'supply_entry' => $this->flow('supply', $system),
            'supply_grade' => $this->string('room.supply_grade')->toString(),
            'exhaust_entry' => $this->flow('exhaust', $system),
            'outline' => $this->rows('outline', $system),
            'furnishings' => $this->rows('furnishings', $system),
            'changed_by' => $person instanceof Person ? $person->id : null,
            'goal' => $ledger->goal->id(),
        ];
    }

    /** @return list<array<string, mixed>>|null rows as they were drawn, lengths with their unit; null for none */
    private function rows(string $field, System $system): ?array
    {
        /** @var list<array<string, mixed>> $rows */
        $rows = $this->room()[$field] ?? [];

        return $rows === [] ? null : array_map(function (array $row) use ($system): array {
            foreach (self::LENGTHS as $side) {
                $text = $row[$side] ?? '';
                $row = [$side => is_string($text) ? RoomEntry::withUnit($text, $system) : ''] + $row;
            }

            return $row;
        }, $rows);
    }

    private function flow(string $field, System $system): string
    {
        return mb_substr(RoomEntry::flowWithUnit($this->string("room.{$field}")->toString(), $system), 0, 40);
    }

    private function entry(string $side, System $system): string
    {
        return mb_substr(RoomEntry::withUnit($this->string("room.{$side}")->toString(), $system), 0, 40);
    }
}
