<?php

declare(strict_types=1);

namespace Jornel\Core\Data;

use Jornel\Core\Air\Pollutants;
use Jornel\Core\Airflow\Tolerances;
use Jornel\Core\Caution\Cautions;
use Jornel\Core\Part\Catalogue;
use Jornel\Core\Part\FilterRange;
use Jornel\Core\Part\Grade;
use Jornel\Core\Part\Rating\Ratings;
use Jornel\Core\Proof\Fit\EvidenceTolerances;
use Jornel\Core\Proof\Tissue\TissueModel;
use Jornel\Core\Room\Need\Need;
use Jornel\Core\Room\Occupancies;
use Jornel\Core\Room\Target\Likelihoods;
use Jornel\Core\Room\Target\Targets;
use RuntimeException;

/** The open files under `data/`: reference tables and the parts catalogue. */
final class DataFiles
{
    /** @var array<string, array<mixed>> by name, read once */
    private array $read = [];

    public function __construct(private readonly string $directory)
    {
    }

    public function pollutants(): Pollutants
    {
        /** @var list<array{id: string, name: string, within: string, weights: array{float, float, float}, source: string, least_grade?: int|null, capacity_factor?: float|int}> $rows */
        $rows = $this->rows('reference/pollutants', 'pollutants');

        return Pollutants::fromRows($rows);
    }

    /** @return array<string, Grade> by id */
    public function grades(): array
    {
        /** @var list<array{id: string, name: string, within?: string, number?: int|null, efficiency: array{float, float, float}, hepa?: bool}> $rows */
        $rows = $this->rows('reference/grades', 'grades');
        $grades = array_map(Grade::fromRow(...), $rows);

        return array_combine(array_map(fn (Grade $grade): string => $grade->id, $grades), $grades);
    }

    /** @return array<string, array<string, mixed>> rows of the grade table by id */
    public function gradeRows(): array
    {
        /** @var array<string, array<string, mixed>> $rows */
        $rows = array_column($this->rows('reference/grades', 'grades'), null, 'id');

        return $rows;
    }

    public function ratings(): Ratings
    {
        return Ratings::fromRows($this->rows('reference/ratings', 'claims'), $this->rows('reference/ratings', 'scales'));
    }

    public function targets(): Targets
    {
        return Targets::fromRows($this->rows('reference/targets', 'targets'), $this->pollutants());
    }

    public function occupancies(): Occupancies
    {
        return Occupancies::fromRows($this->rows('reference/occupancies', 'occupancies'));
    }

    public function need(): Need
    {
        return Need::fromRows($this->rows('reference/needs', 'questions'));
    }

    public function cautions(): Cautions
    {
        return Cautions::fromRows($this->rows('reference/cautions', 'cautions'));
    }

    public function likelihoods(): Likelihoods
    {
        return Likelihoods::fromRows($this->rows('reference/chances', 'verdicts'));
    }

    public function tolerances(): Tolerances
    {
        return Tolerances::fromRows($this->rows('reference/tolerances', 'quantities'));
    }

    public function tissue(): TissueModel
    {
        /** @var array<string, mixed> $data */
        $data = $this->file('reference/tissue');

        return TissueModel::fromData($data);
    }

    public function evidenceTolerances(): EvidenceTolerances
    {
        /** @var array<string, mixed> $data */
        $data = $this->file('reference/proof');

        return EvidenceTolerances::fromData($data);
    }

    public function catalogue(): Catalogue
    {
        return Catalogue::fromEntries($this->entries());
    }

    /**
     * Every part as a self-contained entry, in the order of the files.
     *
     * @return list<array{kind: string, data: array<string, mixed>}>
     */
    public function entries(): array
    {
        /** @var array{from: string, media: list<array<string, mixed>>, sizes: list<array<string, mixed>>, others: list<array<string, mixed>>} $filters */
        $filters = $this->file('parts/filters');
        $entries = [];
        foreach ([
            'fan' => $this->parts('fans'),
            'filter' => FilterRange::entries($filters, $this->rows('reference/grades', 'grades')),
            'joining' => $this->parts('joinings'),
            'material' => $this->parts('materials'),
        ] as $kind => $parts) {
            foreach ($parts as $data) {
                $entries[] = ['kind' => $kind, 'data' => $data];
            }
        }

        return $entries;
    }

    /** @return list<array<string, mixed>> with the file's own provenance where a part has none */
    private function parts(string $kind): array
    {
        $from = $this->file("parts/{$kind}")['from'] ?? 'assumed';

        return array_map(fn (array $row): array => $row + ['from' => $from], $this->rows("parts/{$kind}", $kind));
    }

    /** @return list<array<string, mixed>> */
    private function rows(string $name, string $key): array
    {
        $rows = $this->file($name)[$key] ?? throw new RuntimeException("data/{$name}.json has no “{$key}”.");

        /** @var list<array<string, mixed>> $rows */
        return $rows;
    }

    /** @return array<mixed> */
    private function file(string $name): array
    {
        return $this->read[$name] ??= $this->decode($name);
    }

    /** @return array<mixed> */
    private function decode(string $name): array
    {
        $text = file_get_contents("{$this->directory}/{$name}.json");
        $data = json_decode((string) $text, true, 32, JSON_THROW_ON_ERROR);

        return is_array($data) ? $data : throw new RuntimeException("data/{$name}.json is not an object.");
    }
}
