<?php

declare(strict_types=1);

namespace Jornel\Core\Document;

use Jornel\Core\Part\BadRecord;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\Fan;
use Jornel\Core\Part\Filter;
use Jornel\Core\Part\Joining;
use Jornel\Core\Part\Overlay;
use Jornel\Core\Part\Record;

/** Reads a part of a document: one of the catalogue by its id, or one written out, alone or after one of the catalogue. */
final readonly class PartReader
{
    /** @param  array<string, array<string, mixed>>  $grades  rows by id */
    public function __construct(private Catalogue $catalogue, private array $grades)
    {
    }

    public function fan(Record $unit, string $field = 'fan'): Fan
    {
        return $this->isNamed($unit, $field)
            ? $this->catalogue->fan($unit->text($field))
            : Fan::fromData($this->entry($unit->child($field), fn (string $id): array => $this->catalogue->fan($id)->data), $unit->path($field));
    }

    public function filter(Record $unit, string $field = 'filter'): Filter
    {
        if ($this->isNamed($unit, $field)) {
            return $this->catalogue->filter($unit->text($field), $unit->path($field));
        }
        $entry = $this->entry($unit->child($field), fn (string $id): array => $this->catalogue->filter($id, $unit->path("{$field}.like"))->data);
        $grade = $entry['grade'] ?? ['id' => 'own', 'name' => 'Own grade', 'efficiency' => [0, 0, 0]];
        $entry['grade'] = $grade;
        if (is_string($grade)) {
            $entry['grade'] = $this->grades[$grade] ?? throw BadRecord::unknownGrade($unit->path("{$field}.grade"), $grade);
        }

        return Filter::fromData($entry, $unit->path($field));
    }

    public function joining(Record $unit): Joining
    {
        return $this->isNamed($unit, 'joining')
            ? $this->catalogue->joining($unit->text('joining'))
            : Joining::fromData($this->entry($unit->child('joining'), fn (string $id): array => $this->catalogue->joining($id)->data), $unit->path('joining'));
    }

    private function isNamed(Record $unit, string $field): bool
    {
        return is_string($unit->data()[$field] ?? null);
    }

    /**
     * @param  callable(string): array<string, mixed>  $named
     * @return array<string, mixed>
     */
    private function entry(Record $part, callable $named): array
    {
        $own = $part->data();
        $like = $own['like'] ?? null;
        unset($own['like']);
        $usual = ['id' => 'own', 'name' => 'Own part', 'nominal' => 'own', 'pleats_per_foot' => 12, 'packs' => []];

        return (is_string($like) ? Overlay::of($named($like), $own) : $own) + $usual;
    }
}
