<?php

declare(strict_types=1);

namespace Jornel\Core\Room;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Record;

/** The register of uses of rooms, from `data/reference/occupancies.json`. */
final readonly class Occupancies
{
    /** @param  array<string, Occupancy>  $all by id */
    private function __construct(public array $all)
    {
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     *
     * @throws BadRecord
     */
    public static function fromRows(array $rows): self
    {
        $all = [];
        foreach ($rows as $row) {
            $record = new Record($row);
            $all[$record->text('id')] = new Occupancy($record->text('id'), $record->text('name'), $record->text('within'), $record->figure('clean_air_per_person', 0.0)->si);
        }

        return new self($all);
    }

    /** @throws InvalidRoom */
    public function get(string $id): Occupancy
    {
        return $this->all[$id] ?? throw InvalidRoom::unknownUse($id, array_keys($this->all));
    }
}
