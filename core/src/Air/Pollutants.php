<?php

declare(strict_types=1);

namespace Jornel\Core\Air;

/** The register of pollutants, from `data/reference/pollutants.json`. */
final readonly class Pollutants
{
    /** @param  array<string, Pollutant>  $all by id */
    private function __construct(public array $all)
    {
    }

    /** @param  list<array{id: string, name: string, within: string, weights: array{float|int, float|int, float|int}, source: string, least_grade?: int|null, capacity_factor?: float|int, at_source?: bool}>  $rows */
    public static function fromRows(array $rows): self
    {
        $all = [];
        foreach ($rows as $row) {
            $all[$row['id']] = new Pollutant($row['id'], $row['name'], $row['within'], PerBin::of($row['weights']), $row['source'], $row['least_grade'] ?? null, (float) ($row['capacity_factor'] ?? 1.0), $row['at_source'] ?? false);
        }

        return new self($all);
    }

    /** The same with one's own besides. */
    public function with(Pollutant ...$own): self
    {
        return new self([...$this->all, ...array_column($own, null, 'id')]);
    }

    /** @throws UnknownPollutant */
    public function get(string $id, string $field = 'room.pollutant'): Pollutant
    {
        return $this->all[$id] ?? throw UnknownPollutant::named($field, $id, array_keys($this->all));
    }
}
