<?php

declare(strict_types=1);

namespace Jornel\Core\Part;

/** Everything that can be bought, by kind and id. */
final readonly class Catalogue
{
    /**
     * @param  array<string, Fan>  $fans
     * @param  array<string, Filter>  $filters
     * @param  array<string, Joining>  $joinings
     * @param  array<string, Material>  $materials
     */
    private function __construct(public array $fans, public array $filters, public array $joinings, public array $materials) {}

    /**
     * From self-contained entries, each with its kind: of the data files, of the records, or of a version's copy.
     *
     * @param  iterable<array{kind: string, data: array<string, mixed>}>  $entries
     *
     * @throws BadRecord
     */
    public static function fromEntries(iterable $entries): self
    {
        $fans = $filters = $joinings = $materials = [];
        foreach ($entries as $entry) {
            $data = $entry['data'];
            $id = is_string($data['id'] ?? null) ? $data['id'] : '';
            match ($entry['kind']) {
                'fan' => $fans[$id] = Fan::fromData($data),
                'filter' => $filters[$id] = Filter::fromData($data),
                'joining' => $joinings[$id] = Joining::fromData($data),
                'material' => $materials[$id] = Material::fromData($data),
                default => throw BadRecord::missing('kind'),
            };
        }

        return new self($fans, $filters, $joinings, $materials);
    }

    /** @throws UnknownPart */
    public function fan(string $id): Fan
    {
        return $this->fans[$id] ?? throw UnknownPart::named('unit.fan', 'fan', $id, array_keys($this->fans));
    }

    /** @throws UnknownPart */
    public function filter(string $id): Filter
    {
        return $this->filters[$id] ?? throw UnknownPart::named('unit.filter', 'filter', $id, array_keys($this->filters));
    }

    /** @throws UnknownPart */
    public function joining(string $id): Joining
    {
        return $this->joinings[$id] ?? throw UnknownPart::named('unit.joining', 'joining', $id, array_keys($this->joinings));
    }

    /** @throws UnknownPart */
    public function material(string $id): Material
    {
        return $this->materials[$id] ?? throw UnknownPart::named('unit.material', 'material', $id, array_keys($this->materials));
    }
}
