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
    private function __construct(public array $fans, public array $filters, public array $joinings, public array $materials)
    {
    }

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
            match (PartKind::tryFrom($entry['kind'])) {
                PartKind::Fan => $fans[$id] = Fan::fromData($data),
                PartKind::Filter => $filters[$id] = Filter::fromData($data),
                PartKind::Joining => $joinings[$id] = Joining::fromData($data),
                PartKind::Material => $materials[$id] = Material::fromData($data),
                null => throw BadRecord::missing('kind'),
            };
        }

        return new self($fans, $filters, $joinings, $materials);
    }

    /**
     * Some of its fans, filters and joinings, with all its materials.
     *
     * @param  list<string>  $fans  ids
     * @param  list<string>  $filters  ids
     * @param  list<string>  $joinings  ids
     */
    public function only(array $fans, array $filters, array $joinings): self
    {
        return new self(
            array_intersect_key($this->fans, array_flip($fans)), array_intersect_key($this->filters, array_flip($filters)),
            array_intersect_key($this->joinings, array_flip($joinings)), $this->materials,
        );
    }

    /** @throws UnknownPart */
    public function fan(string $id): Fan
    {
        return $this->fans[$id] ?? throw UnknownPart::named('unit.fan', PartKind::Fan, $id, array_keys($this->fans));
    }

    /** @throws UnknownPart */
    public function filter(string $id, string $field = 'unit.filter'): Filter
    {
        return $this->filters[$id] ?? throw UnknownPart::named($field, PartKind::Filter, $id, array_keys($this->filters));
    }

    /** @throws UnknownPart */
    public function joining(string $id): Joining
    {
        return $this->joinings[$id] ?? throw UnknownPart::named('unit.joining', PartKind::Joining, $id, array_keys($this->joinings));
    }

    /** @throws UnknownPart */
    public function material(string $id): Material
    {
        return $this->materials[$id] ?? throw UnknownPart::named('unit.material', PartKind::Material, $id, array_keys($this->materials));
    }

    /**
     * This catalogue with the parts of another in place of its own: a version's copies before today's figures.
     */
    public function overlaidBy(self $other): self
    {
        return new self(
            [...$this->fans, ...$other->fans],
            [...$this->filters, ...$other->filters],
            [...$this->joinings, ...$other->joinings],
            [...$this->materials, ...$other->materials],
        );
    }

    /**
     * Self-contained entries of some parts, to be kept with what was computed from them.
     *
     * @param  list<string>  $ids
     * @return list<array{kind: string, data: array<string, mixed>}>
     */
    public function entries(array $ids): array
    {
        $entries = [];
        foreach (PartKind::cases() as $kind) {
            foreach ($this->all($kind) as $id => $part) {
                if (in_array((string) $id, $ids, true)) {
                    $entries[] = ['kind' => $kind->value, 'data' => $part->data];
                }
            }
        }

        return $entries;
    }

    /** @return array<string, Fan|Filter|Joining|Material> by id */
    public function all(PartKind $kind): array
    {
        return match ($kind) {
            PartKind::Fan => $this->fans,
            PartKind::Filter => $this->filters,
            PartKind::Joining => $this->joinings,
            PartKind::Material => $this->materials,
        };
    }

    /**
     * Names of the parts here for which another catalogue has other figures, or none.
     *
     * @return list<string>
     */
    public function differing(self $other): array
    {
        $names = [];
        foreach (PartKind::cases() as $kind) {
            $theirs = $other->all($kind);
            foreach ($this->all($kind) as $id => $part) {
                // Compared by value: a copy that went through a database may hold its keys in another order.
                if (! isset($theirs[$id]) || $theirs[$id]->data != $part->data) {
                    $names[] = $part->name;
                }
            }
        }

        return $names;
    }
}
